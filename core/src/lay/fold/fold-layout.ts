import { boxOf, moveRing, type Ring } from '../../geometry/ring.ts';
import { hasPlaces, matchedRepeat, usableSpan, usableWidth, type Cloth } from '../model/cloth.ts';
import type { Crease, Fold, Section } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { layItems, type LayItem } from './lay-item.ts';
import { matchedLevels } from '../model/matched-levels.ts';
import { figuresAcross, itemsOnFigures, pastFigure, type FiguresAcross } from './on-figures.ts';
import { onPanels } from './on-panels.ts';
import { obstaclesOn } from '../model/obstacles.ts';
import { turnOverRing } from '../model/turn-over.ts';

/** A stretch across the table, mm, with the creases that what is chalked there is cut through. */
export interface Band {
  readonly from: number;
  readonly to: number;
  readonly through: readonly Crease[];
}

/**
 * How cloth is spread for cutting, in mm on the table: x from its first crease along the length, or from the usable edge of cloth that has
 * none; y from the start, or from a cross fold, which comes first.
 */
export interface FoldLayout {
  readonly fold: Fold;
  /** Where x = 0 of the table lies on the opened cloth, from the left selvedge. */
  readonly origin: number;
  /** Along the length; half-pieces may lie on them. */
  readonly creases: readonly Crease[];
  readonly isCross: boolean;
  readonly double: readonly Band[];
  readonly single: readonly Band[];
}

/** One way to spread the cloth with the outlines to chalk on it so. */
export interface LayoutTask {
  readonly layout: FoldLayout;
  readonly items: readonly LayItem[];
  /** What keeps outlines away, on the table: flaws and panels of any layer, and where a leftover has no cloth. */
  readonly obstacles: readonly Ring[];
  /** Levels that are matched lie a whole number of repeats apart, mm; 0 where nothing is matched. */
  readonly repeat: number;
  /** Kept free between outlines, mm. */
  readonly spacing: number;
}

/** What keeps outlines away as it comes to lie on the table: that of the upper layers too, seen through the fold. */
function obstaclesOnTable(cloth: Cloth, { origin, creases }: FoldLayout): Ring[] {
  return obstaclesOn(cloth).flatMap((place) => {
    const ring = moveRing(place, -origin, 0);
    return [ring, ...creases.map((crease) => turnOverRing(ring, crease))];
  });
}

const widthOf = ({ outline }: LayPiece): number => boxOf(outline).maxX - boxOf(outline).minX;

const along = (at: number): Crease => ({ axis: 'x', at });
/** A cross fold is the start of the table. */
const ACROSS: Crease = { axis: 'y', at: 0 };

const openSpread = (cloth: Cloth, isCross: boolean): FoldLayout => {
  const whole: Band = { from: 0, to: usableWidth(cloth), through: isCross ? [ACROSS] : [] };
  return {
    fold: isCross ? 'cross' : 'open',
    origin: cloth.selvedge,
    creases: [],
    isCross,
    double: isCross ? [whole] : [],
    single: isCross ? [] : [whole],
  };
};

const halfSpread = (cloth: Cloth, isCross: boolean): FoldLayout => ({
  fold: isCross ? 'four' : 'half',
  origin: cloth.width / 2,
  creases: [along(0)],
  isCross,
  double: [{ from: 0, to: usableWidth(cloth) / 2, through: isCross ? [along(0), ACROSS] : [along(0)] }],
  single: [],
});

/** Folded from the left edge to a depth; what is not covered lies single beyond it. */
const widthSpread = (cloth: Cloth, depth: number): FoldLayout => ({
  fold: 'width',
  origin: cloth.selvedge + depth,
  creases: [along(0)],
  isCross: false,
  double: [{ from: 0, to: depth, through: [along(0)] }],
  single: [{ from: depth, to: usableWidth(cloth) - depth, through: [] }],
});

/** Both selvedges folded in to a depth; what neither covers lies single between them. */
const twoSpread = (cloth: Cloth, depth: number): FoldLayout => {
  const far = usableWidth(cloth) - 2 * depth;
  return {
    fold: 'two',
    origin: cloth.selvedge + depth,
    creases: [along(0), along(far)],
    isCross: false,
    double: [
      { from: 0, to: depth, through: [along(0)] },
      { from: far - depth, to: far, through: [along(far)] },
    ],
    single: [{ from: depth, to: far - depth, through: [] }],
  };
};

/** How many copies one outline of folded cloth cuts: of a half-piece on a crease along the length, and of any other. */
const copiesAtOnce = ({ creases, double }: FoldLayout, { cut }: LayPiece): number => {
  const layers = 2 ** Math.max(0, ...double.map(({ through }) => through.length));
  return cut.layers === 'fold' && creases.length > 0 ? layers / 2 : layers;
};

/** Whether folded cloth can cut a piece: a single copy, or an odd one, would leave one too many, and one that has a hand is cut in both. */
const canLieDouble = (layout: FoldLayout, piece: LayPiece): boolean => {
  const needsFace = piece.cut.layers === 'single' && !piece.eitherFace;
  if (needsFace || piece.border || layout.double.length === 0) return false;
  // The layer that a cross fold turns under points the other way.
  if (piece.oneWay && layout.isCross) return false;
  return piece.cut.copies % copiesAtOnce(layout, piece) === 0;
};

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

