import { useEffect } from 'react';

/** Escape leaves the field that is being typed in, so that single letters act on the page again; in a sheet it puts the sheet away. */
export function useEscapeField(): void {
  useEffect(() => {
    const leave = ({ key, target }: KeyboardEvent) => {
      if (key !== 'Escape' || !(target instanceof HTMLElement)) return;
      const isField = ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
      if (isField && target.closest('[role=dialog], [role=alertdialog]') === null) target.blur();
    };
    window.addEventListener('keydown', leave);
    return () => window.removeEventListener('keydown', leave);
  }, []);
}
