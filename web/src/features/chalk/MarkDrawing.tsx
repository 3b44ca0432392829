import { chalkFor, markInHand } from '@ample-bolt/core/chalk/chalk-colour';
import { chalkOrigin } from '@ample-bolt/core/chalk/chalk-origin';
import type { ChalkManner } from '@ample-bolt/core/chalk/chalk-manner';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Point } from '@ample-bolt/core/geometry/point';
import { boxOf, type Box } from '@ample-bolt/core/geometry/ring';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { Unit } from '@ample-bolt/core/units/length';
import { chalkNumber } from '@ample-bolt/core/words/mark-words';
import { lineText, ringText } from '../../canvas/path-text.ts';
import { fitView, grown, toScreen, viewTransform, type View } from '../../canvas/view.ts';
import { useSize } from '../../ui/use-size.ts';
import { edgesOfMark } from './mark-edges.ts';

interface MarkDrawingProps {
  readonly drafted: DraftedPiece;
  readonly marks: readonly Mark[];
  readonly current: Mark | undefined;
  readonly cloth: string;
  readonly unit: Unit;
  readonly zoomed: boolean;
  readonly manner: ChalkManner;
}

/** What the upright line of a drawing is: a fold, a centre of front or back, or on a panel with neither its grain. */
function axisWords({ piece }: DraftedPiece): string {
  if (piece.cut.layers === 'fold') return 'FOLD';
  const centre = piece.edges.find(({ role }) => role === 'centre' || role === 'front' || role === 'join');
  if (!centre) return 'GRAIN';
  return piece.face === 'back' ? 'CENTRE BACK' : 'CENTRE FRONT';
}

const fixed = { vectorEffect: 'non-scaling-stroke' as const };
/** Cloth kept in sight around a mark that is zoomed to, mm. */
const AROUND = 70;

/** What the cutter sees: what is chalked already, and the mark in hand with its measures. */
export function MarkDrawing({ drafted, marks, current, cloth, unit, zoomed, manner }: MarkDrawingProps) {
  const [holder, size] = useSize<HTMLDivElement>();
  const { colour } = chalkFor(cloth);
  const now = markInHand(cloth);
  const whole = grown(boxOf([...drafted.outline, ...drafted.stitch]), 24);
  const box: Box =
    zoomed && current && current.points.length > 0 ? grown(boxOf(current.points), AROUND) : whole;
  const view = fitView(box, size, 44);
  const done = marks.filter(({ order }) => !current || order < current.order);
  const onFold = drafted.piece.cut.layers === 'fold';
  const centre = toScreen(view, { x: 0, y: 0 }).x;
  return (
    <div
      ref={holder}
      className={`h-full min-h-0 min-w-0 overflow-hidden ${current ? '' : 'max-md:hidden'}`}
      style={{ background: cloth }}
    >
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label={`${drafted.piece.name} with the mark in hand`}
        >
          <path
            d={`M${centre} 0V${size.height}`}
            stroke={colour}
            strokeWidth="1.5"
            strokeDasharray={onFold ? '14 9' : '3 6'}
          />
          <text
            transform={`translate(${centre - 14} ${size.height / 2}) rotate(-90)`}
            fill={colour}
            fontSize="16"
            textAnchor="middle"
          >
            {axisWords(drafted)}
          </text>
          <g transform={viewTransform(view)} fill="none" strokeLinecap="round" strokeLinejoin="round">
            {!current && <path d={ringText(drafted.outline)} stroke={colour} strokeWidth="2.5" {...fixed} />}
            {done.map((mark) => (
              <MarkShape
                key={mark.order}
                drafted={drafted}
                mark={mark}
                colour={colour}
                thin={mark.kind === 'level' || mark.kind === 'start-line'}
                view={view}
              />
            ))}
            {current && <MarkShape drafted={drafted} mark={current} colour={now} strong view={view} />}
          </g>
          {current && (
            <Measures
              mark={current}
              view={view}
              colour={now}
              unit={unit}
              from={chalkOrigin(drafted, manner).at}
              width={size.width}
            />
          )}
        </svg>
      )}
    </div>
  );
}

interface MarkShapeProps {
  readonly drafted: DraftedPiece;
  readonly mark: Mark;
  readonly colour: string;
  readonly thin?: boolean;
  readonly strong?: boolean;
  readonly view: View;
}

function MarkShape({ drafted, mark, colour, thin = false, strong = false, view }: MarkShapeProps) {
  const width = strong ? 5 : thin ? 1 : 2.2;
  const radius = (strong ? 8 : 4) / view.scale;
  const edges = edgesOfMark(drafted, mark);
  return (
    <g stroke={colour} fill={colour}>
      {edges.map((path) => (
        <path key={path} d={path} fill="none" strokeWidth={width} opacity={thin ? 0.6 : 1} {...fixed} />
      ))}
      {(mark.kind === 'point' ||
        mark.kind === 'notch' ||
        (strong &&
          (mark.kind === 'curve' ||
            mark.kind === 'line' ||
            mark.kind === 'slope' ||
            mark.kind === 'dart'))) &&
        mark.points.map(({ x, y }, index) => <circle key={index} cx={x} cy={y} r={radius} stroke="none" />)}
    </g>
  );
}

interface MeasuresProps {
  readonly mark: Mark;
  readonly view: View;
  readonly colour: string;
  readonly unit: Unit;
  /** Where downs and outs start. */
  readonly from: Point;
  /** The width of the drawing, px; no figure runs out of it. */
  readonly width: number;
}

/** A figure stands this far from its line, px. */
const BESIDE = 14;
/** A letter of a figure is at most this wide, px. */
const WIDEST_LETTER = 13;

/** The out and the down of the mark in hand, drawn as the tape lies. */
function Measures({ mark, view, colour, unit, from, width }: MeasuresProps) {
  if (mark.kind !== 'point' && mark.kind !== 'level') return null;
  const at: Point =
    mark.kind === 'point'
      ? (mark.points[0] ?? { x: 0, y: 0 })
      : { x: from.x + mark.out * 0.6, y: mark.points[0]?.y ?? 0 };
  const p = toScreen(view, at);
  const origin = toScreen(view, from);
  const number = (mm: number) => chalkNumber(Math.abs(mm), unit, 'typeset');
  const downX = mark.kind === 'point' ? p.x + 34 : p.x;
  const downText = `${number(mark.down)} ${mark.down < 0 ? 'up' : 'down'}`;
  const fitsAfter = downX + BESIDE + downText.length * WIDEST_LETTER <= width;
  return (
    <g stroke={colour} strokeWidth="2" fill={colour} fontSize="22" fontWeight="600">
      {mark.kind === 'point' && mark.out > 1 && (
        <>
          <path d={lineText([{ x: origin.x, y: p.y }, p])} fill="none" />
          <text x={(origin.x + p.x) / 2} y={p.y - 10} textAnchor="middle" stroke="none">
            {number(mark.out)} across
          </text>
        </>
      )}
      {Math.abs(mark.down) > 1 && (
        <>
          <path
            d={`M${downX - 8} ${origin.y}h16M${downX} ${origin.y}V${p.y}M${downX - 8} ${p.y}h16`}
            fill="none"
          />
          <text
            x={fitsAfter ? downX + BESIDE : downX - BESIDE}
            y={(origin.y + p.y) / 2 + 8}
            textAnchor={fitsAfter ? 'start' : 'end'}
            stroke="none"
          >
            {downText}
          </text>
        </>
      )}
    </g>
  );
}
