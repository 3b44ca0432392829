import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Unit } from '@ample-bolt/core/units/length';
import { chalkNumber } from '@ample-bolt/core/words/mark-words';

/** The points that a curve is chalked through, each out and down, read column by column. */
export const CurveTable = ({
  mark,
  unit,
}: {
  readonly mark: Extract<Mark, { kind: 'curve' }>;
  readonly unit: Unit;
}) => {
  const rows = Math.ceil(mark.points.length / 2);
  return (
    <div className="mt-4">
      <p className="grid grid-cols-2 text-base text-chalk-soft" aria-hidden>
        <span>out · down</span>
        <span>out · down</span>
      </p>
      <ol
        className="grid grid-flow-col grid-cols-2 text-2xl font-semibold"
        style={{ gridTemplateRows: `repeat(${rows}, auto)` }}
      >
        {mark.points.map(({ x, y }, index) => (
          <li key={index} className="whitespace-nowrap">
            {chalkNumber(x, unit, 'typeset')} <span className="font-normal text-chalk-soft">·</span>{' '}
            {y < 0 ? `${chalkNumber(-y, unit, 'typeset')} up` : chalkNumber(y, unit, 'typeset')}
          </li>
        ))}
      </ol>
    </div>
  );
};
