import { slate, sumNamed } from '@ample-bolt/core/slate/slate';
import type { Unit } from '@ample-bolt/core/units/length';
import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { SearchField } from '../../ui/SearchField.tsx';
import { UnitSwitch } from '../../ui/UnitSwitch.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { SumForm } from './SumForm.tsx';
import { SumResult } from './SumResult.tsx';
import { useSumEntry } from './use-sum-entry.ts';

/** The sums that people do in their heads, over whatever page is open. */
export const Slate = ({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) => (
  <Dialog title="Slate" open={open} onClose={onClose} wide>
    {open && <Sums />}
  </Dialog>
);

function Sums() {
  const [kept, keepName] = useKept<string>('slate-sum');
  const [unit = 'in', keepUnit] = useKept<Unit>('slate-unit');
  const [sought, setSought] = useState('');
  const chosen = sumNamed(kept ?? '') ?? slate[0];
  if (!chosen) return null;
  const words = sought.trim().toLowerCase();
  const found = slate.filter(({ title, summary, name }) =>
    `${title} ${summary} ${name}`.toLowerCase().includes(words),
  );
  return (
    <div className="grid grid-cols-[210px_minmax(0,1fr)] gap-6 max-md:grid-cols-1">
      <div className="flex min-h-0 flex-col gap-2">
        <SearchField label="Find a sum" value={sought} onChange={setSought} className="w-full" />
        <nav
          aria-label="Sums"
          className="max-h-[56vh] overflow-auto rounded-soft border border-linen-2 bg-white py-1 max-md:max-h-40"
        >
          {found.map(({ name, title }) => (
            <button
              key={name}
              type="button"
              aria-current={name === chosen.name}
              onClick={() => keepName(() => name)}
              className="flex min-h-9 w-full items-center border-l-3 border-transparent px-3 text-left hover:bg-linen-1 aria-[current=true]:border-indigo aria-[current=true]:bg-indigo-1 aria-[current=true]:font-semibold max-md:min-h-11"
            >
              {title}
            </button>
          ))}
          {found.length === 0 && <p className="px-3 py-2 text-walnut-2">No sum is called “{sought}”.</p>}
        </nav>
      </div>
      <OneSum
        key={`${chosen.name} ${unit}`}
        name={chosen.name}
        unit={unit}
        onUnit={(next) => keepUnit(() => next)}
      />
    </div>
  );
}

interface OneSumProps {
  readonly name: string;
  readonly unit: Unit;
  readonly onUnit: (unit: Unit) => void;
}

function OneSum({ name, unit, onUnit }: OneSumProps) {
  const entry = useSumEntry(name, unit);
  const quickSum = sumNamed(name);
  if (!quickSum) return null;
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] content-start gap-x-6 gap-y-4 max-lg:grid-cols-1">
      <div className="col-span-full flex items-start gap-4">
        <div className="grow">
          <h3 className="font-head text-xl font-semibold">{quickSum.title}</h3>
          <p className="text-walnut-2">{quickSum.summary}</p>
        </div>
        <UnitSwitch unit={unit} onChange={onUnit} />
      </div>
      <div>
        <SumForm quickSum={quickSum} entry={entry} unit={unit} />
        {Object.keys(entry.typed).length > 0 && (
          <p className="mt-3">
            <Button look="quiet" onClick={entry.clear}>
              Wipe this one
            </Button>
          </p>
        )}
      </div>
      <SumResult entry={entry} />
    </div>
  );
}
