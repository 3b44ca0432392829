import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Unit } from '@ample-bolt/core/units/length';
import { chalkNumber } from '@ample-bolt/core/words/mark-words';

/** The points that a curve is chalked through, each out and down. */
export const CurveTable = ({
  mark,
  unit,
}: {
  readonly mark: Extract<Mark, { kind: 'curve' }>;
  readonly unit: Unit;
}) => (
  <table className="mt-4 border-collapse text-xl">
    <thead className="text-left text-base text-chalk-soft">
      <tr>
        <th className="pr-10 font-normal">out</th>
        <th className="font-normal">down</th>
      </tr>
    </thead>
    <tbody>
      {mark.points.map(({ x, y }, index) => (
        <tr key={index}>
          <td className="pr-10 font-semibold">{chalkNumber(x, unit, 'typeset')}</td>
          <td className="font-semibold">{chalkNumber(y, unit, 'typeset')}</td>
        </tr>
      ))}
    </tbody>
  </table>
);
