import { useCallback, useInsertionEffect, useRef } from 'react';

/**
 * Gives the focus back to what opened a sheet, once it is put away. The opener is noted before anything in the sheet is mounted,
 * since a field there may take the focus at once.
 */
export function useOpener(open: boolean): (event: Event) => void {
  const opener = useRef<Element>(null);
  useInsertionEffect(() => {
    if (open) opener.current = document.activeElement;
  }, [open]);
  return useCallback((event: Event) => {
    event.preventDefault();
    if (opener.current instanceof HTMLElement && opener.current.isConnected) opener.current.focus();
  }, []);
}
