import { createContext } from 'react';

/** Asks the router itself whether another page is on its way: what is drawn learns of it later, when there is time. */
export const LeavingContext = createContext<() => boolean>(() => false);
