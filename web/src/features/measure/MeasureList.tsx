import { measuresUsed } from '@ample-bolt/core/shop/ticket';
import { measureOf, measuresCalled, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { sequenceIds, sequenceNames, type SequenceId } from '@ample-bolt/core/measures/sequences';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { useState } from 'react';
import { SearchField } from '../../ui/SearchField.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { asAsked, type AskedMeasure } from './measures-asked.ts';
import type { Measuring } from './use-measuring.ts';
import { WorkedOutList } from './WorkedOutList.tsx';
import { boxClass } from '../../ui/Field.tsx';

interface MeasureListProps {
  readonly measuring: Measuring;
  readonly onChoose: (id: MeasureId) => void;
}

/** The set in taking order, with what is still open; which set it is; and any other measure by its name. */
export function MeasureList({ measuring, onChoose }: MeasureListProps) {
  const { ticket } = useTicketContext();
  const [sought, seek] = useState('');
  const looking = sought.trim() !== '';
  const shown = looking ? asAsked(measuresCalled(sought), measuresUsed(ticket)) : measuring.asked;
  const choose = (id: MeasureId) => {
    seek('');
    onChoose(id);
  };
  return (
    <nav
      aria-label="Measures"
      className="flex min-h-0 flex-col rounded-soft border border-linen-2 bg-white max-md:max-h-[50vh]"
    >
      <div className="flex gap-2 border-b border-linen-2 p-2">
        <select
          aria-label="Which measures"
          value={measuring.sequence}
          onChange={(event) => measuring.changeSequence(event.target.value as SequenceId)}
          className={`${boxClass} w-3/5 font-semibold`}
        >
          {sequenceIds.map((id) => (
            <option key={id} value={id}>
              {sequenceNames[id]}
            </option>
          ))}
        </select>
        <SearchField
          label="Find a measure by any name"
          hint="Find"
          value={sought}
          onChange={seek}
          className="w-2/5 min-w-0"
        />
      </div>
      <div className="min-h-0 grow overflow-auto pb-2" tabIndex={-1}>
        {shown.length === 0 && <p className="p-4 text-walnut-2">No measure is called “{sought.trim()}”.</p>}
        <Groups shown={shown} measuring={measuring} unit={ticket.unit} onChoose={choose} />
        {!looking && <WorkedOutList measuring={measuring} />}
      </div>
    </nav>
  );
}

interface GroupsProps extends MeasureListProps {
  readonly shown: readonly AskedMeasure[];
  readonly unit: Unit;
}

function Groups({ shown, measuring, unit, onChoose }: GroupsProps) {
  const { entry, current } = measuring;
  const groups = [...new Set(shown.map(({ group }) => group))];
  return groups.map((group) => (
    <section key={group} className="border-t border-linen-2 py-2 first:border-t-0">
      <h2 className="px-4 pb-1 font-text text-[13px] font-semibold tracking-normal text-walnut-2">{group}</h2>
      <ul>
        {shown
          .filter((measure) => measure.group === group)
          .map(({ id, need }) => (
            <li key={id}>
              <button
                type="button"
                aria-current={id === current}
                onClick={() => onChoose(id)}
                className="flex min-h-8 w-full items-center gap-2 border-l-3 border-transparent px-4 text-left hover:bg-linen-1 aria-[current=true]:border-indigo aria-[current=true]:bg-indigo-1 aria-[current=true]:font-semibold max-md:min-h-11"
              >
                <span className="grow truncate">{measureOf(id).names[0]}</span>
                <MeasureValue
                  mm={entry.values[id]}
                  unit={unit}
                  need={need}
                  faulty={entry.faultOf(id) !== undefined}
                />
              </button>
            </li>
          ))}
      </ul>
    </section>
  ));
}

const leftOut: { readonly [need in AskedMeasure['need']]: string } = {
  required: 'to take',
  derived: 'worked out',
  check: 'optional',
  more: 'not used',
};

function MeasureValue({
  mm,
  unit,
  need,
  faulty,
}: {
  readonly mm: number | undefined;
  readonly unit: Unit;
  readonly need: AskedMeasure['need'];
  readonly faulty: boolean;
}) {
  if (faulty) return <span className="text-sm font-semibold text-madder">look again</span>;
  if (mm !== undefined)
    return (
      <span className="font-semibold">{formatNumber(mm, unit, { denominator: 16, style: 'typeset' })}</span>
    );
  return (
    <span className={`text-sm ${need === 'required' ? 'text-weld' : 'text-walnut-2'}`}>{leftOut[need]}</span>
  );
}
