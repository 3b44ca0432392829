import { cutAcross } from '../../drafting/operations/panels/cut-across.ts';
import { edgesAsOn } from '../../drafting/operations/pieces/trace.ts';
import { endOf, lengthWhere, mapCurve, startOf } from '../../geometry/curve.ts';
import { add, point, rotate, subtract, type Point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { edgeOf, makePiece, type Edge, type Notch, type Piece } from '../../pieces/piece.ts';
import { movePiece } from '../../pieces/move-piece.ts';
import { pointOn, type PlaceOnLoop } from '../../pieces/place-on-loop.ts';
import { elbowOn, fairAtElbow, slashedAtElbow } from './elbow.ts';

/** The under sleeve takes this part of each half of the sleeve, from the underarm. Common practice: less in front, where the seam would show. */
const UNDER = { front: 0.28, back: 0.45 };

/** The place on an edge at a distance from the grain line, as a part of the half's width at the cap or at the hem. */
function placeAcross(piece: Piece, edge: string, x: number): PlaceOnLoop {
  const at = lengthWhere(edgeOf(piece, edge).path, 'x', x);
  if (at === undefined) throw new Error(`${piece.id}: its ${edge} does not pass ${x.toFixed(1)} mm`);
  return { edge, at };
}

interface Strips {
  readonly upper: Piece;
  readonly front: Piece;
  readonly back: Piece;
}

/** The point of a seam at a level. */
const seamAt = (piece: Piece, edge: string, level: number): Point =>
  pointOn(piece, { edge, at: lengthWhere(edgeOf(piece, edge).path, 'y', level) ?? 0 });

/** The line around the arm passes this far under the cap where that is lowest, mm: along the cap itself an outline has no width. */
const UNDER_CAP = 0.5;

/** The sleeve cut along two lines from its cap to its hem: the upper sleeve, and a strip to each side of the underarm. */
function cutApart(sleeve: Piece): Strips {
  const [frontArm, backArm] = [
    endOf(edgeOf(sleeve, 'cap-front').path),
    startOf(edgeOf(sleeve, 'cap-back').path),
  ];
  const hem = edgeOf(sleeve, 'hem').path;
  const [frontHem, backHem] = [startOf(hem), endOf(hem)];
  const seam = (id: string) =>
    ({ id, role: 'underarm', allowance: edgeOf(sleeve, 'underarm-front').allowance }) as const;
  const cut = (piece: Piece, from: PlaceOnLoop, to: PlaceOnLoop, id: string) =>
    cutAcross(piece, from, to, [line(pointOn(piece, from), pointOn(piece, to))], seam(id));
  const first = cut(
    sleeve,
    placeAcross(sleeve, 'cap-front', (1 - UNDER.front) * frontArm.x),
    placeAcross(sleeve, 'hem', (1 - UNDER.front) * frontHem.x),
    'seam-front',
  );
  const rest = first.beyond;
  const second = cut(
    rest,
    placeAcross(rest, 'hem', (1 - UNDER.back) * backHem.x),
    placeAcross(rest, 'cap-back', (1 - UNDER.back) * backArm.x),
    'seam-back',
  );
  return { upper: second.beyond, front: first.between, back: second.between };
}

/** The move that lays the front strip beside the back one, so that both edges of the underarm lie on each other. */
function besideBack(front: Piece, back: Piece): (p: Point) => Point {
  const [own, other] = [edgeOf(front, 'underarm-front').path, edgeOf(back, 'underarm-back').path];
  const [a, b] = [startOf(own), endOf(other)];
  const angleOf = (from: Point, to: Point) => Math.atan2(to.y - from.y, to.x - from.x);
  const turn = angleOf(b, startOf(other)) - angleOf(a, endOf(own));
  return (p) => add(rotate(p, a, turn), subtract(b, a));
}

/** The under sleeve: both strips as one, without a seam under the arm. */
function underSleeve({ front, back }: Strips, armLine: number): Piece {
  const move = besideBack(front, back);
  const moved = (id: string): Edge => {
    const edge = edgeOf(front, id);
    return { ...edge, path: mapCurve(edge.path, move) };
  };
  const hemOf = (edge: Edge, of: string): Edge => ({ ...edge, id: `hem-${of}` });
  const renamed = (notches: readonly Notch[], of: string): Notch[] =>
    notches.flatMap((notch) => (notch.edge === 'hem' ? [{ ...notch, edge: `hem-${of}` }] : [notch]));
  const edges = [
    moved('cap-front'),
    edgeOf(back, 'cap-back'),
    edgeOf(back, 'seam-back'),
    hemOf(edgeOf(back, 'hem'), 'back'),
    hemOf(moved('hem'), 'front'),
    moved('seam-front'),
  ];
  const kept = new Set(edges.map(({ id }) => id));
  const under = makePiece({
    ...back,
    id: 'sleeve-under',
    name: 'Under sleeve',
    edges,
    notches: [...renamed(front.notches, 'front'), ...renamed(back.notches, 'back')].filter(({ edge }) =>
      kept.has(edge),
    ),
    levels: [],
    dimensions: [],
  });
  const underarm = endOf(edgeOf(under, 'cap-front').path);
  const around = [
    move(seamAt(front, 'seam-front', armLine)),
    add(underarm, point(0, UNDER_CAP)),
    seamAt(back, 'seam-back', armLine),
  ];
  return movePiece(withLevels(under, around), point(-underarm.x, 0));
}

/** The levels of a piece between two seams: around the arm through these points, and along its hem. */
function withLevels(piece: Piece, armLine: readonly Point[]): Piece {
  const hems = piece.edges.filter(({ role }) => role === 'hem');
  const [first, last] = [hems[0], hems.at(-1)];
  if (!first || !last) throw new Error(`${piece.id} has no hem`);
  return {
    ...piece,
    levels: [
      { name: 'upperArm', path: armLine },
      { name: 'sleeveHem', path: [endOf(last.path), startOf(first.path)], along: 'hem' },
    ],
  };
}

export interface TwoPieces {
  readonly upper: Piece;
  readonly under: Piece;
}

/** A sleeve cut in an upper and an under sleeve, both bent at the elbow: their back seams are opened alike, their front seams hollowed. */
export function inTwoPieces(sleeve: Piece, level: number, open: number): TwoPieces {
  const strips = cutApart(sleeve);
  const armLine = sleeve.levels.find(({ name }) => name === 'upperArm')?.path[0]?.y ?? 0;
  const bent = (piece: Piece, down: string, up: string): Piece => {
    const [front, back] = ['seam-front', 'seam-back'].map((edge) => elbowOn(piece, edge, level));
    const slashed = slashedAtElbow(piece, { down, up, opened: 'seam-back', level, open });
    return fairAtElbow(fairAtElbow(slashed, 'seam-front', front ?? 0, 0), 'seam-back', back ?? 0, open);
  };
  const told = (piece: Piece): Piece => ({ ...piece, dimensions: edgesAsOn(piece) });
  const around = ['seam-back', 'seam-front'].map((edge) => seamAt(strips.upper, edge, armLine));
  const upper = withLevels({ ...strips.upper, name: 'Upper sleeve' }, around);
  return {
    upper: told(bent(upper, 'seam-front', 'seam-back')),
    under: told(bent(underSleeve(strips, armLine), 'seam-back', 'seam-front')),
  };
}
