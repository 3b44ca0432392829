import { useCallback, useEffect, useRef } from 'react';

/** Whether the page is still open when an answer comes: nobody is led on from a page that they have left. */
export function useStillHere(): () => boolean {
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  return useCallback(() => here.current, []);
}
