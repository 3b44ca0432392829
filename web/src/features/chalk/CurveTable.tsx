import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Unit } from '@ample-bolt/core/units/length';
import { chalkNumber, fromOrigin } from '@ample-bolt/core/words/mark-words';

/** A number with the side that it lies on, where that is not the usual one; what rounds to nothing lies on the line. */
function told(mm: number, otherSide: string, unit: Unit): string {
  const number = chalkNumber(Math.abs(mm), unit, 'typeset');
  return mm < 0 && number !== chalkNumber(0, unit, 'typeset') ? `${number} ${otherSide}` : number;
}

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
        <span>across · down</span>
        <span>across · down</span>
      </p>
      <ol
        className="grid grid-flow-col grid-cols-2 text-2xl font-semibold"
        style={{ gridTemplateRows: `repeat(${rows}, auto)` }}
      >
        {fromOrigin(mark).map(({ x, y }, index) => (
          <li key={index} className="whitespace-nowrap">
            {told(x, 'left', unit)} <span className="font-normal text-chalk-soft">·</span>{' '}
            {told(y, 'up', unit)}
          </li>
        ))}
      </ol>
    </div>
  );
};
