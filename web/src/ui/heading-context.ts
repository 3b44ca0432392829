import { createContext } from 'react';

/**
 * The address that is open, or on its way: asked of the router itself, since what is drawn learns of it later, when
 * there is time.
 */
export const HeadingContext = createContext<() => string>(() => window.location.pathname);
