import { purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import { purchaseLength } from '@ample-bolt/core/lay/buy/buying';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { Ring } from '@ample-bolt/core/geometry/ring';
import { creaseLine, creasesOf, type Lay, type Placement } from '@ample-bolt/core/lay/model/lay';
import { figuresAcross } from '@ample-bolt/core/lay/fold/on-figures';
import type { Leftover } from '@ample-bolt/core/lay/buy/leftover';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { lineText, ringText } from '../../canvas/path-text.ts';
import { useSize } from '../../ui/use-size.ts';
import { CutOff, Direction, Double, LeftPiece, PanelOnCloth, Refold } from './ClothMarks.tsx';
import { ClothRuler } from './ClothRuler.tsx';
import { LayMinimap } from './LayMinimap.tsx';
import { LaidPiece, type Move, type Way } from './LaidPiece.tsx';
import { PieceLabel } from './PieceLabel.tsx';
import { useZoom } from './use-zoom.ts';
import { ZoomButtons } from './ZoomButtons.tsx';

interface LayDrawingProps {
  readonly lay: Lay;
  readonly cloth: Cloth;
  readonly unit: Unit;
  /** The largest straight piece that is left, to be pointed out. */
  readonly leftover?: Leftover | undefined;
  /** Where along the cloth the print comes again that is matched, mm. */
  readonly figures?: readonly number[];
  /** What is cut from blocks once they are fused. */
  readonly inside?: readonly Ring[];
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
/** Room below it for what is said of its direction. */
const FOOT = 24;
const fixed = { vectorEffect: 'non-scaling-stroke' as const };

/** Where across the cloth figures of its print lie, mm. */
function acrossAt(cloth: Cloth): number[] {
  const figures = figuresAcross(cloth);
  if (!figures) return [];
  const first = figures.at - figures.repeat * Math.floor(figures.at / figures.repeat);
  return Array.from(
    { length: Math.ceil((cloth.width - first) / figures.repeat) },
    (_, index) => first + index * figures.repeat,
  );
}

/** The cloth as it lies on the table, its start to the left: the length runs right, the width down. */
export function LayDrawing({
  lay,
  cloth,
  unit,
  leftover,
  figures = [],
  inside = [],
  selected,
  onSelect,
  locked = [],
  faulty = new Set(),
  onDrag,
}: LayDrawingProps) {
  const [holder, size] = useSize<HTMLDivElement>();
  const shown = Math.max(lay.length, cloth.length ?? purchaseLength(lay.buy)) * 1.02;
  // The last section's fold goes on to the end of the cloth.
  const ends = lay.sections.map((section, index) => ({
    ...section,
    end: index === lay.sections.length - 1 ? shown : section.to,
  }));
  const zoom = useZoom(holder);
  const fitting = Math.min((size.width - END) / shown, (size.height - RULER - FOOT) / lay.width) || 1;
  const scale = zoom.zoom * fitting;
  const { colour } = chalkFor(cloth.colour);
  const x = (along: number) => along * scale;
  const y = (across: number) => RULER + across * scale;
  return (
    <div className="relative size-full min-h-0">
      <div
        ref={holder}
        onScroll={zoom.onScroll}
        className={`size-full ${zoom.zoom > 1 ? 'overflow-auto' : 'overflow-hidden'}`}
      >
        {size.width > 0 && (
          <svg
            width={zoom.zoom > 1 ? x(shown) + END : size.width}
            height={zoom.zoom > 1 ? y(lay.width) + FOOT : size.height}
            className="block"
            role="group"
            aria-label="The lay on its cloth"
            onClick={() => onSelect(undefined)}
          >
            <ClothRuler length={shown} scale={scale} height={RULER} unit={unit} />
            {cloth.outline ? (
              <path
                d={ringText(cloth.outline)}
                transform={`translate(0 ${RULER}) scale(${scale}) matrix(0 1 1 0 0 0)`}
                fill={cloth.colour}
              />
            ) : (
              <rect
                x={0}
                y={RULER}
                width={x(cloth.length ?? shown)}
                height={lay.width * scale}
                fill={cloth.colour}
              />
            )}
            {ends.flatMap(({ doubled, fold, from: start, end }) =>
              fold === 'open'
                ? []
                : doubled.map(([from, to], index) => (
                    <Double
                      key={`${start} ${from}`}
                      left={x(start)}
                      top={y(from)}
                      height={(to - from) * scale}
                      width={x(end - start)}
                      said={x(shown)}
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
            {figures.map((at) => (
              <path key={at} d={`M${x(at)} ${RULER}V${y(lay.width)}`} stroke={colour} opacity="0.35" />
            ))}
            {acrossAt(cloth).map((at) => (
              <path key={at} d={`M0 ${y(at)}H${x(shown)}`} stroke={colour} opacity="0.35" />
            ))}
            {(cloth.panels ?? []).map((panel) => (
              <PanelOnCloth key={`${panel.from} ${panel.left}`} panel={panel} x={x} y={y} colour={colour} />
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
              {inside.map((ring) => (
                <path
                  key={ringText(ring)}
                  d={ringText(ring)}
                  fill="none"
                  strokeDasharray="5 4"
                  pointerEvents="none"
                  {...fixed}
                />
              ))}
              {ends.flatMap((section) =>
                creasesOf(section).map((crease) => (
                  <path
                    key={`${section.from} ${crease.axis} ${crease.at}`}
                    d={lineText(creaseLine(crease, { from: section.from, to: section.end }, lay.width))}
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
            {leftover && <LeftPiece leftover={leftover} x={x} y={y} colour={colour} />}
            <Direction at={y(lay.width)} width={x(shown)} oneWay={cloth.oneWay} />
            {lay.sections.slice(1).map(({ from, fold }) => (
              <Refold key={from} at={x(from)} top={RULER} bottom={y(lay.width)} fold={fold} colour={colour} />
            ))}
            <CutOff
              at={x(cloth.length === null ? purchaseLength(lay.buy) : lay.length)}
              end={x(shown)}
              top={RULER}
              height={lay.width * scale}
              words={cloth.length === null ? 'cut off here' : 'laid to here'}
              amount={
                cloth.length === null
                  ? purchaseWords(lay.buy, 'typeset')
                  : formatLength(lay.length, unit, { denominator: 4, style: 'typeset' })
              }
            />
          </svg>
        )}
      </div>
      <ZoomButtons zoom={zoom} />
      {zoom.zoom > 1 && (
        <LayMinimap lay={lay} length={shown} clothColour={cloth.colour} chalk={colour} zoom={zoom} />
      )}
    </div>
  );
}
