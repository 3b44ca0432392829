import { smoothThrough } from '../geometry/smooth-through.ts';
import { between, point, type Point } from '../geometry/point.ts';
import type { Face } from '../pieces/piece.ts';
import { inches } from '../units/length.ts';
import type { RecutInput } from './recut-input.ts';
import type { RecutWidth } from './recut-widths.ts';

/** The levels of a shirt below its collar band: the waist a quarter of the height, the hip 8 below it, the chest at the foot of the armhole. Common practice. */
const DOWN = { chest: inches(9.5), waist: inches(16.5), toHip: inches(8) };
/** The shoulder falls by this from the neck, and the neck is so wide on the half; for the drawing alone. By eye. */
const SHOULDER = { drop: inches(1.75), neck: inches(3) };

/** Heights of a shirt below its collar band, mm. */
export interface RecutHeights {
  readonly chest: number;
  readonly waist: number;
  readonly hip: number;
  readonly hem: number;
}

export function recutHeights({ now, target }: RecutInput): RecutHeights {
  const height = target.kind === 'body' ? target.body.height : undefined;
  const waist = height === undefined ? DOWN.waist : height / 4;
  const chest = Math.min(DOWN.chest, 0.62 * waist);
  const hip = waist + DOWN.toHip;
  return { chest, waist, hip, hem: Math.max(hip + inches(2), now.backLength ?? 0) };
}

/** One half of a shirt as it lies, x out from the centre, y down from the collar band: what stays, and its side as it was, as it is sewn and as it is cut. */
export interface RecutDrawing {
  readonly face: Face;
  readonly body: readonly Point[];
  readonly old: readonly Point[];
  readonly sewn: readonly Point[];
  readonly cut: readonly Point[];
}

const POINTS = 40;

/** A side through its widths at the levels that are known, running straight on above and below them. */
function sideThrough(at: readonly Point[], from: number, to: number): Point[] {
  const outAt = smoothThrough(at.map(({ x, y }) => point(y, x)));
  return Array.from({ length: POINTS + 1 }, (_, index) => {
    const y = from + ((to - from) * index) / POINTS;
    return point(outAt(y), y);
  });
}

/** A line from one point to another that bends towards a third. */
const bent = (from: Point, towards: Point, to: Point): Point[] =>
  Array.from({ length: 13 }, (_, index) => {
    const t = index / 12;
    return between(between(from, towards, t), between(towards, to, t), t);
  });

/** Both halves drawn; none until two levels are known. */
export function recutDrawings(input: RecutInput, widths: readonly RecutWidth[]): RecutDrawing[] {
  if (widths.length < 2) return [];
  const heights = recutHeights(input);
  const yoke = input.now.halfYoke ?? inches(8.5);
  return (['front', 'back'] as const).map((face): RecutDrawing => {
    const through = (out: (width: RecutWidth) => number) =>
      sideThrough(
        widths.map((width) => point(out(width), heights[width.level])),
        heights.chest,
        heights.hem,
      );
    const old = through(({ halves }) => halves[face].now.mm);
    const [underarm, foot] = [old[0] ?? point(0, 0), old.at(-1) ?? point(0, 0)];
    const centre = point(0, inches(face === 'front' ? 3 : 0.5));
    const [neck, tip] = [point(SHOULDER.neck, 0), point(yoke, SHOULDER.drop)];
    return {
      face,
      body: [
        foot,
        point(0, heights.hem),
        ...bent(centre, point(SHOULDER.neck, centre.y), neck),
        ...bent(tip, point(0.93 * yoke, heights.chest), underarm),
      ],
      old,
      sewn: through(({ halves }) => halves[face].sewAt.mm),
      cut: through(({ halves }) => halves[face].cutAt.mm),
    };
  });
} // prettier-ignore
