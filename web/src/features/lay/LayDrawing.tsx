import { purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import { purchaseLength } from '@ample-bolt/core/lay/buying';
import type { Cloth } from '@ample-bolt/core/lay/cloth';
import { creaseLine, creasesOf, type Lay, type Placement } from '@ample-bolt/core/lay/lay';
import type { Unit } from '@ample-bolt/core/units/length';
import { lineText } from '../../canvas/path-text.ts';
import { useSize } from '../../ui/use-size.ts';
import { ClothRuler } from './ClothRuler.tsx';
import { LaidPiece, type Move, type Way } from './LaidPiece.tsx';
import { PieceLabel } from './PieceLabel.tsx';

interface LayDrawingProps {
  readonly lay: Lay;
  readonly cloth: Cloth;
  readonly unit: Unit;
  readonly selected: string | undefined;
  readonly onSelect: (key: string | undefined) => void;
  /** Pieces that stay where they are, by their keys. */
  readonly locked?: readonly string[];
  /** Pieces that lie where they cannot be cut, as faults name them. */
  readonly faulty?: ReadonlySet<string>;
  /** A piece is dragged, or was let go: how far it is to go, and within what reach, mm, it snaps, if it does. */
  readonly onDrag?: ((key: string, way: Way, move: Move & { readonly reach: number }) => void) | undefined;
}

/** How near a side has to come to be drawn to another, in pixels. */
const SNAP = 7;

export const placementKey = ({ piece, copy }: Placement): string => `${piece} ${copy}`;

const RULER = 26;
/** Room to the right of the cloth for what is said of its end, in pixels. */
const END = 104;
const fixed = { vectorEffect: 'non-scaling-stroke' as const };

/** The cloth as it lies on the table, its start to the left: the length runs right, the width down. */
export function LayDrawing({
  lay,
  cloth,
  unit,
  selected,
  onSelect,
  locked = [],
  faulty = new Set(),
  onDrag,
}: LayDrawingProps) {
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
          <ClothRuler length={shown} scale={scale} height={RULER} unit={unit} />
          <rect x={0} y={RULER} width={x(shown)} height={lay.width * scale} fill={cloth.colour} />
          {lay.sections.flatMap(({ doubled, fold }) =>
            fold === 'open'
              ? []
              : doubled.map(([from, to], index) => (
                  <Double
                    key={from}
                    top={y(from)}
                    height={(to - from) * scale}
                    width={x(shown)}
                    colour={colour}
                    whole={fold !== 'width' && fold !== 'two'}
                    named={index === 0}
                  />
                )),
          )}
          {(cloth.flaws ?? []).map(({ from, to, left, right }) => (
            <g key={`${from} ${left}`}>
              <rect
                x={x(from)}
                y={y(left)}
                width={x(to - from)}
                height={(right - left) * scale}
                fill="var(--color-madder)"
                fillOpacity="0.55"
                stroke={colour}
                strokeDasharray="3 3"
              />
              <title>Flaw: nothing is laid here</title>
            </g>
          ))}
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
              return (
                <LaidPiece
                  key={key}
                  placement={placement}
                  colour={colour}
                  unit={unit}
                  scale={scale}
                  chosen={key === selected}
                  locked={locked.includes(key)}
                  faulty={faulty.has(`${placement.piece} ${placement.copy + 1}`)}
                  onSelect={() => onSelect(key)}
                  onDrag={onDrag && ((way, move) => onDrag(key, way, { ...move, reach: SNAP / scale }))}
                />
              );
            })}
            {lay.sections.flatMap((section) =>
              creasesOf(section).map((crease) => (
                <path
                  key={`${section.from} ${crease.axis} ${crease.at}`}
                  d={lineText(creaseLine(crease, { from: section.from, to: shown }, lay.width))}
                  strokeWidth="2"
                  strokeDasharray="12 7"
                  pointerEvents="none"
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
            amount={purchaseWords(lay.buy, 'typeset')}
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
  /** Said at its end; once is enough where both sides are folded in. */
  readonly named: boolean;
}

/** Room under the words on the cut end, in pixels. */
const BELOW_CUT_OFF = 72;

/** Where the cloth lies double: shaded, bounded where a single layer begins, and said at its end. */
const Double = ({ top, height, width, colour, whole, named }: DoubleProps) => (
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
        <text
          visibility={named ? undefined : 'hidden'}
          y={Math.max(top + BELOW_CUT_OFF, top + height - 22)}
          fill="var(--color-walnut-2)"
          fontSize="13"
        >
          <tspan x={width + 10}>double, fold in</tspan>
          <tspan x={width + 10} dy="16">
            the middle
          </tspan>
          <tspan x={width + 10} dy="28">
            single
          </tspan>
        </text>
      </>
    )}
  </g>
);

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
