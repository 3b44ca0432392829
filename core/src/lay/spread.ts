import { boxOf } from '../geometry/ring.ts';
import { usableSpan, usableWidth, type Cloth } from './cloth.ts';
import type { Fold, Section } from './lay.ts';
import { canLieDouble, layItems, type LayItem, type LayPiece } from './layable.ts';
import { CELL } from './raster.ts';

/** A stretch across the cloth as it lies on the table, mm out from the fold, or from the edge of open cloth. */
export interface Zone {
  readonly from: number;
  readonly to: number;
}

/** How cloth is spread for cutting: what of its width lies double, and what single. */
export interface Spread {
  readonly fold: Fold;
  /** Where the fold, or the usable edge of open cloth, lies on the opened cloth; mm from the left selvedge. */
  readonly origin: number;
  readonly double: Zone | null;
  readonly single: Zone | null;
}

/** One way to spread the cloth with the outlines to chalk on it so. */
export interface SpreadTask {
  readonly spread: Spread;
  readonly items: readonly LayItem[];
}

const widthOf = ({ outline }: LayItem): number => boxOf(outline).maxX - boxOf(outline).minX;

/** The cells that a width takes, mm: the search lays whole cells. */
const inCells = (mm: number): number => (Math.floor(mm / CELL) + 1) * CELL;

/** Whether every outline fits across the zone that it belongs to. */
const fits = ({ spread, items }: SpreadTask): boolean =>
  items.every((item) => {
    const zone = spread[item.zone];
    return zone !== null && inCells(widthOf(item)) <= Math.floor((zone.to - zone.from) / CELL) * CELL;
  });

const openSpread = (cloth: Cloth): Spread => ({
  fold: 'open',
  origin: cloth.selvedge,
  double: null,
  single: { from: 0, to: usableWidth(cloth) },
});

const halfSpread = (cloth: Cloth): Spread => ({
  fold: 'half',
  origin: cloth.width / 2,
  double: { from: 0, to: usableWidth(cloth) / 2 },
  single: null,
});

/** Folded from the left edge to a depth; what is not covered lies single beyond it. */
const widthSpread = (cloth: Cloth, depth: number): Spread => ({
  fold: 'width',
  origin: cloth.selvedge + depth,
  double: { from: 0, to: depth },
  single: { from: depth, to: usableWidth(cloth) - depth },
});

/** With more pairs than this not every way to share them between double and single cloth is tried. */
const MOST_SHARED = 4;

/** Ways to choose which pairs lie double: all subsets of the largest few, the rest lying double. */
function sharings(pairs: readonly LayPiece[]): ReadonlySet<string>[] {
  const shared = pairs.slice(0, MOST_SHARED).map(({ id }) => id);
  const rest = pairs.slice(MOST_SHARED).map(({ id }) => id);
  return Array.from(
    { length: 2 ** shared.length },
    (_, bits) => new Set([...rest, ...shared.filter((__, index) => bits & (1 << index))]),
  );
}

/** Depths worth folding to: as deep as the widest outline, or as it and another side by side. */
function depths(items: readonly LayItem[]): number[] {
  const widths = items.filter(({ zone }) => zone === 'double').map((item) => inCells(widthOf(item)));
  const widest = Math.max(...widths);
  const others = widths.filter((_, index) => index !== widths.indexOf(widest));
  return [...new Set([widest, ...others.map((width) => widest + width)])];
}

function widthTasks(pieces: readonly LayPiece[], cloth: Cloth): SpreadTask[] {
  const pairs = pieces.filter((piece) => piece.cut.layers === 'pair' && canLieDouble(piece));
  return sharings(pairs).flatMap((double) => {
    const items = layItems(pieces, cloth.oneWay, ({ id, cut }) => cut.layers === 'fold' || double.has(id));
    if (!items.some(({ zone }) => zone === 'double')) return [];
    return depths(items).flatMap((depth) => {
      const single = usableWidth(cloth) - 2 * depth;
      return single > 0 ? [{ spread: widthSpread(cloth, depth), items }] : [];
    });
  });
}

/** Every way to spread the cloth by one fold in which all outlines fit across; none when the cloth is too narrow for it. */
export function spreadTasks(pieces: readonly LayPiece[], cloth: Cloth, fold: Fold): SpreadTask[] {
  switch (fold) {
    case 'open':
      return [{ spread: openSpread(cloth), items: layItems(pieces, cloth.oneWay, () => false) }].filter(fits);
    case 'half':
      return [{ spread: halfSpread(cloth), items: layItems(pieces, cloth.oneWay, canLieDouble) }].filter(
        fits,
      );
    case 'width':
      return widthTasks(pieces, cloth).filter(fits);
  }
}

/** The section of opened cloth that a spread makes, `length` mm long. */
export function sectionOf(spread: Spread, cloth: Cloth, length: number): Section {
  const { fold, origin, double } = spread;
  if (!double) return { fold, from: 0, to: length, foldLines: [], doubled: [] };
  const doubled = fold === 'half' ? usableSpan(cloth) : ([origin - double.to, origin + double.to] as const);
  return { fold, from: 0, to: length, foldLines: [origin], doubled: [doubled] };
}
