import { clamp } from '../../geometry/clamp.ts';
import { add, distance, point, scale, subtract, type Point } from '../../geometry/point.ts';
import type { ClothRole } from '../../pieces/piece.ts';
import { along } from '../along.ts';
import { filled, line, type Shape } from '../shape.ts';

/** Cloth that hangs between a left and a right line, both from the top down. */
export interface HangingCloth {
  readonly left: readonly Point[];
  readonly right: readonly Point[];
  /** Length ÷ what it is sewn to, at the top. */
  readonly gather: number;
  /** Girth of the hem ÷ the girth that would hang without a fold. */
  readonly flare: number;
  /** Sag of hem and top in the middle, mm. */
  readonly sag: number;
  readonly topSag: number;
  /** Folds that may fall; their number is fixed, so that they grow out of nothing. */
  readonly folds: number;
  /** The curve that the top lies on, from left to right, where it is none between the two lines. */
  readonly top?: readonly Point[];
  /** Parts of the way down at which seams cross it; below each it is gathered as at its top. */
  readonly seamsAt?: readonly number[];
  /** Pleats across it, pressed from its top to its hem. */
  readonly pleats?: number;
  /** Above each seam it is gathered as well: cloth that is taken into a cuff. */
  readonly intoCuff?: true;
  /** Gathered along one of its sides, 0 the left and 1 the right, between two parts of the way down. */
  readonly ruched?: { readonly on: 0 | 1; readonly from: number; readonly to: number };
  /** A trim is sewn along its hem. */
  readonly trimmed?: boolean;
  readonly cloth: ClothRole;
}

const span = <Item>(count: number, of: (part: number) => Item): Item[] =>
  Array.from({ length: count + 1 }, (_, index) => of(index / count));

const bow = (across: number): number => 4 * across * (1 - across);

/** A frame of the cloth: a point by its place across and down, moved down further by `more`. */
function frame({ left, right, sag, topSag, top }: HangingCloth) {
  const [l0, r0, l1, r1] = [along(left, 0), along(right, 0), along(left, 1), along(right, 1)];
  const down = subtract(add(l1, r1), add(l0, r0));
  const length = Math.max(1, distance(down, point(0, 0)) / 2);
  const way = scale(down, 1 / (2 * length));
  const at = (across: number, part: number, more = 0): Point => {
    const [a, b] = [along(left, part), along(right, part)];
    const sunk = (topSag + (sag - topSag) * part) * bow(across) + more;
    const straight = add(add(a, scale(subtract(b, a), across)), scale(way, sunk));
    if (!top) return straight;
    const off = subtract(along(top, across), add(l0, scale(subtract(r0, l0), across)));
    return add(straight, scale(off, Math.max(0, 1 - part) ** 4));
  };
  return { at, way, length, width: distance(l1, r1) };
}

type Frame = ReturnType<typeof frame>;

/** Folds that rise from the hem by the cloth's surplus. */
function foldLines({ at }: Frame, { flare, gather, folds }: HangingCloth, wave: (across: number) => number) {
  const rise = clamp(0.6 * Math.max(0, flare - 1.15) + 0.5 * (gather - 1), 0, 0.82);
  if (rise <= 0.03) return [];
  return Array.from({ length: folds }, (_, index) => {
    const across = (index + 0.5) / folds;
    const long = rise * (index % 2 === 1 ? 0.72 : 1);
    return span(10, (part) =>
      at(across + (0.12 / folds) * Math.sin(part * 2.6 + index), 1 - long * part, (1 - part) * wave(across)),
    );
  });
}

/** Short lines below a gathered edge, uneven as gathers are. */
function gatherLines({ at, length }: Frame, { gather, folds, seamsAt = [] }: HangingCloth): Point[][] {
  if (gather <= 1.02) return [];
  const reach = Math.min(clamp(0.45 * (gather - 1), 0.03, 0.4), 90 / length);
  return [0, ...seamsAt].flatMap((from) =>
    Array.from({ length: 3 * folds - 1 }, (_, index) => {
      const [across, long] = [
        (index + 1) / (3 * folds),
        reach * (0.45 + 0.55 * Math.abs(Math.sin((index + 1) * 2.4))),
      ];
      return span(5, (part) => at(across + 0.006 * Math.sin((index + 1) * 1.7) * part, from + long * part));
    }),
  );
}

