import { slash } from '../../drafting/operations/panels/slash.ts';
import { fairThrough } from '../../drafting/operations/edges/fair-through.ts';
import { lengthWhere } from '../../geometry/curve.ts';
import { edgeLength, edgeOf, replaceEdge, type Piece } from '../../pieces/piece.ts';

/** The seam of the bend is drawn fair over so much to either side of the elbow, mm. */
const FAIR = 70;

/** How far along an edge a level lies, mm from its start; kept so far inside its ends that it can be drawn fair there. */
export function elbowOn(piece: Piece, edge: string, level: number): number {
  const { path } = edgeOf(piece, edge);
  const whole = edgeLength(edgeOf(piece, edge));
  const room = Math.min(FAIR + 1, whole / 2);
  return Math.min(whole - room, Math.max(room, lengthWhere(path, 'y', level) ?? whole / 2));
}

export interface Bend {
  /** The edge of the loop that runs down, and the one that runs up again. */
  readonly down: string;
  readonly up: string;
  /** The one of them that is opened, at the back of the arm. */
  readonly opened: string;
  /** Level of the elbow, and by how much it is opened there; mm. */
  readonly level: number;
  readonly open: number;
}

/** A sleeve slashed at the elbow: opened at its back, hinged in front, so that what is below swings forward. */
export function slashedAtElbow(sleeve: Piece, { down, up, opened, level, open }: Bend): Piece {
  return slash(sleeve, {
    from: { edge: down, at: elbowOn(sleeve, down, level) },
    to: { edge: up, at: elbowOn(sleeve, up, level) },
    open: { from: opened === down ? open : 0, to: opened === up ? open : 0 },
  });
}

/** An edge drawn fair over the bend that begins at a place on it and is so long, mm. */
export function fairAtElbow(sleeve: Piece, edge: string, at: number, long: number): Piece {
  const { path } = edgeOf(sleeve, edge);
  const room = Math.min(FAIR, at, edgeLength(edgeOf(sleeve, edge)) - at - long);
  return replaceEdge(sleeve, edge, fairThrough(path, [at - room, at + long + room]));
}