/** A hair more than the pieces need across, so that rounding keeps none of them out. mm. */
const HAIR = 0.1;

/** The next depth, from the usable edge, whose fold lies on a figure. */
function depthOnFigure(depth: number, { selvedge }: Cloth, figures: FiguresAcross): number {
  const past = pastFigure(selvedge + depth, figures);
  return Math.abs(past) < HAIR ? depth : depth - past + (past > 0 ? figures.repeat : 0);
}

/** Depths worth folding to: as deep as the widest outline, as it and another side by side, or so that a single one fits beside. */
function depths(
  double: readonly LayPiece[],
  single: readonly LayPiece[],
  deepest: number,
  cloth: Cloth,
): number[] {
  const widths = double.map(widthOf);
  const widest = Math.max(...widths);
  const others = widths.filter((_, index) => index !== widths.indexOf(widest));
  const besides = single.map((piece) => (usableWidth(cloth) - widthOf(piece)) / 2 - HAIR);
  const figures = figuresAcross(cloth);
  const all = [widest + HAIR, ...others.map((width) => widest + width + 2 * HAIR), ...besides, deepest];
  const onFigures = figures ? all.map((depth) => depthOnFigure(depth, cloth, figures)) : all;
  return [...new Set(onFigures)].filter((depth) => depth >= widest && depth <= deepest);
}

/** The task of a spread with those pieces double that `isDouble` names, or nothing where one of them does not fit. */
function taskOf(
  layout: FoldLayout,
  pieces: readonly LayPiece[],
  cloth: Cloth,
  isDouble: (piece: LayPiece) => boolean,
): LayoutTask[] {
  const items = layItems(pieces, layout, cloth, (piece) => isDouble(piece) && canLieDouble(layout, piece));
  const levels = matchedLevels(pieces, cloth);
  const matched = itemsOnFigures(items, layout, cloth).map((item) => ({
    ...item,
    matchedAt: levels.get(item.piece) ?? null,
  }));
  const kept = matched.every(({ orientations }) => orientations.length > 0)
    ? onPanels(matched, layout, cloth)
    : undefined;
  if (!kept) return [];
  return [
    {
      layout,
      items: kept,
      obstacles: obstaclesOnTable(cloth, layout),
      repeat: matchedRepeat(cloth),
      spacing: cloth.spacing ?? 0,
    },
  ];
}

/** Spreads that fold the cloth in to some depth, at most `deepest`. */
function depthTasks(
  pieces: readonly LayPiece[],
  cloth: Cloth,
  deepest: number,
  spreadAt: (depth: number) => FoldLayout,
): LayoutTask[] {
  const folded = spreadAt(deepest);
  const candidates = pieces.filter((piece) => canLieDouble(folded, piece));
  const pairs = candidates.filter(({ cut }) => cut.layers === 'pair');
  return sharings(pairs).flatMap((shared) => {
    const isDouble = ({ id, cut }: LayPiece) => cut.layers === 'fold' || shared.has(id);
    const double = candidates.filter(isDouble);
    if (double.length === 0) return [];
    const single = pieces.filter((piece) => !double.includes(piece));
    return depths(double, single, deepest, cloth).flatMap((depth) =>
      taskOf(spreadAt(depth), pieces, cloth, isDouble),
    );
  });
}

/** Folded across, the nap of one layer would point the other way, and where a flaw comes to lie would change with every lay. */
const forbidsCross = (cloth: Cloth): boolean => cloth.oneWay || hasPlaces(cloth);

/** Every way to spread the cloth by a fold in which all outlines fit across; none when the cloth, its nap or the pieces forbid it. */
export function layoutTasks(pieces: readonly LayPiece[], cloth: Cloth, fold: Fold): LayoutTask[] {
  const all = () => true;
  switch (fold) {
    case 'open':
      return taskOf(openSpread(cloth, false), pieces, cloth, all);
    case 'half':
      return taskOf(halfSpread(cloth, false), pieces, cloth, all);
    case 'width':
      return depthTasks(pieces, cloth, usableWidth(cloth) / 2, (depth) => widthSpread(cloth, depth));
    case 'two':
      return depthTasks(pieces, cloth, usableWidth(cloth) / 4, (depth) => twoSpread(cloth, depth));
    case 'four':
      return forbidsCross(cloth) ? [] : taskOf(halfSpread(cloth, true), pieces, cloth, all);
    case 'cross':
      return forbidsCross(cloth) ? [] : taskOf(openSpread(cloth, true), pieces, cloth, all);
  }
}

/** How much of the opened cloth a table's length takes, mm: twice as much by a cross fold. */
export const openedLength = ({ isCross }: FoldLayout, length: number): number =>
  isCross ? 2 * length : length;

/** The section of opened cloth that a spread makes, its table `length` mm long. */
export function sectionOf(layout: FoldLayout, cloth: Cloth, length: number): Section {
  const { fold, origin, creases, isCross, double } = layout;
  const doubled = double.map(({ from, to, through }): readonly [number, number] => {
    const crease = through.find(({ axis }) => axis === 'x');
    if (!crease) return usableSpan(cloth);
    const reach = Math.max(crease.at - from, to - crease.at);
    return [origin + crease.at - reach, origin + crease.at + reach];
  });
  return {
    fold,
    from: 0,
    to: openedLength(layout, length),
    foldLines: [...creases.map(({ at }) => origin + at), ...(isCross ? [length] : [])],
    doubled,
  };
}
