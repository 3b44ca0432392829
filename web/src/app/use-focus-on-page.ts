import { useEffect, useRef, type RefObject } from 'react';
import { useLocation } from 'react-router';

/** Keys and screen readers go on at the page that was gone to, unless something on it, or what led there, has the focus already. */
export function useFocusOnPage(page: RefObject<HTMLElement | null>): void {
  const { pathname } = useLocation();
  const before = useRef(pathname);
  useEffect(() => {
    if (before.current === pathname) return;
    before.current = pathname;
    if (document.activeElement === document.body) page.current?.focus({ preventScroll: true });
  }, [pathname, page]);
}
