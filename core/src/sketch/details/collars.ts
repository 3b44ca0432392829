import type { Detail } from '../../drafting/detail.ts';
import { point, type Point } from '../../geometry/point.ts';
import { edgesWithRole, roleLength } from '../../pieces/piece.ts';
import { filled, line, mirrored, type Shape } from '../shape.ts';
import { clothOf, type DetailView } from './detail-view.ts';
import { seenEdge } from '../place/placed-garment.ts';

type Collar = Extract<Detail, { kind: 'collar' }>;

/** From where it is widest to the centre: a wide neck may rise to the centre of a back, and may turn down over the shoulder. */
function inwards(points: readonly Point[]): Point[] {
  const out = points.map(({ x }) => Math.abs(x));
  const path = (out[0] ?? 0) >= (out.at(-1) ?? 0) ? [...points] : [...points].reverse();
  const widest = Math.max(...out);
  return path.slice(path.findIndex(({ x }) => Math.abs(x) === widest));
}

/** The neck of a face from the shoulder to the centre. */
function neckLine({ garment, face }: DetailView): Point[] | undefined {
  const panel = garment.panels.find(
    (each) => each.face === face && each.piece.role !== 'net' && edgesWithRole(each.piece, 'neck').length > 0,
  );
  const [neck] = panel ? edgesWithRole(panel.piece, 'neck') : [];
  return panel && neck ? inwards(seenEdge(garment, panel, neck)) : undefined;
}

const arch = (half: number, y: number, sag: number): Point[] =>
  Array.from({ length: 25 }, (_, index) => {
    const across = (index / 24) * 2 - 1;
    return point(half * across, y + sag * (1 - across * across));
  });

/** A collar that stands round the neck: as high as it is finished, a little narrower at its top. */
function standing(view: DetailView, neck: readonly Point[], depth: number, piece: string): Shape[] {
  const [side, centre] = [neck[0], neck.at(-1)];
  if (!side || !centre) return [];
  const isBack = view.face === 'back';
  const half = Math.max(0.86 * side.x, 0.95 * view.garment.figure.neck);
  const top = side.y - 0.92 * depth;
  const rim = arch(half, top, isBack ? -0.1 * depth : 0.3 * (centre.y - side.y));
  const behind = arch(half, top, isBack ? 0 : -9);
  const cloth = clothOf(view, piece);
  const inside: Shape[] = isBack
    ? []
    : [...filled([...rim, ...[...behind].reverse()], cloth, 'inside'), line(behind, 'seam')];
  return [
    ...inside,
    ...filled([...rim, ...neck, ...mirrored(neck).reverse()], cloth),
    line(rim, 'edge'),
    ...[mirrored, (points: readonly Point[]) => points].flatMap((hand) => [
      line(hand([point(half, top), side]), 'side'),
      line(hand(neck), 'seam'),
    ]),
    ...(isBack ? [line([point(0, top - 0.1 * depth), centre], 'seam')] : []),
  ];
}

/** Part of a falling collar's depth that stands, unseen from in front at its centre. By eye. */
const STANDS = 0.22;

/** A collar that falls over the shoulders: with two points where it opens in front, round elsewhere. */
function falling(view: DetailView, neck: readonly Point[], depth: number, { piece, opens }: Collar): Shape[] {
  const isBack = view.face === 'back';
  const isOpen = opens === view.face;
  const [stand, fall] = [STANDS * depth, (1 - STANDS) * depth];
  const last = neck.length - 1;
  const up = neck.map(({ x, y }, index) => {
    const t = index / last;
    return point(x * (1 - 0.1 * (1 - t)), y - stand * (1 - (isBack ? 0 : t * t)));
  });
  const out = neck.map(({ x, y }, index) => {
    const t = index / last;
    const [dx, dy] = isOpen && !isBack ? [0.8 - 0.45 * t, 0.5 + 0.5 * t] : [0.75 * (1 - t), 0.55 + 0.45 * t];
    return point(x + dx * fall, y + dy * fall);
  });
  const cloth = clothOf(view, piece);
  const [upEnd, outEnd] = [up[0], out[0]];
  const [upCentre, outCentre] = [up[last], out[last]];
  if (!upEnd || !outEnd || !upCentre || !outCentre) return [];
  const behind = isBack ? [] : [line(arch(upEnd.x, upEnd.y, -6), 'seam')];
  if (isBack || !isOpen) {
    const rim = [...mirrored(up), ...[...up].reverse().slice(1)];
    const edge = [...mirrored(out), ...[...out].reverse().slice(1)];
    return [
      ...filled([...rim, ...[...edge].reverse()], cloth),
      line(edge, 'edge'),
      line(rim, 'edge'),
      line([upEnd, outEnd], 'side'),
      line(mirrored([upEnd, outEnd]), 'side'),
      ...(isOpen ? [line([upCentre, outCentre], 'seam')] : []),
      ...behind,
    ];
  }
  return [
    ...[(points: readonly Point[]) => [...points], mirrored].flatMap((hand) => [
      ...filled(hand([...up, ...[...out].reverse()]), cloth),
      line(hand(out), 'edge'),
      line(hand([outCentre, upCentre, ...[...up].reverse(), outEnd]), 'side'),
    ]),
    ...behind,
  ];
}

/** A collar on the neck that it is sewn to, as deep as its end is long. */
export function collarShapes(view: DetailView, collar: Collar): Shape[] {
  const { piece: id, manner } = collar;
  const piece = view.pieces.find((each) => each.id === id);
  const neck = neckLine(view);
  if (!piece || !neck) return [];
  const depth = roleLength(piece, 'end');
  switch (manner) {
    case 'stands':
      return standing(view, neck, depth, id);
    case 'falls':
      return falling(view, neck, depth, collar);
  }
}
