import { endOf, startOf } from '../geometry/curve.ts';
import { finding, type Finding } from '../findings/finding.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { pieceOfFigure, type HandFigures } from '../pieces/hand-figure.ts';
import { edgesWithRole, type Piece } from '../pieces/piece.ts';
import type { Figure } from './draft.ts';

/** Figures of a pair are alike, and one is changed against the other, by more than this, mm. */
const ALIKE = 1;
/** The ends of a hem are moved alike within this, mm: an eighth of an inch. */
const LEVEL = 3.2;

const nameOf = (figure: string): string => figure.slice(pieceOfFigure(figure).length + 1);

/** The piece on the other face of the body that a piece goes with. */
const partnerOf = ({ role, part, panel, face }: Piece, drafted: readonly DraftedPiece[]): Piece | undefined =>
  face &&
  drafted.find(
    ({ piece }) =>
      piece.role === role &&
      piece.part === part &&
      piece.panel === panel &&
      piece.face !== undefined &&
      piece.face !== face,
  )?.piece;

/** Figures set by hand on one of a front and a back that had them alike, and left as they were on the other. */
export const pairsChangedAlone = (
  figures: readonly Figure[],
  drafted: readonly DraftedPiece[],
  hand: HandFigures,
): Finding[] =>
  figures.flatMap((figure): Finding[] => {
    const piece = drafted.find(({ piece: { id } }) => id === pieceOfFigure(figure.id))?.piece;
    const partner = piece && hand[figure.id] && partnerOf(piece, drafted);
    const other = partner && figures.find(({ id }) => id === `${partner.id}/${nameOf(figure.id)}`);
    if (!piece || !other || Math.abs(figure.computed - other.computed) > ALIKE) return [];
    if (Math.abs(figure.mm - other.mm) <= ALIKE + Math.abs(figure.computed - other.computed)) return [];
    return [
      finding(
        'pair-changed-alone',
        { piece: piece.id, figure: figure.id, subject: other.id },
        {
          found: figure.mm,
          expected: other.mm,
          remedy: { kind: 'clear-figure', figure: figure.id },
          orElse: { kind: 'set-figure', figure: other.id, mm: figure.mm },
        },
      ),
    ];
  });

/** Depths of the two ends of a piece's hem, mm. */
function hemEnds(piece: Piece): readonly [number, number] | undefined {
  const hems = edgesWithRole(piece, 'hem');
  const [first, last] = [hems[0], hems.at(-1)];
  return first && last && [startOf(first.path).y, endOf(last.path).y];
}

/** Hems of which a hand moved one end and not the other: they were drawn to hang level, or to their shape, and no longer do. */
export const hemsNotLevel = (
  before: readonly Piece[],
  drafted: readonly DraftedPiece[],
  hand: HandFigures,
): Finding[] =>
  drafted.flatMap(({ piece }): Finding[] => {
    const figure = Object.keys(hand).findLast((id) => pieceOfFigure(id) === piece.id);
    const drawn = before.find(({ id }) => id === piece.id);
    const [was, is] = [drawn && hemEnds(drawn), hemEnds(piece)];
    if (figure === undefined || !was || !is) return [];
    const [outer, inner] = [is[0] - was[0], is[1] - was[1]];
    if (Math.abs(outer - inner) <= LEVEL) return [];
    return [
      finding(
        'hem-not-level',
        { piece: piece.id, figure },
        { found: Math.abs(outer - inner), remedy: { kind: 'clear-figure', figure } },
      ),
    ];
  });
