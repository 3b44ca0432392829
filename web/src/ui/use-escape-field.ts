import { useEffect } from 'react';
import { isTyping, SHEETS } from './is-typing.ts';

/** Escape leaves the field that is being typed in, so that single letters act on the page again; in a sheet it puts the sheet away. */
export function useEscapeField(): void {
  useEffect(() => {
    const leave = ({ key, target }: KeyboardEvent) => {
      if (key === 'Escape' && isTyping(target) && target.closest(SHEETS) === null) target.blur();
    };
    window.addEventListener('keydown', leave);
    return () => window.removeEventListener('keydown', leave);
  }, []);
}
