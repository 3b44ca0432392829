import { clamp } from '../../geometry/clamp.ts';
import { lookup, valueAt, type Lookup } from '../../geometry/lookup.ts';
import type { Figure } from '../figure.ts';
import type { Face } from '../../pieces/piece.ts';
import { flatPlace, type Panel } from './panel.ts';

/** Bend of a garment round the body, by height: levels are arcs whose ends are as far apart as the girth is seen wide. */
export interface Bend {
  /** Length of the half level, from the centre to the side, by face; mm. */
  readonly half: { readonly [face in Face]: Lookup };
  /** Curvature of the level, and what is left to shorten where the bend is at its limit; by face. */
  readonly curvature: { readonly [face in Face]: Lookup };
  readonly shortened: { readonly [face in Face]: Lookup };
  /** Half-width that is seen, mm. */
  readonly seen: Lookup;
  /** The highest point of a side seam. */
  readonly armpit: number;
}

/** Heights at which the bend is worked out, and those over which the sides are made smooth; mm. */
const GRID = 8;
const SMOOTHED = 42;
/** Arc ÷ chord of a level: nearly flat, and nearly a half circle. */
const LEAST_ARC = 1.001;
const MOST_ARC = 1.55;
/** A level over the shoulders is this many shoulder widths from its centre of curvature: nearly flat. By eye. */
const SHOULDER_RADIUS = 1.7;

/** The half angle whose arc is `ratio` times its chord, by bisection; radians. */
function angleOf(ratio: number): number {
  let [low, high] = [0.01, 1.545];
  for (let round = 0; round < 30; round++) {
    const middle = (low + high) / 2;
    if (middle / Math.sin(middle) < ratio) low = middle;
    else high = middle;
  }
  return low;
}

/** Places of the side of a face out along the level, by height. */
function reachOf(panels: readonly Panel[], face: Face): [number, number][] {
  return panels
    .filter((panel) => panel.face === face)
    .flatMap(({ side, ...panel }) =>
      (side?.x.keys ?? []).map((y, index): [number, number] => {
        const place = flatPlace({ ...panel, ...(side && { side }) }, { x: side?.x.values[index] ?? 0, y });
        return [place.height, Math.abs(place.out)];
      }),
    );
}

/** A lookup averaged over the heights around each. */
function smoothed(rough: Lookup, from: number, to: number): Lookup {
  const pairs: [number, number][] = [];
  for (let height = from; height <= to; height += GRID) {
    let sum = 0;
    for (let off = -SMOOTHED; off <= SMOOTHED; off += 7) sum += valueAt(rough, height + off);
    pairs.push([height, sum / (1 + (2 * SMOOTHED) / 7)]);
  }
  return lookup(pairs);
}

/** The bend of the panels of a garment; a garment without sides is as wide as the figure. */
export function bendOf(panels: readonly Panel[], figure: Figure): Bend {
  const reach = { front: reachOf(panels, 'front'), back: reachOf(panels, 'back') };
  const heights = [...reach.front, ...reach.back].map(([height]) => height);
  const armpit = heights.length > 0 ? Math.min(...heights) : figure.heights.armpit;
  const foot = heights.length > 0 ? Math.max(...heights) : figure.heights.hip;
  const ofFigure = (): [number, number][] => [
    [armpit, figure.half(armpit) * 1.5],
    [foot, figure.half(foot) * 1.5],
  ];
  const rough = (face: Face, other: Face) =>
    lookup([reach[face], reach[other], ofFigure()].find(({ length }) => length > 0) ?? ofFigure());
  const [top, end] = [armpit - 2 * SMOOTHED, foot + 2 * SMOOTHED];
  const half = {
    front: smoothed(rough('front', 'back'), top, end),
    back: smoothed(rough('back', 'front'), top, end),
  };
  const rows = half.front.keys.map((height) => {
    const [front, back] = [valueAt(half.front, height), valueAt(half.back, height)];
    const seen = (front + back) * valueAt(figure.seen, height);
    const bent = (length: number) => {
      const angle = angleOf(clamp(length / seen, LEAST_ARC, MOST_ARC));
      return { curvature: angle / length, shortened: seen / ((length * Math.sin(angle)) / angle) };
    };
    return { height, seen, front: bent(front), back: bent(back) };
  });
  const column = (of: (row: (typeof rows)[number]) => number) =>
    lookup(rows.map((row) => [row.height, of(row)]));
  return {
    half,
    curvature: { front: column(({ front }) => front.curvature), back: column(({ back }) => back.curvature) },
    shortened: { front: column(({ front }) => front.shortened), back: column(({ back }) => back.shortened) },
    seen: column(({ seen }) => seen),
    armpit,
  };
}

/** A place along a level as it is seen: x out from the centre, mm. */
export function bentOut(bend: Bend, figure: Figure, face: Face, out: number, height: number): number {
  const at = Math.max(height, bend.armpit);
  const { tip } = figure.heights;
  const part = clamp((height - tip) / Math.max(1, bend.armpit - tip), 0, 1);
  const flat = 1 / (figure.measures.shoulder * SHOULDER_RADIUS);
  const curvature = flat + (valueAt(bend.curvature[face], at) - flat) * part ** 0.75;
  const shortened = 1 + (valueAt(bend.shortened[face], at) - 1) * part;
  return (
    (Math.sign(out) * shortened * Math.sin(Math.min(curvature * Math.abs(out), Math.PI / 2))) / curvature
  );
}
