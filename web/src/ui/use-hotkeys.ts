import { useEffect, useLayoutEffect, useRef } from 'react';
import { hotkeyBoard } from './hotkey-board.ts';
import { isTyping, SHEETS } from './is-typing.ts';

/** What a key presses where it is in focus: Space any control, Enter a button or a link. */
const pressedBy: Readonly<Record<string, string>> = {
  ' ': 'button, summary, a[href], [role=button], [role=checkbox], [role=radio], [role=tab], [role=switch], [role=slider]',
  Enter: 'button:not([role=radio], [role=tab]), summary, a[href], [role=button]',
};

/** Whether a key belongs to the control in focus: what it presses there must not act on the page as well. */
const pressesFocus = ({ key, target }: KeyboardEvent): boolean => {
  const pressed = pressedBy[key];
  return pressed !== undefined && target instanceof Element && target.closest(pressed) !== null;
};

/** Inside a dialog the page's keys rest, so that a letter does not act on what lies under it. */
const inDialog = (): boolean => document.querySelector(SHEETS) !== null;

/** What a key does, in a few words for the list of keys, and the doing; left out where there is nothing to do now. */
export interface Hotkey {
  readonly does: string;
  readonly act: (() => void) | undefined;
}

/** By name as in KeyboardEvent.key; with Control or Command as `mod+z`, `mod+shift+z`. */
export type Hotkeys = Readonly<Record<string, Hotkey>>;

function nameOf(event: KeyboardEvent): string {
  const mod = event.ctrlKey || event.metaKey;
  if (!mod) return event.key;
  return `mod+${event.shiftKey ? 'shift+' : ''}${event.key.toLowerCase()}`;
}

/**
 * Keys that act anywhere on the page, but never while something is being typed. They are listed under `?`; single
 * letters can be turned off there.
 */
export function useHotkeys(keys: Hotkeys): void {
  const latest = useRef(keys);
  useEffect(() => hotkeyBoard.show(keys));
  // Before the page is painted, so that a key acts as soon as what it acts on is seen.
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.altKey || isTyping(event.target) || inDialog() || pressesFocus(event)) return;
      const name = nameOf(event);
      if (name.length === 1 && !hotkeyBoard.lettersOn()) return;
      const key = latest.current[name];
      if (!key?.act) return;
      event.preventDefault();
      key.act();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
