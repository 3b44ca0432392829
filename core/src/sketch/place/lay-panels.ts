import type { Draft } from '../../drafting/draft.ts';
import { lookup, valueAt, type Lookup } from '../../geometry/lookup.ts';
import { edgesByName, type NamedEdge } from '../../pieces/named-edge.ts';
import { edgeOf, edgesWithRole, type Piece } from '../../pieces/piece.ts';
import { edgesOn, type Seam } from '../../pieces/seam.ts';
import type { Figure } from '../figure.ts';
import { alongYoke } from './along-yoke.ts';
import { centreHeights, SHOULDER_ZONE, sideHeights, waistDown } from './heights.ts';
import { flatPlace, type Panel } from './panel.ts';
import { pointsAlong, runDown } from './run-down.ts';
import { isSkirt, sideRun, torsoPieces } from './torso-pieces.ts';
import { uprightDarts } from './upright-dart.ts';

/** The seam by which a side panel is sewn to the one nearer the centre, by the side panel. */
function innerSeams(
  seams: readonly Seam[],
  find: (name: string) => NamedEdge | undefined,
): Map<Piece, { of: Piece; ofEdge: string; edge: string }> {
  const found = new Map<Piece, { of: Piece; ofEdge: string; edge: string }>();
  for (const { a, b } of seams) {
    const [first, second] = [edgesOn(a).map(find), edgesOn(b).map(find)];
    const [centre, side] = [first[0], second[0]];
    if (a.length !== 1 || b.length !== 1 || !centre || !side) continue;
    const pair = centre.piece.panel === 'centre' && side.piece.panel === 'side';
    if (pair && centre.piece.face === side.piece.face)
      found.set(side.piece, { of: centre.piece, ofEdge: centre.edge.id, edge: side.edge.id });
  }
  return found;
}

/** The line of a shaped centre seam, x by y: what is nipped there is closed. A front edge is none. */
function centreLine(piece: Piece): Lookup {
  const points = isSkirt(piece)
    ? []
    : edgesWithRole(piece, 'centre').flatMap(({ path }) => pointsAlong(path));
  return lookup(points.length > 0 ? points.map(({ x, y }) => [y, x]) : [[0, 0]]);
}

const nothing = lookup([[0, 0]]);

/** Depth of the waist edge by x, where a piece has one. */
function waistLine(piece: Piece): Lookup | undefined {
  const points = edgesWithRole(piece, 'waist').flatMap(({ path }) => pointsAlong(path));
  const mine = points.filter(({ x }) => x >= 0);
  return mine.length > 0 ? lookup(mine.map(({ x, y }) => [x, y])) : undefined;
}

/** The panels of a garment laid on a figure, each row from the centre outwards. */
export function layPanels(draft: Draft, figure: Figure, hung: readonly string[]): Panel[] {
  const pieces = torsoPieces(
    draft.pieces.map(({ piece }) => piece),
    hung,
  );
  const seams = draft.seams;
  const find = edgesByName(pieces);
  const down = { front: waistDown('front', pieces, figure), back: waistDown('back', pieces, figure) };
  const centre = (piece: Piece) => centreHeights(piece, down[piece.face ?? 'front'], figure);
  const heights = sideHeights(pieces, seams, find, centre, figure);
  const links = innerSeams(seams, find);
  const panels: Panel[] = [];
  const panelOf = (piece: Piece, inner: Panel['inner'], seam?: Panel['seam']): Panel => {
    const run = sideRun(piece);
    const side = heights.get(piece);
    const waist = waistLine(piece);
    return {
      piece,
      face: piece.face ?? 'front',
      isInner: seam === undefined,
      ownAbove: isSkirt(piece) ? -Infinity : SHOULDER_ZONE,
      inner,
      ...(run && side && { side: { x: lookup(run.points.map(({ at }) => [at.y, Math.abs(at.x)])), height: side } }),
      darts: uprightDarts(piece),
      contours: piece.contours ?? [],
      ...(waist && { waist: { y: waist, height: figure.heights.waist } }),
      ...(seam && { seam }),
    }; // prettier-ignore
  };
  for (const piece of pieces.filter((each) => !links.has(each)))
    panels.push(panelOf(piece, { x: centreLine(piece), height: centre(piece), out: nothing }));
  for (const [piece, { of, ofEdge, edge }] of links) {
    const before = panels.find((panel) => panel.piece === of);
    if (!before) continue;
    const [theirs, own] = [runDown([edgeOf(of, ofEdge)]), runDown([edgeOf(piece, edge)])];
    const placed = theirs.points.map(({ at, along }) => ({
      ...flatPlace(before, at),
      along: along / theirs.length,
    }));
    const byArc = lookup(placed.map(({ along, height }) => [along, height]));
    panels.push(
      panelOf(
        piece,
        {
          x: lookup(own.points.map(({ at }) => [at.y, at.x])),
          height: lookup(
            own.points.map(({ at, along }) => [at.y, valueAt(byArc, along / own.length)]),
            1,
          ),
          out: lookup(placed.map(({ height, out }) => [height, out])),
        },
        { edge, of, ofEdge },
      ),
    );
  }
  return seams.reduce<Panel[]>((laid, seam) => alongYoke(laid, seam, find), panels);
}
