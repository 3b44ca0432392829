import {
  boxOf,
  centroidOf,
  mirrorRing,
  moveRing,
  sidesOf,
  signedArea,
  type Ring,
} from '../../geometry/ring.ts';
import type { Beside, Lay, Placement } from './lay.ts';
import { wholeOutline, type LayPiece } from './layable.ts';
import { turnRing } from './lay-manner.ts';

/** The place of one copy of a piece: its outline, mirrored where that is said, is turned, and moved until the box around it begins at x and y, mm. */
export interface KeptPlacement extends Omit<Placement, 'polygon'> {
  readonly x: number;
  readonly y: number;
}

/** Measures that an outline is known again by, mm and mm²; x and y are its centre of gravity, from the corner of its box. */
export interface Drawn {
  readonly wide: number;
  readonly long: number;
  readonly around: number;
  readonly area: number;
  readonly x: number;
  readonly y: number;
}

/** Pieces of another ticket on the same stretch of cloth, with the outlines that they were laid by: its own draft may be another one by now. */
export interface KeptBeside extends Omit<Beside, 'placements'> {
  readonly placements: readonly KeptPlacement[];
  readonly outlines: { readonly [piece: string]: Ring };
}

/** A lay as it is kept and sent: where everything lies. Outlines are those of the pieces, which are told by what they measured. */
export interface KeptLay extends Omit<Lay, 'placements' | 'beside'> {
  readonly placements: readonly KeptPlacement[];
  readonly drawn: { readonly [piece: string]: Drawn };
  readonly beside?: readonly KeptBeside[] | undefined;
}

const turned = (ring: Ring, degrees: number): Ring => (degrees === 0 ? ring : turnRing(ring, degrees));

/** The outline of a placement with its grain along the cloth again, unmirrored. */
function uprightAgain({ polygon, rotation, mirrored }: Placement): Ring {
  const upright = turned(polygon, -rotation);
  return mirrored ? mirrorRing(upright) : upright;
}

/** The outline of a piece with its grain along the cloth. */
const uprightOf = (piece: LayPiece): Ring => turned(wholeOutline(piece), -(piece.turn ?? 0));

function drawnOf(outline: Ring): Drawn {
  const { minX, minY, maxX, maxY } = boxOf(outline);
  const centre = centroidOf(outline);
  return {
    wide: maxX - minX,
    long: maxY - minY,
    around: sidesOf(outline).reduce((sum, [a, b]) => sum + Math.hypot(b.x - a.x, b.y - a.y), 0),
    area: Math.abs(signedArea(outline)),
    x: centre.x - minX,
    y: centre.y - minY,
  };
}

/** What the outline of a piece measures today. */
export const drawnNow = (piece: LayPiece): Drawn => drawnOf(uprightOf(piece));

/** By how much two outlines differ in what they measure, mm. */
export const redrawnBy = (a: Drawn, b: Drawn): number =>
  Math.max(
    Math.abs(a.wide - b.wide),
    Math.abs(a.long - b.long),
    Math.abs(a.x - b.x),
    Math.abs(a.y - b.y),
    Math.abs(a.area - b.area) / Math.max(a.around, b.around),
  );

function asKept({ polygon, ...placement }: Placement): KeptPlacement {
  const { minX: x, minY: y } = boxOf(polygon);
  return { ...placement, x, y };
}

/** A copy as it lies, by the outline of its piece with the grain along the cloth. */
function asLaid({ x, y, ...placement }: KeptPlacement, outline: Ring): Placement {
  const ring = turned(placement.mirrored ? mirrorRing(outline) : outline, placement.rotation);
  const { minX, minY } = boxOf(ring);
  return { ...placement, polygon: moveRing(ring, x - minX, y - minY) };
}

/** The outlines of what is laid, one for each piece. */
const outlinesOf = (placements: readonly Placement[]): { readonly [piece: string]: Ring } =>
  Object.fromEntries(placements.map((placement) => [placement.piece, uprightAgain(placement)]));

export function keptLay({ placements, beside, ...lay }: Lay): KeptLay {
  const outlines = Object.entries(outlinesOf(placements));
  return {
    ...lay,
    placements: placements.map(asKept),
    drawn: Object.fromEntries(outlines.map(([piece, outline]) => [piece, drawnOf(outline)])),
    ...(beside && {
      beside: beside.map((other) => ({
        ...other,
        placements: other.placements.map(asKept),
        outlines: outlinesOf(other.placements),
      })),
    }),
  };
}

/** Copies as they lie, by the outlines of their pieces. What is no piece any more is left out. */
const laidBy = (
  placements: readonly KeptPlacement[],
  outlines: { readonly [piece: string]: Ring },
): Placement[] =>
  placements.flatMap((placement) => {
    const outline = outlines[placement.piece];
    return outline ? [asLaid(placement, outline)] : [];
  });

/** Copies as they lie, with the outlines of these pieces. */
export const laidPlacements = (
  placements: readonly KeptPlacement[],
  pieces: readonly LayPiece[],
): Placement[] => laidBy(placements, Object.fromEntries(pieces.map((piece) => [piece.id, uprightOf(piece)])));

/** A kept lay with the outlines of its pieces as they are drawn now; others have theirs as they were laid. */
export const laidLay = (kept: KeptLay, pieces: readonly LayPiece[]): Lay => ({
  ...kept,
  placements: laidPlacements(kept.placements, pieces),
  beside: kept.beside?.map(({ outlines, ...other }) => ({
    ...other,
    placements: laidBy(other.placements, outlines),
  })),
});