/** The folds of pleats, from the top to the hem. */
const pleatLines = ({ at }: Frame, { pleats = 0 }: HangingCloth): Point[][] =>
  Array.from({ length: pleats }, (_, index) => span(8, (part) => at((index + 0.5) / pleats, part)));

/** Part of its length over which cloth that is taken into a cuff shows its gathers. */
const INTO_CUFF = 0.09;

/** Short lines above a seam into which cloth is gathered. */
const cuffLines = ({ at }: Frame, { folds, seamsAt = [], intoCuff }: HangingCloth): Point[][] =>
  !intoCuff
    ? []
    : seamsAt.flatMap((to) =>
        Array.from({ length: 2 * folds - 1 }, (_, index) => {
          const across = (index + 1) / (2 * folds);
          const long = INTO_CUFF * (0.5 + 0.5 * Math.abs(Math.sin((index + 1) * 2.1)));
          return span(4, (part) => at(across, to - long * part));
        }),
      );

/** Folds that run out across the cloth from a side that is gathered, and how far: a part of its width. By eye. */
const RUCHES = 7;
const RUCHES_REACH = 0.6;

/** Folds from a gathered side, falling as they run out. */
const rucheLines = ({ at }: Frame, { ruched }: HangingCloth): Point[][] =>
  !ruched
    ? []
    : Array.from({ length: RUCHES }, (_, index) => {
        const from = ruched.from + ((ruched.to - ruched.from) * (index + 0.5)) / RUCHES;
        const long = RUCHES_REACH * (0.7 + 0.3 * Math.abs(Math.sin((index + 1) * 2.1)));
        return span(10, (part) =>
          at(
            ruched.on === 1 ? 1 - long * part : long * part,
            from + 0.07 * part ** 1.6 + 0.012 * Math.sin(4 * part),
          ),
        );
      });

/** A trim is so deep, mm. By eye. */
const TRIM = 26;
/** Stitching lies this far above a hem, mm. */
export const STITCH = 12;

/** The hem of hanging cloth, and everything that is drawn of it. */
export function hangingCloth(cloth: HangingCloth): {
  readonly shapes: Shape[];
  readonly hem: readonly Point[];
} {
  const { left, right, gather, flare, folds, seamsAt = [] } = cloth;
  const grid = frame(cloth);
  const surplus = 0.03 * Math.max(0, flare - 1.12) + 0.03 * (gather - 1);
  const size = (clamp(surplus, 0, 0.075) * grid.width) / Math.max(1, folds / 6);
  // At its sides a fold is seen edge on: there the hem hardly waves.
  const wave = (across: number) =>
    (size *
      Math.min(1, 1.6 * bow(across)) *
      (Math.cos(2 * Math.PI * folds * across) - 1) *
      (0.75 + 0.25 * Math.sin(9 * across + 1))) /
    2;
  const hem = span(folds * 10, (across) => grid.at(across, 1, wave(across)));
  const top = span(24, (across) => grid.at(across, 0));
  const ring = [...top, ...right.slice(1, -1), ...[...hem].reverse(), ...left.slice(1, -1).reverse()];
  const up = scale(grid.way, -STITCH);
  const trim = span(folds * 10, (across) => grid.at(across, 1 - TRIM / grid.length, wave(across)));
  return {
    hem,
    shapes: [
      ...filled(ring, cloth.cloth),
      line(left, 'side'),
      line(right, 'side'),
      line(hem, 'edge'),
      ...seamsAt.map((part) =>
        line(
          span(12, (across) => grid.at(across, part)),
          'seam',
        ),
      ),
      ...[
        ...foldLines(grid, cloth, wave),
        ...gatherLines(grid, cloth),
        ...cuffLines(grid, cloth),
        ...pleatLines(grid, cloth),
        ...rucheLines(grid, cloth),
      ].map((points) => line(points, 'fine')),
      line(
        hem.map((p) => add(p, up)),
        'stitch',
      ),
      ...(cloth.trimmed ? [line(trim, 'edge')] : []),
    ],
  };
}
