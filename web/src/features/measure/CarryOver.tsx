import { convertStart } from '@ample-bolt/core/drafting/bodice/convert-start';
import { measureName, measureOf } from '@ample-bolt/core/measures/catalogue';
import type { MeasuredFrom } from '@ample-bolt/core/measures/measure-set';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { Button } from '../../ui/Button.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import type { MeasureEntry, TypedMeasures } from './use-measure-entry.ts';

interface CarryOverProps {
  readonly to: MeasuredFrom;
  readonly entry: MeasureEntry;
  readonly onDone: () => void;
}

const startWords: { readonly [from in MeasuredFrom]: string } = {
  neckSide: 'the neck side',
  midShoulder: 'the middle of the shoulder',
};

/** Lengths were taken from the other start: as geometry carries them over, or as they are because the tape began there. */
export function CarryOver({ to, entry, onDone }: CarryOverProps) {
  const { ticket } = useTicketContext();
  const { unit, measures } = ticket;
  const { moved, kept } = convertStart(
    { from: measures.from, observations: measures.observations, values: entry.values },
    to,
    ruleSet(ticket.rules),
  );
  const shown = (mm: number) => formatNumber(mm, unit, { denominator: 16, decimals: 1, style: 'typeset' });
  const carried: TypedMeasures = Object.fromEntries(
    moved.map(({ id, after }) => [
      id,
      `${formatNumber(after, unit, { denominator: 16, decimals: 2 })} ${unit}`,
    ]),
  );
  const store = (lengths: TypedMeasures) =>
    void entry.saveConditions({ from: to }, lengths).then((stored) => stored && onDone());
  return (
    <section className="rounded-soft bg-linen-1 px-4 py-3" aria-label="Carry the lengths over">
      <p>
        These lengths were taken from {startWords[measures.from]}. From {startWords[to]} they come to about:
      </p>
      <ul className="my-2 grid grid-cols-2 gap-x-6 max-md:grid-cols-1">
        {moved.map(({ id, before, after }) => (
          <li key={id} className="flex justify-between gap-2">
            <span>{measureOf(id).names[0]}</span>
            <span className="whitespace-nowrap">
              <span className="text-walnut-2">{shown(before)} →</span> <strong>{shown(after)}</strong>
            </span>
          </li>
        ))}
      </ul>
      {kept.map(({ id, needs }) => (
        <p key={id} className="text-sm text-weld">
          {measureOf(id).names[0]} stays as it is: without {needs.map(measureName).join(' and ')} it cannot be
          carried over. Measure it again.
        </p>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        {moved.length > 0 && (
          <Button onClick={() => store(carried)}>
            Carry {moved.length} {moved.length === 1 ? 'length' : 'lengths'} over
          </Button>
        )}
        <Button look="outline" onClick={() => store({})}>
          They began there: only say so
        </Button>
        <Button look="quiet" onClick={onDone}>
          Discard changes
        </Button>
      </div>
    </section>
  );
}
