import type { Point } from '@ample-bolt/core/geometry/point';
import { boxOf } from '@ample-bolt/core/geometry/ring';
import { recutDrawings, type RecutDrawing } from '@ample-bolt/core/recut/recut-outline';
import { recutMarks, type RecutMark } from '@ample-bolt/core/recut/recut-marks';
import type { RecutWidth } from '@ample-bolt/core/recut/recut-widths';
import type { RecutInput } from '@ample-bolt/core/recut/recut-input';
import type { Unit } from '@ample-bolt/core/units/length';
import { levelName, recutNumber } from '@ample-bolt/core/words/recut-words';
import { lineText, ringText } from '../../canvas/path-text.ts';

/** Room around a half for its figures, mm. */
const ROOM = { left: 40, right: 190, above: 20, below: 24 };
/** Letters of a figure on the drawing, mm of the shirt. */
const LETTERS = 30;
/** A mark, mm. */
const DOT = 8;

interface HalfProps {
  readonly drawing: RecutDrawing;
  readonly marks: readonly RecutMark[];
  readonly unit: Unit;
}

/** One half: the shirt as it was, where it is sewn now and where it is cut, with the marks from the centre outwards. */
function Half({ drawing, marks, unit }: HalfProps) {
  const { face, body, old, sewn, cut } = drawing;
  const all: readonly Point[] = [...body, ...old, ...sewn, ...cut];
  const { minY, maxX, maxY } = boxOf(all);
  const fixed = { vectorEffect: 'non-scaling-stroke' } as const;
  return (
    <svg
      viewBox={`${-ROOM.left} ${minY - ROOM.above} ${maxX + ROOM.left + ROOM.right} ${maxY - minY + ROOM.above + ROOM.below}`}
      className="max-h-96 min-w-0 flex-1"
      role="img"
      aria-label={`The ${face} of the shirt on the half, the new line over the old`}
    >
      <path d={ringText([...old, ...body])} fill="var(--color-linen-1)" stroke="none" />
      <path d={lineText([...body])} fill="none" stroke="var(--color-walnut)" strokeWidth="1.4" {...fixed} />
      <path d={lineText(old)} fill="none" stroke="var(--color-walnut-2)" strokeWidth="1.4" strokeDasharray="2 4" {...fixed} />
      <path d={lineText(cut)} fill="none" stroke="var(--color-madder)" strokeWidth="1.6" strokeDasharray="9 5" {...fixed} />
      <path d={lineText(sewn)} fill="none" stroke="var(--color-indigo)" strokeWidth="3" {...fixed} />
      {marks.map(({ level, down, sewn: out, sewnFromEdge }) => (
        <g key={level}>
          <path d={`M0 ${down}L${out} ${down}`} stroke="var(--color-indigo)" strokeWidth="1" strokeDasharray="3 4" {...fixed} />
          <circle cx={out} cy={down} r={DOT} fill="var(--color-indigo)" />
          <text x={maxX + 22} y={down + LETTERS / 3} fontSize={LETTERS} fontWeight="700" fill="var(--color-walnut)">
            {recutNumber(out, unit, 'typeset')}
          </text>
          <text x={maxX + 22} y={down + LETTERS * 1.15} fontSize={LETTERS * 0.6} fill="var(--color-walnut-2)">
            {levelName[level]}
            {sewnFromEdge !== undefined && `, edge ${recutNumber(sewnFromEdge, unit, 'typeset')}`}
          </text>
        </g>
      ))}
    </svg>
  );
} // prettier-ignore

interface RecutDrawingsProps {
  readonly input: RecutInput;
  readonly widths: readonly RecutWidth[];
  readonly unit: Unit;
}

/** Back and front drawn as they lie, once two levels are known. */
export function RecutDrawings({ input, widths, unit }: RecutDrawingsProps) {
  const drawings = recutDrawings(input, widths);
  const marks = recutMarks(input, widths);
  if (drawings.length === 0)
    return (
      <p className="px-5 py-4 text-walnut-2">
        Two levels measured in front and behind, and what they are recut to: then the new line is drawn here
        over the old one.
      </p>
    );
  return (
    <>
      <div className="flex gap-2 px-3 pt-3">
        {[...drawings].reverse().map((drawing) => (
          <Half
            key={drawing.face}
            drawing={drawing}
            marks={marks.filter(({ face }) => face === drawing.face)}
            unit={unit}
          />
        ))}
      </div>
      <p className="flex flex-wrap gap-x-5 px-5 py-2 text-sm text-walnut-2">
        <span>Back, then front, from the centre out.</span>
        <span>
          <strong className="text-indigo">Full</strong>: sew here
        </span>
        <span>
          <strong className="text-madder">Dashed</strong>: cut here
        </span>
        <span>Dotted: as it was</span>
      </p>
    </>
  );
}
