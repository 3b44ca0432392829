import { curveLength, endDirection, placeAtLength, startDirection } from '../../../geometry/curve.ts';
import type { Point } from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { edgeLength, edgeOf, makePiece, type Edge, type Piece } from '../../../pieces/piece.ts';
import { minus, type Working } from '../../../workings/working.ts';
import { copyInto } from './copy-into.ts';
import { splitAcross } from '../panels/split-across.ts';
import { type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';

export interface LiningPlan {
  /** Height of the lining's hem above the outer's. */
  readonly shorter: Working;
  readonly hemAllowance: number;
  /** Where the outer has a slit the lining is left open, with this allowance. */
  readonly centreAllowance: number;
}

/** Bend of a hem: nearly straight out of the side, level at the centre; parts of its length. */
const HEM_BEND = { side: 0.18, centre: 0.5 };

/** mm. */
const A_HAIR = 0.05;

/** The place `mm` along a run of edges that follow each other in the loop. */
function placeAlong(edges: readonly Edge[], mm: number): PlaceOnLoop {
  let rest = mm;
  for (const edge of edges) {
    const length = edgeLength(edge);
    if (rest < length) return { edge: edge.id, at: rest };
    rest -= length;
  }
  throw new Error(`a run of edges does not reach ${mm} mm`);
}

const totalLength = (edges: readonly Edge[]): number =>
  edges.reduce((total, edge) => total + edgeLength(edge), 0);

/** A skirt panel's lining: the panel cut off above its hem, along a line that runs with the hem. */
export function lineSkirt(panel: Piece, plan: LiningPlan): Piece {
  const outer = copyInto(panel, 'lining');
  const hem = edgeOf(outer, 'hem').path;
  const centre = outer.edges.filter(({ role }) => role === 'fold' || role === 'centre' || role === 'slit');
  const side = outer.edges.filter(({ role }) => role === 'side');
  // As long as the skirt it is cut a hair shorter: along the hem itself nothing is cut off.
  const shorter = Math.max(plan.shorter.mm, A_HAIR);
  const from = placeAlong(centre, shorter);
  const to = placeAlong(side, totalLength(side) - shorter);
  const pointOf = ({ edge, at }: PlaceOnLoop): Point => placeAtLength(edgeOf(outer, edge).path, at).point;
  const [centreEnd, sideEnd] = [pointOf(from), pointOf(to)];
  const width = curveLength(hem);
  const path = [
    handleCurve(
      sideEnd,
      startDirection(hem),
      HEM_BEND.side * width,
      centreEnd,
      endDirection(hem),
      HEM_BEND.centre * width,
    ),
  ];
  const { between } = splitAcross(outer, from, to);
  const open = (edge: Edge): Edge =>
    edge.role === 'slit' ? { ...edge, allowance: plan.centreAllowance } : edge;
  const lining = makePiece({
    ...outer,
    edges: [...between.edges.map(open), { id: 'hem', role: 'hem', path, allowance: plan.hemAllowance }],
    notches: between.notches,
    levels: outer.levels.map((level) =>
      level.name === 'hem' ? { ...level, path: [centreEnd, sideEnd] } : level,
    ),
  });
  return carryDimensions(outer, lining, ({ at }) => {
    if (at.kind === 'run' && at.of === 'slit') return undefined;
    if (at.kind === 'level' && at.level === 'hem')
      return { terms: [minus(plan.shorter)], change: 'curve', told: { adds: 'liningHem' } };
    if (at.kind === 'run' && at.of === 'side') return { terms: [minus(plan.shorter)], change: 'curve' };
    return { change: 'curve' };
  });
}
