import { point, type Point } from '../geometry/point.ts';
import type { Ring } from '../geometry/ring.ts';
import type { LayPiece } from '../lay/model/layable.ts';
import { seededRandom } from '../lay/plan/seeded-random.ts';

/** A side of an outline on its way to the next corner: straight, or bulging out to its left by so many mm half-way. */
interface Side {
  readonly to: Point;
  readonly bulge?: number;
}

const CURVE_POINTS = 14;

/** Sides one after the other, curves as parabolas; closes from the last corner to the first. */
function outline(start: Point, sides: readonly Side[]): Ring {
  const ring: Point[] = [];
  let from = start;
  for (const { to, bulge = 0 } of sides) {
    ring.push(from);
    if (bulge !== 0) {
      const [dx, dy] = [to.x - from.x, to.y - from.y];
      const length = Math.hypot(dx, dy);
      for (let step = 1; step < CURVE_POINTS; step++) {
        const t = step / CURVE_POINTS;
        const out = 4 * t * (1 - t) * bulge;
        ring.push(point(from.x + t * dx + (out * dy) / length, from.y + t * dy - (out * dx) / length));
      }
    }
    from = to;
  }
  return ring;
}

/** Both halves of a piece whose half lies right of x = 0, from the top centre down its side to the bottom centre. */
function bothHalves(half: Ring): Ring {
  const inner = half.filter(({ x }) => x > 1e-6);
  return [...half, ...inner.map(({ x, y }) => point(-x, y)).reverse()];
}

interface Size {
  /** A quarter of the bust, of the waist and of the hip with ease, and lengths, mm. */
  readonly bust: number;
  readonly waist: number;
  readonly hip: number;
  readonly bodice: number;
  readonly skirt: number;
  readonly sleeve: number;
}

type Draw = (size: Size, jitter: (mm: number) => number) => Ring;

const front: Draw = ({ bust, waist, bodice }, jitter) =>
  bothHalves(
    outline(point(0, 95 + jitter(20)), [
      { to: point(75, 0), bulge: -26 },
      { to: point(190, 38) },
      { to: point(bust, 225 + jitter(15)), bulge: -52 },
      { to: point(waist + 22, bodice) },
      { to: point(0, bodice + 12), bulge: -6 },
      { to: point(0, 95) },
    ]).slice(0, -1),
  );

const back: Draw = ({ bust, waist, bodice }, jitter) =>
  outline(point(-25, 25), [
    { to: point(0, 25) },
    { to: point(78, 0), bulge: -14 },
    { to: point(200, 40) },
    { to: point(bust, 218 + jitter(12)), bulge: -40 },
    { to: point(waist + 20, bodice) },
    { to: point(-25, bodice) },
    { to: point(-25, 25) },
  ]);

const sleeve: Draw = ({ bust, sleeve: long }, jitter) => {
  const half = 0.72 * bust + jitter(14);
  return outline(point(-half, 150), [
    { to: point(-half / 2, 62), bulge: -16 },
    { to: point(0, 0), bulge: 22 },
    { to: point(half / 2, 55), bulge: 26 },
    { to: point(half, 150), bulge: -22 },
    { to: point(0.66 * half, long), bulge: -7 },
    { to: point(-0.66 * half, long), bulge: -5 },
    { to: point(-half, 150), bulge: -5 },
  ]);
};

const skirtFront: Draw = ({ waist, hip, skirt }, jitter) =>
  bothHalves(
    outline(point(0, 0), [
      { to: point(waist + 35, -14), bulge: -7 },
      { to: point(hip, 210), bulge: 17 },
      { to: point(hip + 60 + jitter(25), skirt - 8) },
      { to: point(0, skirt + 16), bulge: 6 },
    ]),
  );

const skirtBack: Draw = ({ waist, hip, skirt }, jitter) =>
  outline(point(-25, 0), [
    { to: point(waist + 45, -16), bulge: -6 },
    { to: point(hip + 6, 210), bulge: 19 },
    { to: point(hip + 65 + jitter(25), skirt - 9) },
    { to: point(-25, skirt + 14), bulge: 5 },
    { to: point(-25, 0) },
  ]);

const gore: Draw = ({ waist, hip, skirt }, jitter) => {
  const [top, low] = [0.35 * waist, 0.7 * hip + jitter(25)];
  return outline(point(-top, 0), [
    { to: point(top, 0), bulge: -4 },
    { to: point(0.5 * hip, 200), bulge: 6 },
    { to: point(low, skirt) },
    { to: point(-low, skirt), bulge: 12 },
    { to: point(-0.5 * hip, 200) },
    { to: point(-top, 0), bulge: 6 },
  ]);
};

