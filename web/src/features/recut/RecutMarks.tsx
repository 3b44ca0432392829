import { recutLengths } from '@ample-bolt/core/recut/recut-lengths';
import { recutMarks } from '@ample-bolt/core/recut/recut-marks';
import type { RecutWidth } from '@ample-bolt/core/recut/recut-widths';
import type { RecutInput } from '@ample-bolt/core/recut/recut-input';
import type { Unit } from '@ample-bolt/core/units/length';
import { beyondWords, leftWords, recutMarkWords } from '@ample-bolt/core/words/recut-words';
import { Notice } from '../../ui/Notice.tsx';

interface RecutMarksProps {
  readonly input: RecutInput;
  readonly widths: readonly RecutWidth[];
  readonly unit: Unit;
}

/** What stays too wide or too tight, and the chalk marks in order. */
export function RecutMarks({ input, widths, unit }: RecutMarksProps) {
  const warnings = [
    ...widths.flatMap((width) => leftWords(width, unit) ?? []),
    ...recutLengths(input).flatMap((each) => beyondWords(each, unit) ?? []),
  ];
  return (
    <div className="flex flex-col gap-3 px-5 pb-4 max-md:px-3">
      {warnings.map((words) => (
        <Notice key={words} tone="care">
          {words}
        </Notice>
      ))}
      <ol className="flex flex-col gap-1.5" aria-label="Chalk marks">
        {recutMarks(input, widths).map((mark, index) => (
          <li key={`${mark.face} ${mark.level}`} className="grid grid-cols-[1.75rem_1fr] gap-1">
            <strong className="text-indigo">{index + 1}</strong>
            <span>{recutMarkWords(mark, unit)}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}
