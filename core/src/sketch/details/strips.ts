import type { Detail } from '../../drafting/detail.ts';
import { lookup, valueAt } from '../../geometry/lookup.ts';
import {
  distance,
  point,
  quarterTurn,
  scale,
  subtract,
  unitVector,
  add,
  type Point,
} from '../../geometry/point.ts';
import { along, pointAlong } from '../along.ts';
import { besideArm, halfArm } from '../figure.ts';
import { seenDown } from '../place/placed-garment.ts';
import { edgeLength, edgeOf, faces, type ClothRole } from '../../pieces/piece.ts';
import { filled, line, mirrored, type Shape } from '../shape.ts';
import { bowShapes } from './bow.ts';
import { clothOf, seenNamed, seenPath, type DetailView } from './detail-view.ts';

type Of<Kind extends Detail['kind']> = Extract<Detail, { kind: Kind }>;

type Turn = (points: readonly Point[]) => Point[];

const same: Turn = (points) => [...points];
/** The wearer's right lies on top: seen on the left, and drawn last. */
const hands: readonly Turn[] = [same, mirrored];

/** A line moved sideways, its points that would come nearer to the line than that left out. */
function beside(points: readonly Point[], by: number): Point[] {
  const moved = points.map((p, index) => {
    const [before, after] = [points[Math.max(0, index - 1)] ?? p, points[Math.min(points.length - 1, index + 1)] ?? p];
    const way = distance(before, after) > 0 ? unitVector(subtract(after, before)) : point(0, 1);
    return add(p, scale(quarterTurn(way), by));
  });
  return moved.filter((q) => points.every((p) => distance(p, q) > 0.96 * Math.abs(by)));
} // prettier-ignore

/** A strip sewn along the edges of a front: it stands out beyond them, over the centre, as wide as it is finished. */
export function placketShapes(view: DetailView, { piece, binds, width }: Of<'placket'>): Shape[] {
  const bound = binds.flatMap((name) => seenPath(view, name));
  const [start, end] = [bound[0], bound.at(-1)];
  const strip = view.pieces.find(({ id }) => id === piece);
  if (!start || !end || !strip) return [];
  const free = beside(bound, -width);
  const cloth = clothOf(view, piece);
  const long = edgeLength(edgeOf(strip, 'free'));
  return [
    ...hands.flatMap((hand) => [
      ...filled(hand([...bound, ...[...free].reverse()]), cloth),
      line(hand(bound), 'seam'),
      line(hand(free), 'edge'),
    ]),
    ...(strip.buttons ?? []).map(({ y }): Shape => ({
      kind: 'dot',
      at: point(0, pointAlong(bound, y / long).y),
      radius: 6.5,
    })),
  ];
}

/** A band around the arm from armhole to armhole, bowed down in front and up behind. */
export function armBandShapes(view: DetailView, { piece, width, length }: Of<'arm-band'>): Shape[] {
  const { garment, face } = view;
  const { figure } = garment;
  const hole = seenDown(garment, face, 'armhole');
  const start = hole[0];
  if (!start) return [];
  const sewn = along(hole, 0.62);
  // Front and back tops may differ in height; the band goes round the arm at one.
  const starts = faces.flatMap((each) => seenDown(garment, each, 'armhole').slice(0, 1));
  const level = starts.reduce((sum, { y }) => sum + y, 0) / starts.length;
  const down = level + 4 - figure.heights.tip;
  const outer = (off: number) => besideArm(figure, down - 6 + off, halfArm(figure, down) + 5);
  const [top, low] = [outer(0), outer(width)];
  const bow = Math.min(16, 0.03 * length) * (face === 'back' ? -0.5 : 1);
  const bowed = (from: Point, to: Point, by: number) =>
    Array.from({ length: 17 }, (_, index) => {
      const t = index / 16;
      return point(from.x + (to.x - from.x) * t, from.y + (to.y - from.y) * t + by * 4 * t * (1 - t));
    });
  const [upper, lower] = [bowed(start, top, 0.6 * bow), bowed(sewn, low, 0.6 * bow)];
  return hands.flatMap((hand) => [
    ...filled(hand([...upper, ...[...lower].reverse()]), clothOf(view, piece)),
    line(hand(upper), 'edge'),
    line(hand(lower), 'edge'),
    line(hand([top, low]), 'side'),
    line(hand([start, sewn]), 'seam'),
  ]);
}

