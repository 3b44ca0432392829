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
  fork: 'crotchDepth',
  inseam: 'inseam',
};

/** The measure that governs the lengths of a piece: down the back for a bodice, to the hip for a skirt, the arm for a sleeve. */
export function lengthOf({ part }: Piece): MeasureId {
  if (part === 'sleeve') return 'armLength';
  if (part === 'cape') return 'neck';
  if (part === 'trousers') return 'waistToFloor';
  return part === 'skirt' ? 'waistToHip' : 'backWaistLength';
}

/** Cloth that a side has to be eased in along its edges of one role, mm: of the whole seam, on however many pieces it lies. */
const easedIn = (pieces: readonly Piece[], role: EdgeRole): number =>
  Math.max(0, ...pieces.flatMap((piece) => edgesWithRole(piece, role).map(({ eased = 0 }) => eased)));

/** Pieces sewn to others along all their edges of one role, the longer side eased in where it is drawn so. */
export function joinedPieces(id: string, role: EdgeRole, a: readonly Piece[], b: readonly Piece[]): Seam {
  const mm = easedIn(a, role) - easedIn(b, role);
  const edges = (side: readonly Piece[]) => side.flatMap((piece) => edgesOf(piece, role));
  const governing = measureOfRole[role] ?? (a[0] ? lengthOf(a[0]) : 'backWaistLength');
  const seam = equalSeam(id, edges(a), edges(b), governing);
  if (mm === 0) return seam;
  // Ease is told of the longer side.
  return mm > 0
    ? { ...seam, relation: { kind: 'ease', mm } }
    : { ...seam, a: seam.b, b: seam.a, relation: { kind: 'ease', mm: -mm } };
}

/** Two pieces sewn along all their edges of one role. */
export const joined = (id: string, role: EdgeRole, a: Piece, b: Piece): Seam =>
  joinedPieces(id, role, [a], [b]);

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
