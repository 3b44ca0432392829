import { useEffect } from 'react';

/** Names the browser's tab; undefined leaves that to somebody who knows more. */
export function useTitle(title: string | undefined): void {
  useEffect(() => {
    if (title !== undefined) document.title = `${title} · Ample Bolt`;
  }, [title]);
}