const panel: Draw = ({ bust, waist, bodice }, jitter) =>
  outline(point(0, 140), [
    { to: point(0.45 * bust, 225), bulge: -16 },
    { to: point(0.44 * waist + jitter(10), bodice) },
    { to: point(0.06 * bust, bodice), bulge: -3 },
    { to: point(-0.04 * bust, 270), bulge: 9 },
    { to: point(0, 140), bulge: 6 },
  ]);

const facing: Draw = (_, jitter) => {
  const wide = 55 + jitter(8);
  return bothHalves(
    outline(point(0, 95), [
      { to: point(75, 0), bulge: -26 },
      { to: point(75 + wide, 19) },
      { to: point(0, 95 + wide), bulge: 40 },
    ]),
  );
};

const collar: Draw = (_, jitter) =>
  bothHalves(
    outline(point(0, 0), [
      { to: point(205 + jitter(12), -16), bulge: 5 },
      { to: point(228, 70) },
      { to: point(0, 78), bulge: -6 },
    ]),
  );

const strip =
  (long: number, wide: number): Draw =>
  (_, jitter) => {
    const length = long + jitter(long / 12);
    return outline(point(0, 0), [
      { to: point(wide, 0) },
      { to: point(wide, length) },
      { to: point(0, length) },
      { to: point(0, 0) },
    ]);
  };

/** A third of a ring that falls in folds. */
const flounce: Draw = (_, jitter) => {
  const [inner, outer] = [120, 300 + jitter(25)];
  return outline(point(-outer, 60), [
    { to: point(outer, 60), bulge: 0.62 * outer },
    { to: point(inner, 160) },
    { to: point(-inner, 160), bulge: -0.45 * inner },
    { to: point(-outer, 60) },
  ]);
};

const pocket: Draw = (_, jitter) => {
  const wide = 74 + jitter(6);
  return outline(point(-wide, 0), [
    { to: point(wide, 0) },
    { to: point(wide, 120) },
    { to: point(-wide, 120), bulge: 55 },
    { to: point(-wide, 0) },
  ]);
};

type Cut = LayPiece['cut']['layers'];

/** What a garment is cut from, in the order in which an order grows: name, outline, how it is cut and how often. */
const PARTS: readonly (readonly [name: string, draw: Draw, layers: Cut, copies: number])[] = [
  ['front', front, 'single', 1],
  ['back', back, 'pair', 2],
  ['skirt-front', skirtFront, 'single', 1],
  ['skirt-back', skirtBack, 'pair', 2],
  ['sleeve', sleeve, 'pair', 2],
  ['belt', strip(820, 78), 'single', 1],
  ['facing', facing, 'single', 1],
  ['collar', collar, 'single', 2],
  ['cuff', strip(240, 110), 'pair', 2],
  ['pocket', pocket, 'pair', 2],
  ['panel', panel, 'pair', 2],
  ['gore', gore, 'single', 4],
  ['flounce', flounce, 'single', 2],
  ['second-front', front, 'single', 1],
  ['second-back', back, 'pair', 2],
  ['second-sleeve', sleeve, 'pair', 2],
  ['second-gore', gore, 'single', 4],
  ['second-facing', facing, 'single', 1],
  ['second-pocket', pocket, 'pair', 2],
];

/** An order of so many pieces, in made-up sizes: curved like drafted ones, without being drafted. Seeded. */
export function garmentPieces(count: number, seed: number): LayPiece[] {
  const random = seededRandom(seed);
  const between = (low: number, high: number) => low + (high - low) * random();
  const bust = between(225, 280);
  const size: Size = {
    bust,
    waist: 0.8 * bust,
    hip: 1.08 * bust,
    bodice: between(395, 440),
    skirt: between(560, 680),
    sleeve: between(420, 600),
  };
  const pieces: LayPiece[] = [];
  let left = count;
  for (let turn = 0; left > 0; turn++) {
    const [name, draw, layers, copies] = PARTS[turn % PARTS.length] ?? PARTS[0]!;
    const cut = Math.min(copies, left);
    pieces.push({
      id: turn < PARTS.length ? name : `${name}-${Math.floor(turn / PARTS.length) + 1}`,
      cut: { copies: cut, layers: cut === copies ? layers : 'single' },
      outline: draw(size, (mm) => between(-mm, mm)),
    });
    left -= cut;
  }
  return pieces;
}
