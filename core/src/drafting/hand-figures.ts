import { finding, type Finding } from '../findings/finding.ts';
import { scale, type Point } from '../geometry/point.ts';
import { countSelfCrossings } from '../geometry/ring.ts';
import { finishPiece, type DraftedPiece } from '../pieces/drafted-piece.ts';
import type { HandFigure, HandFigures } from '../pieces/hand-figure.ts';
import { stitchRing, type Piece } from '../pieces/piece.ts';
import { inches } from '../units/length.ts';
import { changed } from '../workings/working.ts';
import type { Figure } from './draft.ts';
import { movePoint } from './operations/edges/move-point.ts';

/** Reads the figures of a piece on it as it is drawn. */
export type FiguresOf = (drafted: DraftedPiece) => Figure[];

export interface HandSet {
  readonly drafted: DraftedPiece;
  readonly figures: readonly Figure[];
  readonly findings: readonly Finding[];
}

/** A hand does not move a point further than this; more is a slip of the pen, mm. */
export const FARTHEST = inches(6);
/** A figure set by hand is drawn within this, mm. */
const SET = 0.05;
/** The cut corner moves nearly as far as the stitch corner: a few rounds settle it, also where two figures share a corner. */
const ROUNDS = 12;

/** Reading of a figure on the line that a hand meant, mm. */
export const readingOf = (figure: Figure, line: HandFigure['line']): number =>
  line === 'stitch' ? figure.stitch : figure.cut;

/** By how much to move the point of a figure so that it comes to read what was set. */
function stepOf(figure: Figure, { mm, line }: HandFigure): { from: Point; by: Point } | undefined {
  if (!figure.moves) return undefined;
  const { way, at } = figure.moves;
  return { from: at, by: scale(way, mm - readingOf(figure, line)) };
}

/** Moves the points until every figure reads what was set, or says which one cannot. */
function settle(
  start: DraftedPiece,
  figuresOf: FiguresOf,
  hand: readonly (readonly [id: string, set: HandFigure])[],
): { drafted: DraftedPiece; figures: Figure[] } | undefined {
  let piece: Piece = start.piece;
  let drafted = start;
  let figures = figuresOf(start);
  for (let round = 0; round < ROUNDS; round++) {
    let worst = 0;
    for (const [id, set] of hand) {
      const figure = figures.find((candidate) => candidate.id === id);
      const step = figure && stepOf(figure, set);
      if (!figure || !step) continue;
      const miss = Math.abs(set.mm - readingOf(figure, set.line));
      worst = Math.max(worst, miss);
      if (miss <= SET) continue;
      piece = movePoint(piece, step.from, step.by);
      if (countSelfCrossings(stitchRing(piece)) > 0) return undefined;
      drafted = finishPiece(piece);
      figures = figuresOf(drafted);
    }
    if (worst <= SET) return { drafted, figures };
  }
  return undefined;
}

/** The figures of a moved piece: a set one keeps what was computed beside it, one that moved along says so. */
const told = (computed: readonly Figure[], moved: readonly Figure[], hand: HandFigures): Figure[] =>
  computed.map((figure) => {
    const now = moved.find(({ id }) => id === figure.id) ?? figure;
    const own = hand[figure.id];
    if (own && figure.moves)
      return {
        ...figure,
        mm: now.mm,
        cut: now.cut,
        stitch: now.stitch,
        moves: now.moves,
        by: 'hand',
        why: own.why,
      };
    return {
      ...now,
      computed: figure.mm,
      working: changed(figure.working, 'hand', now.mm - figure.mm),
      stitchWorking: figure.stitchWorking,
    };
  });

/**
 * A piece with the figures that were set by hand: the point that each measures is moved, with the edges that meet
 * there, and nothing else; seam checks then say what no longer fits. Ids of figures that are no point, or lie out of
 * reach, become findings and are left as computed.
 */
export function setByHand(piece: Piece, figuresOf: FiguresOf, hand: HandFigures): HandSet {
  const drafted = finishPiece(piece);
  const computed = figuresOf(drafted);
  const own = computed.flatMap((figure) => {
    const set = hand[figure.id];
    return set ? [{ figure, set }] : [];
  });
  if (own.length === 0) return { drafted, figures: computed, findings: [] };
  const refuse = (code: 'figure-not-a-point' | 'figure-unreachable', { id, mm }: Figure): Finding =>
    finding(
      code,
      { piece: piece.id, figure: id },
      { found: hand[id]?.mm ?? mm, expected: mm, remedy: { kind: 'clear-figure', figure: id } },
    );
  const fixed = own.filter(({ figure }) => !figure.moves);
  const far = own.filter(
    ({ figure, set }) => figure.moves && Math.abs(set.mm - readingOf(figure, set.line)) > FARTHEST,
  );
  const reachable = own.filter((each) => !fixed.includes(each) && !far.includes(each));
  const findings = [
    ...fixed.map(({ figure }) => refuse('figure-not-a-point', figure)),
    ...far.map(({ figure }) => refuse('figure-unreachable', figure)),
  ];
  const settled = settle(
    drafted,
    figuresOf,
    reachable.map(({ figure, set }) => [figure.id, set] as const),
  );
  if (!settled) {
    const unreached = reachable.map(({ figure }) => refuse('figure-unreachable', figure));
    return { drafted, figures: computed, findings: [...findings, ...unreached] };
  }
  const kept = Object.fromEntries(reachable.map(({ figure, set }) => [figure.id, set]));
  return { drafted: settled.drafted, figures: told(computed, settled.figures, kept), findings };
}

/** Ids set by hand that no piece has a figure for. */
export const unknownFigures = (hand: HandFigures, figures: readonly Figure[]): string[] =>
  Object.keys(hand).filter((id) => !figures.some((figure) => figure.id === id));
