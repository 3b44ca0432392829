import { useCallback, useContext, useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { LeavingContext } from './leaving-context.ts';

/**
 * Whether the page is still open when an answer comes, and no other is on its way: nobody is led on from a page that
 * they have left, or are leaving while the next one loads.
 */
export function useStillHere(): () => boolean {
  const { pathname } = useLocation();
  const isLeaving = useContext(LeavingContext);
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  // The address is the first to change: the next page is drawn when there is time.
  return useCallback(
    () => here.current && !isLeaving() && window.location.pathname === pathname,
    [isLeaving, pathname],
  );
}