/** Ties from the top of a front, up round the neck, and knotted behind it. */
export function neckTieShapes(view: DetailView, { piece, from, width, length }: Of<'neck-tie'>): Shape[] {
  const { figure } = view.garment;
  const cloth = clothOf(view, piece);
  const y = -0.1 * figure.measures.neck;
  const half = 1.02 * figure.neck;
  if (view.face === 'back') {
    const band = (off: number) =>
      Array.from({ length: 21 }, (_, index) => {
        const across = index / 10 - 1;
        return point(half * across, y + off + 8 * (1 - across * across));
      });
    const [upper, lower] = [band(-0.5 * width), band(0.5 * width)];
    return [
      ...filled([...upper, ...[...lower].reverse()], cloth),
      line(upper, 'side'),
      line(lower, 'side'),
      ...bowShapes(point(0, y + 8), length - half, width, cloth),
    ];
  }
  const edge = seenNamed(view, from);
  const [a, b] = [edge[0], edge.at(-1)];
  if (!a || !b) return [];
  const [inner, outer] = a.x < b.x ? [a, b] : [b, a];
  const up = [point(half * 0.94, y - 6), point(half * 1.12, y)];
  return hands.flatMap((hand) => [
    ...filled(hand([inner, ...up, outer]), cloth),
    line(hand([inner, ...up.slice(0, 1)]), 'side'),
    line(hand([outer, ...up.slice(1)]), 'side'),
    line(hand([inner, outer]), 'seam'),
  ]);
}

/** Number of crossings of a lace, and the strip of loops that it goes through, mm. */
const LACING = { crossings: 6, loops: 20, tail: 150 } as const;

/** The lace through eyes on one side and their mirrors, with its ends hanging below. */
function laceShapes(eyes: readonly Point[], width: number, cloth: ClothRole): Shape[] {
  const cord = (points: readonly Point[]): Shape => ({ kind: 'cord', points, width, cloth });
  const pairs = eyes.slice(1).map((eye, index) => ({ from: eyes[index] ?? eye, to: eye }));
  const last = eyes.at(-1) ?? point(0, 0);
  return [
    ...pairs.flatMap(({ from, to }) => [
      cord([point(-from.x, from.y), to]),
      cord([from, point(-to.x, to.y)]),
    ]),
    ...hands.map((hand) =>
      cord(hand([last, point(0, last.y + 16), point(-16, last.y + 60), point(-26, last.y + LACING.tail)])),
    ),
    ...hands.flatMap((hand) => eyes.map((eye) => line(ringAt(hand([eye])[0] ?? eye), 'fine'))),
  ];
}

/** Eyes down a line, from just below its top to just above its foot, so far inside it. */
function eyesAlong(side: readonly Point[], inside: number): Point[] {
  const [top, foot] = [side[0]?.y ?? 0, side.at(-1)?.y ?? 0];
  const outAt = lookup(side.map(({ x, y }): [number, number] => [y, x]));
  return Array.from({ length: LACING.crossings }, (_, index) => {
    const y = top + (0.05 + (0.88 * index) / (LACING.crossings - 1)) * (foot - top);
    return point(valueAt(outAt, y) + inside, y);
  });
}

/** A lace across an open back: between the sides of the front, or between both edges of the back itself. */
export function lacingShapes(view: DetailView, { piece, between, width }: Of<'lacing'>): Shape[] {
  if (view.face !== 'back') return [];
  const cloth = clothOf(view, piece);
  if ('edge' in between)
    return laceShapes(eyesAlong(seenNamed(view, between.edge), LACING.loops / 2), width, cloth);
  const panel = view.garment.panels.find((each) => each.piece.id === between.sidesOf);
  const side = panel ? seenDown(view.garment, 'front', 'side') : [];
  if (side.length < 2) return [];
  const inner = side.map(({ x, y }) => point(x - LACING.loops, y));
  return [
    ...hands.flatMap((hand) => [
      ...filled(hand([...side, ...[...inner].reverse()]), clothOf(view, between.sidesOf)),
      line(hand(side), 'side'),
      line(hand(inner), 'side'),
    ]),
    ...laceShapes(eyesAlong(side, -LACING.loops - 2), width, cloth),
  ];
}

/** A small eye that a lace goes through. */
const ringAt = (at: Point): Point[] =>
  Array.from({ length: 13 }, (_, index) => {
    const turn = (index / 12) * 2 * Math.PI;
    return point(at.x + 8 * Math.cos(turn), at.y + 4.5 * Math.sin(turn));
  });

/** A belt sewn to the hem all round, tied in a bow behind. */
export function sashShapes(view: DetailView, { piece, width, free }: Of<'sash'>): Shape[] {
  const { garment, face } = view;
  const hem = seenDown(garment, face, 'side').at(-1)?.y;
  if (hem === undefined) return [];
  const at = hem - 8;
  const half = valueAt(garment.bend.seen, at) + 3;
  const band = (y: number) =>
    Array.from({ length: 31 }, (_, index) => {
      const across = index / 15 - 1;
      return point(half * across, y + 7 * (1 - across * across));
    });
  const [upper, lower] = [band(at), band(at + width)];
  const cloth = clothOf(view, piece);
  const ends = [0, 30].map((index) =>
    line([upper[index] ?? point(0, at), lower[index] ?? point(0, at)], 'side'),
  );
  return [
    ...filled([...upper, ...[...lower].reverse()], cloth),
    line(upper, 'side'),
    line(lower, 'edge'),
    ...ends,
    ...(face === 'back' ? bowShapes(point(0, at + width / 2 + 5), free / 2, width, cloth) : []),
  ];
}
