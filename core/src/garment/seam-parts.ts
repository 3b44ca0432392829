import type { MeasureId } from '../measures/catalogue.ts';
import { edgesWithRole, type EdgeRole, type Piece } from '../pieces/piece.ts';
import { equalSeam, type Seam } from '../pieces/seam.ts';

/** The edges of a piece that have a role, as seams name them. */
export const edgesOf = (piece: Piece, role: EdgeRole): string[] =>
  edgesWithRole(piece, role).map((edge) => `${piece.id}/${edge.id}`);

/** The measure that a seam's length turns on, by what it joins. */
const measureOfRole: { readonly [role in EdgeRole]?: MeasureId } = {
  shoulder: 'shoulder',
  neck: 'shoulder',
  armhole: 'armhole',
  princess: 'bustSpan',
  inner: 'shoulderToBust',
  waist: 'waist',
};

/** The measure that governs the lengths of a piece: down the back for a bodice, to the hip for a skirt, the arm for a sleeve. */
export function lengthOf({ part }: Piece): MeasureId {
  if (part === 'sleeve') return 'armLength';
  return part === 'skirt' ? 'waistToHip' : 'backWaistLength';
}

/** Two pieces sewn along all their edges of one role. */
export const joined = (id: string, role: EdgeRole, a: Piece, b: Piece): Seam =>
  equalSeam(id, edgesOf(a, role), edgesOf(b, role), measureOfRole[role] ?? lengthOf(a));

/** Each dart's legs are sewn to each other. */
export const dartSeams = (piece: Piece): Seam[] =>
  piece.darts.map((dart) =>
    equalSeam(
      `${piece.id} ${dart.id}`,
      [`${piece.id}/${dart.legs[0]}`],
      [`${piece.id}/${dart.legs[1]}`],
      dart.in === 'side' ? 'shoulderToBust' : 'waist',
    ),
  );
