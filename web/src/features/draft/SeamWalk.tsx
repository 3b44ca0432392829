import type { Draft } from '@ample-bolt/core/drafting/draft';
import { worstInterval, type CheckedSeam } from '@ample-bolt/core/pieces/check-seams';
import { SMOOTH, walkSeam, type RunsOn, type WalkedSide } from '@ample-bolt/core/pieces/walk-seam';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { pieceName, roleName } from '@ample-bolt/core/words/names';
import { figureWords } from '@ample-bolt/core/words/findings/say';
import { Button } from '../../ui/Button.tsx';
import { useSize } from '../../ui/use-size.ts';
import { useRemedy } from '../ticket/use-remedy.ts';
import type { Truing } from './use-trued.ts';
import { idsIn } from '@ample-bolt/core/pieces/named-edge';
import type { Fullness, SeamSide } from '@ample-bolt/core/pieces/seam';

interface SeamWalkProps {
  readonly draft: Draft;
  readonly seam: CheckedSeam;
  readonly unit: Unit;
  /** The correction that would true the seam, drawn dashed on its piece. */
  readonly truing: Truing | undefined;
}

/** Heights of the drawing, in pixels: two edges as bars, with their notches between them. */
const BAR = { height: 12, first: 22, second: 50 };
const HEIGHT = 84;

/** The pieces that a side of a seam lies on, each once, with how often an edge of it is sewn. */
const piecesOf = (side: SeamSide): string =>
  [
    ...new Set(
      side.map(({ edge, times = 1 }) => `${pieceName(idsIn(edge).piece)}${times > 1 ? ` ×${times}` : ''}`),
    ),
  ].join(' and ');

/** The two edges of a seam laid out straight and walked along each other: both lengths, where pieces meet, and every notch. */
export function SeamWalk({ draft, seam, unit, truing }: SeamWalkProps) {
  const [holder, { width }] = useSize<HTMLDivElement>();
  const walked = walkSeam(
    draft.pieces.map(({ piece }) => piece),
    seam,
  );
  const scale = width / Math.max(walked.a.length, walked.b.length);
  const length = (mm: number) => formatLength(mm, unit, { denominator: 16, style: 'typeset' });
  return (
    <section
      className="shrink-0 rounded-soft border border-linen-2 bg-white px-4 py-2"
      aria-label="The seam walked"
    >
      <p className="flex flex-wrap gap-x-4 text-[13px] text-walnut-2">
        <span className="grow">{relationWords(seam, length)}</span>
        {walked.apart !== undefined && (
          <span>{walked.apart < 0.5 ? 'notches meet' : `notches ${length(walked.apart)} apart`}</span>
        )}
        {walked.runsOn.map((edge) => (
          <span key={edge.role}>{runsOnWords(edge)}</span>
        ))}
      </p>
      {truing && <TruingNote truing={truing} unit={unit} />}
      <div ref={holder}>
        {width > 0 && (
          <svg
            width={width}
            height={HEIGHT}
            role="img"
            aria-label={`${piecesOf(seam.a)} against ${piecesOf(seam.b)}`}
          >
            <Side side={walked.a} y={BAR.first} scale={scale} />
            <text x={0} y={BAR.first - 6} fontSize="13" fill="currentColor">
              {piecesOf(seam.a)} {length(seam.lengthA)}
            </text>
            <Side side={walked.b} y={BAR.second} scale={scale} />
            <text x={0} y={BAR.second + BAR.height + 16} fontSize="13" fill="currentColor">
              {piecesOf(seam.b)} {length(seam.lengthB)}
            </text>
          </svg>
        )}
      </div>
    </section>
  );
}

const Side = ({
  side,
  y,
  scale,
}: {
  readonly side: WalkedSide;
  readonly y: number;
  readonly scale: number;
}) => (
  <g>
    <rect
      x={0}
      y={y}
      width={side.length * scale}
      height={BAR.height}
      className="fill-indigo-1 stroke-indigo"
    />
    {side.joins.map((at) => (
      <line key={at} x1={at * scale} x2={at * scale} y1={y} y2={y + BAR.height} className="stroke-indigo" />
    ))}
    {side.notches.map((at) => (
      <path
        key={at}
        d={`M${at * scale - 4} ${y + BAR.height + 1}h8l-4 -${BAR.height + 2}z`}
        className="fill-walnut"
      />
    ))}
  </g>
);

/** The change that would true the seam, and the button that makes it. */
function TruingNote({ truing, unit }: { readonly truing: Truing; readonly unit: Unit }) {
  const { verb, act } = useRemedy()(truing);
  return (
    <p className="flex items-center gap-3 py-1 text-[15px]">
      <span className="grow">
        <strong>{figureWords(truing.figure)}</strong> set to{' '}
        {formatLength(truing.mm, unit, { denominator: 16, style: 'typeset' })} trues it, as dashed on its
        piece.
      </span>
      <Button look="outline" onClick={act}>
        {verb}
      </Button>
    </p>
  );
}

/** How the edge at an end of the seam goes on once it is sewn. */
const runsOnWords = ({ role, turn }: RunsOn): string =>
  turn < SMOOTH
    ? `${roleName[role]} runs on smoothly`
    : `${roleName[role]} bends ${Math.round((turn * 180) / Math.PI)}°`;

/** The relation of the two sides, in the shop's words. */
function relationWords(
  { relation, ok, difference, intervals }: CheckedSeam,
  length: (mm: number) => string,
): string {
  const where = intervals.length > 1 ? ` in stretch ${worstInterval(intervals) + 1}` : '';
  const off = ok ? '' : ` — off by ${length(Math.abs(difference))}${where}`;
  switch (relation.kind) {
    case 'equal':
      return `Edge to edge, of one length${off}`;
    case 'ease':
      return `The first is eased in by ${length(relation.mm)}${off}`;
    case 'gather':
      return `The first is gathered, ${relation.ratio} to 1${off}`;
    case 'pleats':
      return `The first is laid in ${relation.count} pleats, each ${length(relation.depth)} deep${off}`;
    case 'between-notches':
      return `From notch to notch: ${relation.fullness.map((each) => fullnessWords(each, length)).join('; ')}${off}`;
  }
}

/** The relation of one stretch between notches. */
function fullnessWords(fullness: Fullness, length: (mm: number) => string): string {
  switch (fullness.kind) {
    case 'equal':
      return 'flat';
    case 'ease':
      return `${length(fullness.mm)} eased in`;
    case 'gather':
      return `gathered ${fullness.ratio} to 1`;
    case 'pleats':
      return `${fullness.count} pleats, ${length(fullness.depth)} deep`;
  }
}
