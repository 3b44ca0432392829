import { idsIn } from '../pieces/named-edge.ts';
import type { Truing } from '../checks/seam-findings.ts';
import { checkSeams, worstInterval, type CheckedSeam } from '../pieces/check-seams.ts';
import { seamEdges } from '../pieces/seam.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { edgesThrough, type Piece } from '../pieces/piece.ts';
import type { Figure } from './draft.ts';
import { FARTHEST, readingOf, setByHand, type FiguresOf } from './hand-figures.ts';
import type { HandFigure, HandFigures } from '../pieces/hand-figure.ts';
import { pieceOfFigure } from '../pieces/hand-figure.ts';

/** A garment as it was drawn, with what hands have set on it. */
export interface SetGarment {
  /** As they were drafted, before any hand. */
  readonly pieces: readonly Piece[];
  readonly figuresOf: FiguresOf;
  readonly hand: HandFigures;
  /** The line that the shop works by. */
  readonly line: HandFigure['line'];
  /** Number of seams and rounds that are off with such pieces. */
  readonly faults: (pieces: readonly DraftedPiece[]) => number;
}

/** A figure that moves a seam's length by less than this part of its own move does not true it in good shape. */
const LEAST_PULL = 0.3;
/** A trued seam is off by no more than this, mm. */
const TRUE = 0.05;
/** Trial move of a figure, to learn its effect on the seam, mm. */
const TRIAL = 1;

/** Secant steps: edges are nearly straight for so small a move, and two or three do. */
const STEPS = 6;

/** The value of a figure that closes the seam, found by secants from its present one; undefined where it hardly pulls or leads too far. */
function settle(off: (mm: number) => number, mm: number, difference: number): number | undefined {
  const pull = (off(mm + TRIAL) - difference) / TRIAL;
  if (Math.abs(pull) < LEAST_PULL) return undefined;
  let [before, rest] = [mm, difference];
  let slope = pull;
  for (let step = 0; step < STEPS; step++) {
    const next = before - rest / slope;
    if (Math.abs(next - mm) > FARTHEST) return undefined;
    const left = off(next);
    if (Math.abs(left) <= TRUE) return next;
    slope = (left - rest) / (next - before);
    if (Math.abs(slope) < LEAST_PULL) return undefined;
    [before, rest] = [next, left];
  }
  return undefined;
}

const sideEdges = (seam: CheckedSeam, piece: string): string[] =>
  seamEdges(seam).flatMap((reference) => {
    const ids = idsIn(reference);
    return ids.piece === piece ? [ids.edge] : [];
  });

/** Test of a piece of which a hand set any figure. */
const isSet = (piece: Piece, hand: HandFigures): boolean =>
  Object.keys(hand).some((id) => pieceOfFigure(id) === piece.id);

/** The figures of a piece whose point lies on the seam and that no hand has set. */
const movable = (drafted: DraftedPiece, seam: CheckedSeam, { figuresOf, hand }: SetGarment): Figure[] => {
  const edges = sideEdges(seam, drafted.piece.id);
  return figuresOf(drafted).filter(
    ({ id, moves }) =>
      moves && !hand[id] && edgesThrough(drafted.piece, moves.at).some((edge) => edges.includes(edge.id)),
  );
};

/** By how much the sides of one stretch of a seam differ on pieces as they now are, mm. */
function differenceOf(seam: CheckedSeam, stretch: number, drafted: readonly DraftedPiece[]): number {
  const pieces = drafted.map(({ piece }) => piece);
  const [checked] = checkSeams(pieces, [seam]);
  return checked?.intervals[stretch]?.difference ?? 0;
}

/**
 * Finds the correction that trues the stretch of a seam that misses most: the figure of the piece beside it, its partner first, whose point moved the least
 * makes both sides what they owe each other, with the fewest other seams and rounds off. Undefined where no figure does.
 */
export function trueSeam(
  seam: CheckedSeam,
  drafted: readonly DraftedPiece[],
  garment: SetGarment,
): Truing | undefined {
  const { pieces, figuresOf, hand, line } = garment;
  const worst = worstInterval(seam.intervals);
  const beside = pieces.filter(({ id }) => sideEdges(seam, id).length > 0);
  const partners = beside.filter((piece) => !isSet(piece, hand));
  const ways = (partners.length > 0 ? partners : beside).flatMap((piece) => {
    const now = drafted.find((each) => each.piece.id === piece.id);
    if (!now) return [];
    const withFigure = (id: string, mm: number): readonly DraftedPiece[] => {
      const moved = setByHand(piece, figuresOf, {
        ...hand,
        [id]: { mm, why: '', ...(line && { line }) },
      }).drafted;
      return drafted.map((each) => (each === now ? moved : each));
    };
    const off = (id: string, mm: number): number => differenceOf(seam, worst, withFigure(id, mm));
    return movable(now, seam, garment).flatMap((figure) => {
      const { id } = figure;
      const mm = readingOf(figure, line);
      const to = settle((at) => off(id, at), mm, seam.difference);
      return to === undefined
        ? []
        : [{ figure: id, mm: to, by: Math.abs(to - mm), faults: garment.faults(withFigure(id, to)) }];
    });
  });
  const [best] = ways.sort((p, q) => p.faults - q.faults || p.by - q.by);
  return best && { figure: best.figure, mm: best.mm };
}
