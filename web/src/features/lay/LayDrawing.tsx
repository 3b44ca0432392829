import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import { centroidOf } from '@ample-bolt/core/geometry/ring';
import { purchaseLength } from '@ample-bolt/core/lay/buying';
import type { Cloth } from '@ample-bolt/core/lay/cloth';
import type { Lay, Placement } from '@ample-bolt/core/lay/lay';
import { mmPer, type Unit } from '@ample-bolt/core/units/length';
import { pieceName } from '@ample-bolt/core/words/names';
import { lineText, ringText } from '../../canvas/path-text.ts';
import { amountText } from '../../ui/amount.ts';
import { useSize } from '../../ui/use-size.ts';

interface LayDrawingProps {
  readonly lay: Lay;
  readonly cloth: Cloth;
  readonly unit: Unit;
  readonly selected: string | undefined;
  readonly onSelect: (key: string | undefined) => void;
}

export const placementKey = ({ piece, copy }: Placement): string => `${piece} ${copy}`;

const RULER = 26;
/** Room to the right of the cloth for what is said of its end, in pixels. */
const END = 104;
/** How far a label keeps from the fold line that would strike it out, in pixels. */
const OFF_FOLD = 16;
const fixed = { vectorEffect: 'non-scaling-stroke' as const };

/** The cloth as it lies on the table, its start to the left: the length runs right, the width down. */
export function LayDrawing({ lay, cloth, unit, selected, onSelect }: LayDrawingProps) {
  const [holder, size] = useSize<HTMLDivElement>();
  const shown = Math.max(lay.length, purchaseLength(lay.buy)) * 1.02;
  const scale = Math.min((size.width - END) / shown, (size.height - RULER) / lay.width) || 1;
  const { colour } = chalkFor(cloth.colour);
  const x = (along: number) => along * scale;
  const y = (across: number) => RULER + across * scale;
  return (
    <div ref={holder} className="size-full min-h-0 overflow-hidden">
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="group"
          aria-label="The lay on its cloth"
          onClick={() => onSelect(undefined)}
        >
          <Ruler length={shown} scale={scale} unit={unit} />
          <rect x={0} y={RULER} width={x(shown)} height={lay.width * scale} fill={cloth.colour} />
          {lay.sections.flatMap(({ doubled, fold }) =>
            fold === 'open'
              ? []
              : doubled.map(([from, to]) => (
                  <Double
                    key={from}
                    top={y(from)}
                    height={(to - from) * scale}
                    width={x(shown)}
                    colour={colour}
                    whole={fold === 'half'}
                  />
                )),
          )}
          {[lay.usable[0], lay.usable[1]].map((edge) => (
            <path
              key={edge}
              d={`M0 ${y(edge)}H${x(shown)}`}
              stroke={colour}
              strokeDasharray="2 4"
              opacity="0.6"
            />
          ))}
          <g
            transform={`translate(0 ${RULER}) scale(${scale}) matrix(0 1 1 0 0 0)`}
            stroke={colour}
            strokeLinejoin="round"
          >
            {lay.placements.map((placement) => {
              const key = placementKey(placement);
              const chosen = key === selected;
              return (
                <path
                  key={key}
                  d={ringText(placement.polygon)}
                  fill={colour}
                  fillOpacity={chosen ? 0.24 : 0.07}
                  strokeWidth={chosen ? 3 : 1.5}
                  {...fixed}
                  role="button"
                  tabIndex={0}
                  aria-pressed={chosen}
                  aria-label={`${pieceName(placement.piece)} ${placement.copy + 1}`}
                  onClick={(event) => {
                    event.stopPropagation();
                    onSelect(key);
                  }}
                  onKeyDown={(event) => event.key === 'Enter' && onSelect(key)}
                  className="cursor-pointer outline-offset-2"
                />
              );
            })}
            {lay.sections.flatMap(({ foldLines, from }) =>
              foldLines.map((fold) => (
                <path
                  key={`${from}-${fold}`}
                  d={lineText([
                    { x: fold, y: from },
                    { x: fold, y: shown },
                  ])}
                  strokeWidth="2"
                  strokeDasharray="12 7"
                  {...fixed}
                />
              )),
            )}
          </g>
          {lay.placements.map((placement) => (
            <PieceLabel key={placementKey(placement)} placement={placement} x={x} y={y} colour={colour} />
          ))}
          <CutOff
            at={x(purchaseLength(lay.buy))}
            end={x(shown)}
            top={RULER}
            height={lay.width * scale}
            amount={amountText(lay.buy.amount, lay.buy.unit)}
          />
        </svg>
      )}
    </div>
  );
}

