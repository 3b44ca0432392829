import type { Panel } from '@ample-bolt/core/lay/model/cloth';
import type { Fold } from '@ample-bolt/core/lay/model/lay';
import type { Leftover } from '@ample-bolt/core/lay/buy/leftover';
import { foldName } from '@ample-bolt/core/words/names';

/** Where marks come on the screen, and in which chalk. */
interface OnScreen {
  readonly x: (along: number) => number;
  readonly y: (across: number) => number;
  readonly colour: string;
}

interface DoubleProps {
  readonly left: number;
  /** Where it is said, at the end of the cloth, in pixels. */
  readonly said: number;
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
export const Double = ({ left, top, height, width, said, colour, whole, named }: DoubleProps) => (
  <g>
    <rect
      x={left}
      y={top}
      width={width}
      height={height}
      fill="var(--color-table)"
      opacity={whole ? 0.12 : 0.24}
    />
    {!whole && (
      <>
        <path d={`M${left} ${top + height}h${width}`} stroke={colour} strokeWidth="1" opacity="0.8" />
        <text
          visibility={named ? undefined : 'hidden'}
          y={Math.max(top + BELOW_CUT_OFF, top + height - 22)}
          fill="var(--color-walnut-2)"
          fontSize="13"
        >
          <tspan x={said + 10}>double, fold in</tspan>
          <tspan x={said + 10} dy="16">
            the middle
          </tspan>
          <tspan x={said + 10} dy="28">
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
  readonly words: string;
  readonly amount: string;
}

/** Where the shears cross the cloth; what to buy is said beside it. */
export const CutOff = ({ at, end, top, height, words, amount }: CutOffProps) => (
  <g>
    <path d={`M${at} ${top - 8}V${top + height + 8}`} stroke="var(--color-white)" strokeWidth="6" />
    <path d={`M${at} ${top - 8}V${top + height + 8}`} stroke="var(--color-madder)" strokeWidth="2.5" />
    <text x={end + 10} y={top + 18} fill="var(--color-walnut)" fontSize="14">
      {words}
      <tspan x={end + 10} dy="24" fontSize="20" fontWeight="700">
        {amount}
      </tspan>
    </text>
  </g>
);

/** A worked motif, with the middle that its piece's middle lies on. */
export const PanelOnCloth = ({
  panel: { from, to, left, right },
  x,
  y,
  colour,
}: OnScreen & { readonly panel: Panel }) => (
  <g stroke={colour} fill="none">
    <rect
      x={x(from)}
      y={y(left)}
      width={x(to) - x(from)}
      height={y(right) - y(left)}
      fill={colour}
      fillOpacity="0.12"
    />
    <path d={`M${x(from)} ${y((left + right) / 2)}H${x(to)}`} strokeDasharray="10 4 2 4" />
    <title>Panel with a worked motif</title>
  </g>
);

/** The largest straight piece that is left, drawn where it can be cut off. */
export const LeftPiece = ({
  leftover: { from, to, left, right },
  x,
  y,
  colour,
}: OnScreen & { readonly leftover: Leftover }) => (
  <g pointerEvents="none">
    <rect
      x={x(from) + 2}
      y={y(left) + 2}
      width={Math.max(0, x(to) - x(from) - 4)}
      height={Math.max(0, y(right) - y(left) - 4)}
      fill={colour}
      fillOpacity="0.1"
      stroke={colour}
      strokeOpacity="0.7"
      strokeDasharray="1 5"
      strokeLinecap="round"
      strokeWidth="2"
    />
    <title>Left over in one piece</title>
  </g>
);

interface DirectionProps {
  /** The lower edge of the cloth and its width on the screen, in pixels. */
  readonly at: number;
  readonly width: number;
  readonly oneWay: boolean;
}

/** Which way the grain runs, and, on cloth that has a top, which way its pile or print points. */
export const Direction = ({ at, width, oneWay }: DirectionProps) => (
  <g fill="var(--color-walnut-2)" fontSize="13" aria-hidden>
    <path
      d={`M4 ${at + 12}H${width - 4}M${width - 12} ${at + 7}l8 5l-8 5${oneWay ? '' : `M12 ${at + 7}l-8 5l8 5`}`}
      fill="none"
      stroke="currentColor"
      className="text-walnut-2"
    />
    <text
      x={Math.min(60, width / 2)}
      y={at + 16.5}
      stroke="var(--color-linen-1)"
      strokeWidth="8"
      paintOrder="stroke"
    >
      {oneWay ? 'grain, and the way of the nap' : 'grain'}
    </text>
  </g>
);

interface RefoldProps {
  readonly at: number;
  readonly top: number;
  readonly bottom: number;
  readonly fold: Fold;
  readonly colour: string;
}

/** Where the cloth is folded again, and how it lies from there. */
export const Refold = ({ at, top, bottom, fold, colour }: RefoldProps) => (
  <g pointerEvents="none">
    <path d={`M${at} ${top}V${bottom}`} stroke={colour} strokeWidth="2" strokeDasharray="3 3" />
    <text
      x={at + 6}
      y={top + 14}
      fontSize="12"
      fontWeight="600"
      fill="var(--color-walnut)"
      stroke="var(--color-white)"
      strokeWidth="4"
      paintOrder="stroke"
    >
      fold again: {foldName[fold].split(',')[0]}
    </text>
  </g>
);
