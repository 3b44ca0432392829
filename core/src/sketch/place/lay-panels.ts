import { lookup, valueAt, type Lookup } from '../../geometry/lookup.ts';
import { distance, type Point } from '../../geometry/point.ts';
import type { Draft } from '../../drafting/draft.ts';
import { edgeOf, edgesWithRole, levelDown, type Edge, type Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Figure } from '../figure.ts';
import { flatPlace, isWhole, type Face, type Panel } from './panel.ts';
import { pointsAlong, runDown, type Run } from './run-down.ts';
import { uprightDarts } from './upright-dart.ts';

/** Parts of a garment whose pieces lie on the torso as they are cut. */
const torso: readonly Piece['part'][] = ['bodice', 'cup', 'yoke', 'net', 'skirt'];
const insideRoles: readonly Piece['role'][] = ['lining', 'stay'];

/** The piece that a seam names an edge of, and the edge. */
interface SeamEdge {
  readonly piece: Piece;
  readonly edge: Edge;
}

type Finder = (name: string) => SeamEdge | undefined;

/** Edges by the names that seams call them, of the pieces that are laid. */
function finder(pieces: readonly Piece[]): Finder {
  const byName = new Map(
    pieces.flatMap((piece) =>
      piece.edges.map((edge): [string, SeamEdge] => [`${piece.id}/${edge.id}`, { piece, edge }]),
    ),
  );
  return (name) => byName.get(name);
}

/** The pieces of a draft that lie on the torso and are seen; `hung` are those that hang as a whole. */
export const torsoPieces = (pieces: readonly Piece[], hung: readonly string[]): Piece[] =>
  pieces.filter(
    (piece) =>
      piece.face !== undefined &&
      torso.includes(piece.part) &&
      !insideRoles.includes(piece.role) &&
      !hung.includes(piece.id),
  );

/** The side edges of a piece; of one that is cut whole, those of the side that its shoulder is on. */
function sideEdges(piece: Piece): Edge[] {
  const sides = edgesWithRole(piece, 'side');
  if (!isWhole(piece)) return sides;
  const middle = ({ path }: Edge): number => pointsAlong(path).reduce((sum, { x }) => sum + x, 0);
  const hand = Math.sign(edgesWithRole(piece, 'shoulder').reduce((sum, edge) => sum + middle(edge), 0)) || 1;
  return sides.filter((edge) => Math.sign(middle(edge)) === hand);
}

const sideRun = (piece: Piece): Run | undefined => {
  const sides = sideEdges(piece);
  return sides.length > 0 ? runDown(sides) : undefined;
};

const isSkirt = ({ part }: Piece): boolean => part === 'skirt';

/** Above this the front's own heights stand: both shoulders are one line. Below, the way over the bust is shortened; mm. */
const SHOULDER_ZONE = 40;

/** Depth of the waist on a face, mm: as drafted where a piece says so, else as it was measured. */
function waistDown(face: Face, pieces: readonly Piece[], { measures }: Figure): number {
  const levels = pieces
    .filter((piece) => piece.face === face && !isSkirt(piece))
    .flatMap((piece) => piece.levels.filter(({ name }) => name === 'waist'));
  const [level] = levels;
  if (level) return levelDown(level);
  return face === 'front' ? measures.frontWaistLength : measures.backWaistLength;
}

/** Heights down the centre of a piece, by its y. */
function centreHeights(piece: Piece, waist: number, figure: Figure): Lookup {
  const level = figure.heights.waist;
  if (isSkirt(piece)) return lookup([[0, level]], 1);
  return lookup(
    [
      [0, 0],
      [SHOULDER_ZONE, SHOULDER_ZONE],
      [waist, level],
    ],
    1,
  );
}