interface DoubleProps {
  readonly top: number;
  readonly height: number;
  readonly width: number;
  readonly colour: string;
  /** All of the cloth lies double, so there is nothing to tell it from. */
  readonly whole: boolean;
}

/** Where the cloth lies double: shaded, and bounded where a single layer begins. */
const Double = ({ top, height, width, colour, whole }: DoubleProps) => (
  <g>
    <rect
      x={0}
      y={top}
      width={width}
      height={height}
      fill="var(--color-table)"
      opacity={whole ? 0.12 : 0.24}
    />
    {!whole && (
      <>
        <path d={`M0 ${top + height}H${width}`} stroke={colour} strokeWidth="1" opacity="0.8" />
        <text x={8} y={top + height - 7} fill={colour} fontSize="12">
          double, fold in the middle
        </text>
        <text x={8} y={top + height + 16} fill={colour} fontSize="12">
          single
        </text>
      </>
    )}
  </g>
);

interface PieceLabelProps {
  readonly placement: Placement;
  readonly x: (along: number) => number;
  readonly y: (across: number) => number;
  readonly colour: string;
}

/** The piece's name and its grain: an arrow that points to its hem. */
function PieceLabel({ placement, x, y, colour }: PieceLabelProps) {
  const centre = centroidOf(placement.polygon);
  const cx = x(centre.y);
  const cy = y(centre.x) - (placement.onFold ? OFF_FOLD : 0);
  const hem = placement.rotation === 0 ? '→' : '←';
  return (
    <text
      x={cx}
      y={cy + 4}
      textAnchor="middle"
      fill={colour}
      fontSize="13"
      fontWeight="600"
      pointerEvents="none"
    >
      {pieceName(placement.piece)} {hem}
    </text>
  );
}

interface CutOffProps {
  readonly at: number;
  readonly end: number;
  readonly top: number;
  readonly height: number;
  readonly amount: string;
}

/** Where the shears cross the cloth; what to buy is said beside it. */
const CutOff = ({ at, end, top, height, amount }: CutOffProps) => (
  <g>
    <path d={`M${at} ${top - 8}V${top + height + 8}`} stroke="var(--color-white)" strokeWidth="6" />
    <path d={`M${at} ${top - 8}V${top + height + 8}`} stroke="var(--color-madder)" strokeWidth="2.5" />
    <text x={end + 10} y={top + 18} fill="var(--color-walnut)" fontSize="14">
      cut off here
      <tspan x={end + 10} dy="24" fontSize="20" fontWeight="700">
        {amount}
      </tspan>
    </text>
  </g>
);

/** A tape along the length: inches with feet and yards picked out, or centimetres with decimetres. */
function Ruler({
  length,
  scale,
  unit,
}: {
  readonly length: number;
  readonly scale: number;
  readonly unit: Unit;
}) {
  const step = unit === 'in' ? 3 : 5;
  const marks = Array.from(
    { length: Math.floor(length / (mmPer(unit) * step)) + 1 },
    (_, index) => index * step,
  );
  const named = unit === 'in' ? 12 : 20;
  const name = (count: number) => (unit === 'in' && count % 36 === 0 ? `${count / 36} yd` : String(count));
  return (
    <g aria-hidden fontSize="12" fill="var(--color-walnut-2)" stroke="none">
      {marks.map((count) => {
        const at = count * mmPer(unit) * scale;
        const tall = count % named === 0;
        return (
          <g key={count}>
            <path d={`M${at + 0.5} ${RULER}v${tall ? -10 : -6}`} stroke="var(--color-walnut)" />
            {tall && (
              <text x={at + 3} y={RULER - 11}>
                {name(count)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
