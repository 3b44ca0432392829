import { useSyncExternalStore } from 'react';
import { CheckBox } from '../ui/CheckBox.tsx';
import { Dialog } from '../ui/Dialog.tsx';
import { hotkeyBoard } from '../ui/hotkey-board.ts';

/** Names of keys as they stand on the keyboard. */
const keyNames: Readonly<Record<string, string>> = {
  ' ': 'Space',
  PageDown: 'Page down',
  PageUp: 'Page up',
  ArrowRight: '→',
  ArrowLeft: '←',
  'mod+z': 'Ctrl Z',
  'mod+shift+z': 'Ctrl Shift Z',
};

/** Keys that belong to what is in focus rather than to the page. */
const everywhere = [
  ['Tab', 'next field or button'],
  ['Enter', 'take what was typed and go on'],
  ['Esc', 'leave a field, or put a sheet away'],
] as const;

/** Every key that acts on the page behind it, gathered by what it does. */
function Keys() {
  const listed = useSyncExternalStore(hotkeyBoard.watch, hotkeyBoard.listed);
  const letters = useSyncExternalStore(hotkeyBoard.watch, hotkeyBoard.lettersOn);
  const byWords = new Map<string, string[]>();
  for (const keys of listed)
    for (const [key, { does }] of Object.entries(keys))
      byWords.set(does, [...(byWords.get(does) ?? []), keyNames[key] ?? key]);
  const rows = [...byWords].map(([does, keys]) => [keys, does] as const);
  return (
    <>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {[...rows, ...everywhere.map(([key, does]) => [[key], does] as const)].map(([keys, does]) => (
          <div key={does} className="col-span-2 grid grid-cols-subgrid items-baseline">
            <dt className="flex gap-1.5">
              {keys.map((key) => (
                <kbd key={key} className="rounded-[3px] border border-walnut-2 px-2 text-sm font-semibold">
                  {key}
                </kbd>
              ))}
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-5 border-t border-linen-2 pt-3">
        <CheckBox checked={letters} onChange={(on) => hotkeyBoard.turnLetters(on)}>
          Single letters act when nothing is being typed
        </CheckBox>
      </div>
    </>
  );
}

export const KeyList = ({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) => (
  <Dialog title="Keys on this page" open={open} onClose={onClose}>
    {open && <Keys />}
  </Dialog>
);
