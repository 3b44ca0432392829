import { copiedId, copyInto } from '../../drafting/operations/pieces/copy-into.ts';
import type { DrawnPart, PartInput } from '../../garment/part.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Seam, SeamRun } from '../../pieces/seam.ts';
import { idsIn } from '../../pieces/named-edge.ts';
import { skirtCircleRecipe } from '../skirt-circle/skirt-circle-recipe.ts';

/** The lining of a skirt that hangs by itself: a part of a circle, so long, mm. */
export interface HungLiningPlan {
  readonly circle: '0.5' | '1';
  readonly length: number;
}

/** A part of a circle of the lining, shorter than the skirt over it, sewn to the lining above where there is one. */
export function hungLining(input: PartInput, { circle, length }: HungLiningPlan): Pick<DrawnPart, 'pieces' | 'seams'> {
  const { allowances, lining, join, rules } = input;
  const drawn = skirtCircleRecipe.draw({
    ...input,
    join: lining ?? join,
    values: { circle, skirtParts: '4', biasDrop: 0, skirtLength: Math.max(0.5 * length, length - rules['lining.shorter']) },
  });
  const own = new Set(drawn.pieces.map(({ id }) => id));
  const inLining = (run: SeamRun): SeamRun => {
    const { piece, edge } = idsIn(run.edge);
    return own.has(piece) ? { ...run, edge: `${copiedId(piece, 'lining')}/${edge}` } : run;
  };
  const hemmed = (piece: Piece): Piece => ({
    ...copyInto(piece, 'lining'),
    edges: piece.edges.map((edge) => (edge.role === 'hem' ? { ...edge, allowance: allowances.liningHem } : edge)),
    ...(piece.dimensions && {
      dimensions: piece.dimensions.map((each) => (each.adds === 'circleHem' ? { ...each, adds: 'liningHem' as const } : each)),
    }),
  });
  return {
    pieces: drawn.pieces.map(hemmed),
    seams: drawn.seams.map((seam): Seam => ({ ...seam, id: `lining ${seam.id}`, a: seam.a.map(inLining), b: seam.b.map(inLining) })),
  };
} // prettier-ignore
