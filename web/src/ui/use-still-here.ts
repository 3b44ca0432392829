import { useCallback, useEffect, useRef } from 'react';
import { useLocation, useNavigation } from 'react-router';

/**
 * Whether the page is still open when an answer comes, and no other is on its way: nobody is led on from a page that
 * they have left, or are leaving while the next one loads.
 */
export function useStillHere(): () => boolean {
  const { pathname } = useLocation();
  const { state } = useNavigation();
  const leaving = useRef(false);
  useEffect(() => {
    leaving.current = state !== 'idle';
  }, [state]);
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  // The address is the first to change: the next page is drawn when there is time.
  return useCallback(
    () => here.current && !leaving.current && window.location.pathname === pathname,
    [pathname],
  );
}
