import { between, point, type Point } from '../geometry/point.ts';
import { smoothThrough } from '../geometry/smooth-through.ts';
import { besideArm, halfArm, SEEN, type Figure } from './figure.ts';
import { line, mirrored, type Shape } from './shape.ts';

const steps = (from: number, to: number, by: number): number[] =>
  Array.from({ length: Math.max(2, Math.ceil((to - from) / by) + 1) }, (_, index) =>
    Math.min(to, from + index * by),
  );

/** The head, an egg as wide as its girth asks, from the crown down; and the height at which it ends. */
function head({ measures, heights }: Figure): { ring: Point[]; chin: number } {
  const half = (0.265 * measures.head) / 2;
  const high = Math.min(-0.86 * heights.crown, 0.4 * measures.head);
  const middle = heights.crown + high / 2;
  const ring = Array.from({ length: 49 }, (_, index) => {
    const turn = (index / 48) * 2 * Math.PI;
    const down = -Math.cos(turn);
    const jaw = down > 0 ? 1 - 0.22 * down * down : 1;
    return point(half * jaw * Math.sin(turn), middle + (high / 2) * down);
  });
  return { ring, chin: heights.crown + high };
}

/** The neck from under the chin down to the start line. */
function neckLine({ neck }: Figure, chin: number): Point[] {
  const out = smoothThrough([
    point(Math.min(chin - 20, -40), 0.86 * neck),
    point(-25, 0.9 * neck),
    point(-4, 1.15 * neck),
    point(4, 1.6 * neck),
  ]);
  return steps(Math.min(chin - 14, -34), 4, 4).map((y) => point(out(y), y));
}

/** One side of the hand below the wrist. */
function hand(figure: Figure, side: 1 | -1): Point[] {
  const { armLength, hand: round } = figure.measures;
  return Array.from({ length: 12 }, (_, index) => {
    const t = index / 11;
    const down = armLength + 0.8 * round * Math.sin((t * Math.PI) / 2);
    return besideArm(figure, down, side * halfArm(figure, armLength) * (1 - t * t));
  });
}

/** Shoulder, outer arm and hand, and the inner arm from the armpit down. */
function armLines(figure: Figure, neck: readonly Point[]): Point[][] {
  const { heights, tip, measures } = figure;
  const onto = besideArm(figure, 60, halfArm(figure, 60));
  const [from, over] = [point(tip.x - 34, heights.tip - 5), point(tip.x + 2, heights.tip)];
  const shoulder = Array.from({ length: 9 }, (_, index) => {
    const t = index / 8;
    return between(between(from, over, t), between(over, onto, t), t);
  });
  const down = steps(60, measures.armLength, 10);
  const outer = down.map((at) => besideArm(figure, at, halfArm(figure, at)));
  const fromArmpit = (heights.armpit - heights.tip + 25) / Math.cos(figure.armAngle);
  const inner = steps(fromArmpit, measures.armLength, 10).map((at) =>
    besideArm(figure, at, -halfArm(figure, at)),
  );
  return [
    [...neck, ...shoulder, ...outer, ...hand(figure, 1)],
    [...inner, ...hand(figure, -1)],
  ];
}

/** Outer and inner lines of the leg, and the foot. */
function legLines({ measures, heights, half }: Figure, isBack: boolean): Point[][] {
  const hip = (measures.hip * SEEN.hip) / 2;
  const limb = (girth: number) => (girth * SEEN.limb) / 2;
  const [atKnee, atAnkle] = [0.5 * hip, 0.47 * hip];
  const { crotch, knee, ankle, floor } = heights;
  const outer = smoothThrough([
    point(crotch, half(crotch)),
    point(crotch + 0.35 * (knee - crotch), Math.min(half(crotch), 9 + 2 * limb(measures.thigh))),
    point(knee, atKnee + limb(measures.knee)),
    point(knee + 0.35 * (ankle - knee), atKnee + limb(measures.calf)),
    point(ankle, atAnkle + limb(measures.ankle)),
  ]);
  const inner = smoothThrough([
    point(crotch, 4),
    point(crotch + 60, 9),
    point(knee, Math.max(9, atKnee - limb(measures.knee))),
    point(ankle, Math.max(12, atAnkle - limb(measures.ankle))),
  ]);
  const sole = floor + (isBack ? -6 : 14);
  const wide = measures.ankle;
  return [
    [
      ...steps(heights.armpit, crotch, 6).map((y) => point(half(y), y)),
      ...steps(crotch, ankle, 8).map((y) => point(outer(y), y)),
    ],
    steps(crotch, ankle, 8).map((y) => point(inner(y), y)),
    [
      point(outer(ankle), ankle),
      point(atAnkle + 0.24 * wide, floor - 8),
      point(atAnkle + 0.16 * wide, sole),
      point(Math.max(4, atAnkle - 0.12 * wide), sole),
      point(inner(ankle), ankle),
    ],
  ];
}

/** The person as pale lines, under everything else. */
export function personLines(figure: Figure, isBack: boolean): Shape[] {
  const { ring, chin } = head(figure);
  const neck = neckLine(figure, chin);
  const halves = [...armLines(figure, neck), ...legLines(figure, isBack)];
  return [ring, ...halves, ...halves.map(mirrored)].map((points) => line(points, 'person'));
}
