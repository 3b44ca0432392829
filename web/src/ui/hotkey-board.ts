import type { Hotkeys } from './use-hotkeys.ts';

/** Which keys act on the page that is open, and whether single letters are on: what the list under `?` shows. */
export interface HotkeyBoard {
  /** Lists keys for as long as they act; returns how to take them down. */
  readonly show: (keys: Hotkeys) => () => void;
  readonly listed: () => readonly Hotkeys[];
  readonly lettersOn: () => boolean;
  readonly turnLetters: (on: boolean) => void;
  /** Calls back on every change; returns how to stop. */
  readonly watch: (changed: () => void) => () => void;
}

const KEPT = 'hotkeys-off';

function makeBoard(): HotkeyBoard {
  const shown = new Set<Hotkeys>();
  const watchers = new Set<() => void>();
  let listed: readonly Hotkeys[] = [];
  let letters = typeof window === 'undefined' || window.localStorage.getItem(KEPT) === null;
  const tell = () => {
    listed = [...shown];
    watchers.forEach((changed) => changed());
  };
  return {
    show: (keys) => {
      shown.add(keys);
      tell();
      return () => {
        shown.delete(keys);
        tell();
      };
    },
    listed: () => listed,
    lettersOn: () => letters,
    turnLetters: (on) => {
      letters = on;
      if (on) window.localStorage.removeItem(KEPT);
      else window.localStorage.setItem(KEPT, 'off');
      tell();
    },
    watch: (changed) => {
      watchers.add(changed);
      return () => watchers.delete(changed);
    },
  };
}

/** One for the page, like the keyboard itself. */
export const hotkeyBoard = makeBoard();
