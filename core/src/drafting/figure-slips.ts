import type { Figure } from './draft.ts';
import { readingOf } from './hand-figures.ts';
import type { FigureSlip } from '../findings/figure-slip.ts';
import { finding, type Finding } from '../findings/finding.ts';
import { measureOf } from '../measures/catalogue.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { pieceOfFigure, type HandFigures } from '../pieces/hand-figure.ts';
import { leavesOf } from '../workings/working.ts';

/** An exact slip is told from a figure that was meant by this, mm: less than a tape shows. */
const EXACTLY = 0.8;
/** A smaller change than this is no slip of a sum, mm. */
const LEAST = 3;

interface Amount {
  readonly mm: number;
  readonly slip: FigureSlip;
  readonly of: string;
}

/** The amounts that a sum at the table goes wrong by on this piece: its allowances, what its darts take, and the rounds of the figure's own sum. */
function amounts({ piece }: DraftedPiece, { working }: Figure): Amount[] {
  const sewn = new Map(
    piece.edges.filter(({ allowance }) => allowance > 0).map(({ role, allowance }) => [role, allowance]),
  );
  const allowances = [...sewn].map(([role, mm]): Amount => ({ mm, slip: 'allowance', of: role }));
  const twice = [...sewn].map(([role, mm]): Amount => ({ mm: 2 * mm, slip: 'allowance-twice', of: role }));
  const intakes = piece.intakes.map(({ operation, mm }): Amount => ({ mm, slip: 'intake', of: operation }));
  const rounds = leavesOf(working).flatMap(({ leaf }): Amount[] => {
    if (leaf.kind !== 'measure' || measureOf(leaf.id).kind !== 'round') return [];
    const [name] = measureOf(leaf.id).names;
    return [
      { mm: leaf.mm / 2, slip: 'half-round', of: name.toLowerCase() },
      { mm: leaf.mm / 4, slip: 'quarter-round', of: name.toLowerCase() },
    ];
  });
  return [...allowances, ...intakes, ...rounds, ...twice];
}

/** Figures set by hand that are off what was worked out by exactly what a sum forgets, or counts twice. */
export const figureSlips = (
  figures: readonly Figure[],
  pieces: readonly DraftedPiece[],
  hand: HandFigures,
): Finding[] =>
  figures.flatMap((figure): Finding[] => {
    const set = hand[figure.id];
    if (!set) return [];
    // What a hand moved is read before it was moved; a figure that could not be set so far lies as computed.
    const computed = readingOf(figure, set.line) - (figure.mm - figure.computed);
    const off = Math.abs(set.mm - computed);
    const drafted = pieces.find(({ piece }) => piece.id === pieceOfFigure(figure.id));
    if (!drafted || off < LEAST) return [];
    const slip = amounts(drafted, figure).find(({ mm }) => Math.abs(mm - off) < EXACTLY);
    return slip
      ? [
          finding(
            'figure-slip',
            { piece: drafted.piece.id, figure: figure.id },
            {
              found: set.mm,
              expected: computed,
              slip: slip.slip,
              of: slip.of,
              remedy: { kind: 'clear-figure', figure: figure.id },
            },
          ),
        ]
      : [];
  });
