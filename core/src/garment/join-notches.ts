import { alongJoin, joinNotches, type JoinSide } from './join.ts';
import type { DrawnPart } from './part.ts';

/** A pitch notch lies within these parts of its side from the underarm; one that is missing is made at the middle of them. */
const PITCH = { least: 0.25, usual: 0.4, most: 0.65 };

/** The notches of one side of an armhole, mm from the underarm: cap and armhole lie flat on each other up to the pitch. */
export interface PitchedSide {
  readonly pitch: number;
  readonly notches: readonly number[];
  /** The pitch, where the side had none. */
  readonly marks: DrawnPart['marks'];
}

/** The notches that a sleeve is set in by: those of the armhole, with one at the pitch. */
export function pitchedSide(side: JoinSide, kind: 'single' | 'double'): PitchedSide {
  const { mm } = side.length;
  const own = joinNotches(side);
  const usual = PITCH.usual * mm;
  const [found] = own
    .filter((at) => at >= PITCH.least * mm && at <= PITCH.most * mm)
    .sort((p, q) => Math.abs(p - usual) - Math.abs(q - usual));
  if (found !== undefined) return { pitch: found, notches: own, marks: [] };
  const { edge, at } = alongJoin(side, usual);
  return {
    pitch: usual,
    notches: [...own, usual].sort((p, q) => p - q),
    // Joins run against the loops of the pieces that offer them.
    marks: [{ piece: edge.piece, edge: edge.edge, at: edge.length - at, kind }],
  };
}