/** Heights down the sides of all pieces, by piece: of the back its own, of the front those of the back that it is sewn to. */
function sideHeights(
  pieces: readonly Piece[],
  seams: readonly Seam[],
  find: Finder,
  centre: (piece: Piece) => Lookup,
  figure: Figure,
): Map<Piece, Lookup> {
  const heights = new Map<Piece, Lookup>();
  for (const piece of pieces) {
    const run = sideRun(piece);
    if (!run) continue;
    const own = centre(piece);
    heights.set(
      piece,
      piece.face === 'back' || isSkirt(piece)
        ? own
        : lookup(
            run.points.map(({ at, along }) => [at.y, figure.heights.waist - (run.length - along)]),
            1,
          ),
    );
  }
  for (const { a, b } of seams) {
    const [front, back] = [a.map(find), b.map(find)];
    const [partner] = back;
    if (!partner || back.length !== 1 || partner.piece.face !== 'back' || partner.edge.role !== 'side')
      continue;
    const sewn = front.filter((each) => each !== undefined);
    if (sewn.length !== front.length || sewn.some(({ piece, edge }) => piece.face !== 'front' || !sideEdges(piece).includes(edge)))
      continue; // prettier-ignore
    const behind = runDown(sideEdges(partner.piece));
    const own = heights.get(partner.piece) ?? centre(partner.piece);
    const byArc = lookup(
      behind.points.map(({ at, along }) => [along, valueAt(own, at.y)]),
      1,
    );
    let before = 0;
    for (const piece of new Set(sewn.map((each) => each.piece))) {
      const run = runDown(sideEdges(piece));
      const start = before;
      heights.set(
        piece,
        lookup(
          run.points.map(({ at, along }) => [at.y, valueAt(byArc, start + along)]),
          1,
        ),
      );
      before += run.length;
    }
  }
  return heights;
}

/** The seam by which a side panel is sewn to the one nearer the centre, by the side panel. */
function innerSeams(
  seams: readonly Seam[],
  find: Finder,
): Map<Piece, { of: Piece; ofEdge: string; edge: string }> {
  const found = new Map<Piece, { of: Piece; ofEdge: string; edge: string }>();
  for (const { a, b } of seams) {
    const [first, second] = [a.map(find), b.map(find)];
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

/** Moves the panels sewn to a yoke so that their seam lies on the yoke's edge. */
function alongYoke(panels: readonly Panel[], { a, b }: Seam, find: Finder): Panel[] {
  const [onYoke] = b.map(find);
  const yoke = panels.find(({ piece }) => piece === onYoke?.piece);
  if (!yoke || !onYoke || b.length !== 1 || onYoke.edge.role !== 'yoke') return [...panels];
  const byX = (points: readonly Point[]) => [...points].sort((p, q) => p.x - q.x);
  const target = byX(pointsAlong(onYoke.edge.path));
  const [start, end] = [target[0]?.x ?? 0, target.at(-1)?.x ?? 0];
  const yokeY = lookup(target.map(({ x, y }) => [x, y]));
  let sewn = 0;
  const moves: { panel: Panel; x: number; y: number; out: number; height: number; along: number }[] = [];
  for (const side of a.map(find)) {
    const panel = panels.find(({ piece }) => piece === side?.piece);
    if (!panel || !side) return [...panels];
    let last: Point | undefined;
    for (const at of byX(pointsAlong(side.edge.path))) {
      if (last) sewn += distance(last, at);
      last = at;
      moves.push({ panel, ...at, out: 0, height: 0, along: sewn });
    }
  }
  const placed = moves.map((move) => {
    const x = start + ((end - start) * move.along) / sewn;
    const to = flatPlace(yoke, { x, y: valueAt(yokeY, x) });
    const from = flatPlace(move.panel, move);
    return { ...move, out: to.out - from.out, height: to.height - from.height };
  });
  return panels.map((panel) => {
    const mine = placed.filter((move) => move.panel === panel);
    return mine.length === 0
      ? panel
      : {
          ...panel,
          yoke: {
            y: lookup(mine.map(({ x, y }) => [x, y])),
            out: lookup(mine.map(({ x, out }) => [x, out])),
            height: lookup(mine.map(({ x, height }) => [x, height])),
          },
        };
  });
}

/** The panels of a garment laid on a figure, each row from the centre outwards. */
export function layPanels(draft: Draft, figure: Figure, hung: readonly string[]): Panel[] {
  const pieces = torsoPieces(
    draft.pieces.map(({ piece }) => piece),
    hung,
  );
  const seams = draft.seams;
  const find = finder(pieces);
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
