import { act } from '@testing-library/react';

/** Does something, and lets what waits for it go on. */
export const acted = (does: () => void): Promise<void> =>
  act(() => {
    does();
    return Promise.resolve();
  });
