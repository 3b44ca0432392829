import { useCallback, useContext, useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { HeadingContext } from './heading-context.ts';

/**
 * Whether the page is still open when an answer comes, and no other is on its way: nobody is led on from a page that
 * they have left, or are leaving.
 */
export function useStillHere(): () => boolean {
  const { pathname } = useLocation();
  const heading = useContext(HeadingContext);
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  return useCallback(() => here.current && heading() === pathname, [heading, pathname]);
}
