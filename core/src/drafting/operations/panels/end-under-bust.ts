import { curveLength, nearestOn, placeAtLength } from '../../../geometry/curve.ts';
import { distance, point, quarterTurn, scale, type Point } from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';
import { centreOf, edgeOf, levelEnds, pathDown, type Edge, type Piece } from '../../../pieces/piece.ts';
import type { PlaceOnLoop } from '../../../pieces/place-on-loop.ts';
import { keepBetween } from './cut-across.ts';
import type { PrincessPanels } from './split-on-princess.ts';

/** The seam lies this far below the level under the bust, mm: the round there is measured on the panels above it. */
const BELOW_LEVEL = 8;

/** The place on an edge so far down from its upper end, mm, whichever way it runs. */
function placeDown(edge: Edge, down: number): PlaceOnLoop {
  const whole = curveLength(edge.path);
  return { edge: edge.id, at: pathDown(edge) === edge.path ? down : whole - down };
}

const lengthDown = (edge: Edge, to: Point): number => nearestOn(pathDown(edge), to).along + BELOW_LEVEL;

/** Part of the way from level to square to its seams: it runs on across them to the eye, and bends less. */
const SQUARE = 0.85;

/** From the centre outwards, nearly square to an edge. */
function squareOut(direction: Point): Point {
  const square = quarterTurn(direction);
  const out = square.x < 0 ? scale(square, -1) : square;
  const angle = SQUARE * Math.atan2(out.y, out.x);
  return point(Math.cos(angle), Math.sin(angle));
}

/** Handles of the seam, as parts of its length. */
const HANDLE = 0.4;

/** A panel above a line between two of its edges that runs on across its seams; what is below it is left off. */
function endedAt(panel: Piece, from: PlaceOnLoop, to: PlaceOnLoop, allowance: number): Piece {
  const [start, end] = [
    placeAtLength(edgeOf(panel, from.edge).path, from.at),
    placeAtLength(edgeOf(panel, to.edge).path, to.at),
  ];
  const handle = HANDLE * distance(start.point, end.point);
  const path = [
    handleCurve(start.point, squareOut(start.direction), handle, end.point, squareOut(end.direction), handle),
  ];
  return keepBetween(panel, from, to, path, { id: 'under-bust', role: 'waist', allowance });
}

/**
 * Both panels of a face ended just below their level under the bust, where a skirt or a flare is sewn on. The seam between
 * them is as long on both; the side is as long as `side`, or as its own level asks. Throws for panels without the level.
 */
export function endUnderBust(
  panels: PrincessPanels,
  allowance: number,
  side?: number,
): { readonly panels: PrincessPanels; readonly side: number } {
  const { centre, side: outer } = panels;
  const middle = centreOf(centre);
  const down = lengthDown(edgeOf(centre, 'princess'), levelEnds(centre, 'underBust').to);
  const sideDown = side ?? lengthDown(edgeOf(outer, 'side'), levelEnds(outer, 'underBust').to);
  const ends = [
    endedAt(
      centre,
      placeDown(middle, lengthDown(middle, levelEnds(centre, 'underBust').from)),
      placeDown(edgeOf(centre, 'princess'), down),
      allowance,
    ),
    endedAt(
      outer,
      placeDown(edgeOf(outer, 'princess'), down),
      placeDown(edgeOf(outer, 'side'), sideDown),
      allowance,
    ),
  ] as const;
  return { panels: { ...panels, centre: ends[0], side: ends[1] }, side: sideDown };
}
