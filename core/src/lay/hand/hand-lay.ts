import { boxOf, mirrorRing, moveRing, type Ring } from '../../geometry/ring.ts';
import { reckoned, type Measuring } from '../buy/reckoned.ts';
import { creasesOf, type Lay, type Placement } from '../model/lay.ts';
import { claimed } from '../proof/lay-fault.ts';
import { centrePastFigure, figuresAcross } from '../fold/on-figures.ts';
import { alongToMatch, matchedLevels } from '../model/matched-levels.ts';
import type { LayPiece } from '../model/layable.ts';
import { overlapsOf } from '../proof/overlap.ts';
import type { LayTask } from '../model/lay-task.ts';
import { grownRing } from '../proof/spacing.ts';
import { turnOverRing } from '../model/turn-over.ts';

/** Rings agree within this, mm. */
const SAME = 0.05;

/** One of the copies that are cut with an outline, and how it goes along when that is moved: the same way, or the other. */
interface Layer {
  readonly index: number;
  readonly x: 1 | -1;
}

const alike = (a: Ring, b: Ring): boolean => {
  const [p, q] = [boxOf(a), boxOf(b)];
  return (
    Math.abs(p.minX - q.minX) +
      Math.abs(p.maxX - q.maxX) +
      Math.abs(p.minY - q.minY) +
      Math.abs(p.maxY - q.maxY) <
    4 * SAME
  );
};

/** Whether outlines of a lay can be moved by hand: on cloth that is folded across, the fold would move with the last of them. */
export const isMovable = (lay: Lay): boolean =>
  lay.sections.every((section) => creasesOf(section).every(({ axis }) => axis === 'x'));

/** All copies that are cut with a placement, itself first. */
function layersOf(lay: Lay, index: number): Layer[] {
  const placement = lay.placements[index];
  if (!placement) throw new Error(`there is no placement ${index}`);
  const section = lay.sections[placement.section];
  const layers: Layer[] = [{ index, x: 1 }];
  if (placement.onFold || !section) return layers;
  for (const crease of creasesOf(section)) {
    const under = turnOverRing(placement.polygon, crease);
    const twin = lay.placements.findIndex(
      ({ piece, polygon }, other) => other !== index && piece === placement.piece && alike(polygon, under),
    );
    if (twin >= 0) layers.push({ index: twin, x: -1 });
  }
  return layers;
}

function changed(
  lay: Lay,
  index: number,
  measuring: Measuring,
  change: (placement: Placement, layer: Layer) => Placement,
): Lay {
  const layers = new Map(layersOf(lay, index).map((layer) => [layer.index, layer]));
  const placements = lay.placements.map((placement, at) => {
    const layer = layers.get(at);
    return layer ? change(placement, layer) : placement;
  });
  return reckoned({ ...lay, placements }, measuring);
}

/** The lay with an outline moved, mm across and along; what is cut with it goes along, and one on the fold stays on it. */
export const moveOutline = (
  lay: Lay,
  index: number,
  across: number,
  along: number,
  measuring: Measuring,
): Lay =>
  changed(lay, index, measuring, (placement, { x }) => ({
    ...placement,
    polygon: moveRing(placement.polygon, placement.onFold ? 0 : x * across, along),
  }));

/** The lay with an outline half turned where it lies; not for cloth or pieces that run one way. */
export const halfTurnOutline = (lay: Lay, index: number, measuring: Measuring): Lay =>
  changed(lay, index, measuring, (placement) => {
    const { minX, minY, maxX, maxY } = boxOf(placement.polygon);
    return {
      ...placement,
      rotation: (placement.rotation + 180) % 360,
      polygon: placement.polygon.map(({ x, y }) => ({ x: minX + maxX - x, y: minY + maxY - y })),
    };
  });

/** Whether a placement may be turned over: only where what is cut with it is its other hand. */
export const canTurnOver = (lay: Lay, index: number, pieces: readonly LayPiece[]): boolean =>
  layersOf(lay, index).length > 1 ||
  (pieces.find(({ id }) => id === lay.placements[index]?.piece)?.eitherFace === true &&
    lay.placements[index]?.onFold === false);

/** The lay with an outline turned over where it lies: both hands are cut all the same. */
export const turnOver = (lay: Lay, index: number, measuring: Measuring): Lay =>
  changed(lay, index, measuring, (placement) => {
    const { minX, maxX } = boxOf(placement.polygon);
    return {
      ...placement,
      mirrored: !placement.mirrored,
      rotation: (360 - placement.rotation) % 360,
      polygon: moveRing(mirrorRing(placement.polygon), minX + maxX, 0),
    };
  });

/** A placement moved across, mm. */
const moveOf = (placement: Placement, across: number): Placement => ({
  ...placement,
  polygon: moveRing(placement.polygon, across, 0),
});

/** How far sides of two boxes may be apart to be drawn together. */
interface Lines {
  readonly across: readonly number[];
  readonly along: readonly number[];
}

/** Where sides of a box like to come to lie: selvedges, folds, the start, and the sides of all other boxes. */
function linesFor(lay: Lay, layers: readonly Layer[]): Lines {
  const own = new Set(layers.map(({ index }) => index));
  const boxes = lay.placements.filter((_, index) => !own.has(index)).map(({ polygon }) => boxOf(polygon));
  const folds = lay.sections.flatMap((section) => creasesOf(section).map(({ at }) => at));
  return {
    across: [...lay.usable, ...folds, ...boxes.flatMap(({ minX, maxX }) => [minX, maxX])],
    along: [0, ...boxes.flatMap(({ minY, maxY }) => [minY, maxY])],
  };
}

/** The least way that brings one of two sides onto one of the lines, if it is within reach; else none. */
function drawn(sides: readonly number[], lines: readonly number[], reach: number): number {
  let best = 0;
  let nearest = reach;
  for (const side of sides)
    for (const line of lines) {
      const way = line - side;
      if (Math.abs(way) >= nearest) continue;
      nearest = Math.abs(way);
      best = way;
    }
  return best;
}

/**
 * A move as it snaps: sides of the moved box that come within `reach`, mm, of a selvedge, a fold or another box lie on it; what is matched goes
 * from figure to figure of the print.
 */
export function snappedMove(
  lay: Lay,
  index: number,
  across: number,
  along: number,
  reach: number,
  { pieces, cloth }: Pick<LayTask, 'pieces' | 'cloth'>,
): { readonly across: number; readonly along: number } {
  const placement = lay.placements[index];
  if (!placement) return { across, along };
  const { minX, minY, maxX, maxY } = boxOf(placement.polygon);
  const layers = layersOf(lay, index);
  const lines = linesFor(lay, layers);
  const own = new Set(layers.map((layer) => layer.index));
  const others = { ...lay, placements: lay.placements.filter((_, at) => !own.has(at)) };
  const matched = alongToMatch(placement, others, along, pieces, cloth);
  const piece = pieces.find(({ id }) => id === placement.piece);
  const past = piece
    ? centrePastFigure(moveOf(placement, across), piece, claimed(piece, placement), cloth)
    : 0;
  return {
    across:
      past === 0 && !figuresAcross(cloth)
        ? across + drawn([minX + across, maxX + across], lines.across, reach)
        : across - past,
    along: matched === along ? along + drawn([minY + along, maxY + along], lines.along, reach) : matched,
  };
}

/** Whether an outline lies on as many layers as it is cut from: all on double cloth, or all beside it. */
function isOnItsLayers(lay: Lay, { polygon, section, onFold }: Placement, layers: number): boolean {
  const { minX, maxX } = boxOf(polygon);
  const doubled = lay.sections[section]?.doubled ?? [];
  return onFold || layers > 1
    ? doubled.some(([from, to]) => minX >= from - SAME && maxX <= to + SAME)
    : doubled.every(([from, to]) => maxX <= from + SAME || minX >= to - SAME);
}

/** Whether an outline and all that is cut with it lies inside the usable cloth, on its own layers, and on nothing else. */
function isFree(lay: Lay, index: number, spacing: number): boolean {
  const layers = layersOf(lay, index).map((layer) => layer.index);
  return layers.every((layer) => {
    const placement = lay.placements[layer];
    if (!placement || !isOnItsLayers(lay, placement, layers.length)) return false;
    const ring = spacing === 0 ? placement.polygon : grownRing(placement.polygon, spacing);
    const [box, own] = [boxOf(ring), boxOf(placement.polygon)];
    const start = lay.sections[placement.section]?.from ?? 0;
    if (
      own.minX < lay.usable[0] - SAME / 2 ||
      own.maxX > lay.usable[1] + SAME / 2 ||
      own.minY < start - SAME / 2
    )
      return false;
    const others = lay.placements.filter((_, at) => at !== layer).map(({ polygon }) => polygon);
    const near = others.filter((other) => {
      const its = boxOf(other);
      return its.minX < box.maxX && its.maxX > box.minX && its.minY < box.maxY && its.maxY > box.minY;
    });
    for (const { a } of overlapsOf([ring, ...near])) if (a === 0) return false;
    return true;
  });
}

/** Steps of pushing, mm: the first is shorter than any piece that could be hopped over. */
const PUSH = { first: 20, last: 0.05 };
const PUSHES = 3;

/** The lay with an outline slid one way as far as it goes without meeting another; held back by nothing it stays. */
function slid(
  lay: Lay,
  index: number,
  way: readonly [across: number, along: number],
  measuring: Measuring,
): Lay {
  let best = lay;
  const { spacing = 0 } = measuring.cloth;
  if (!isFree(lay, index, spacing)) return lay;
  for (let step = PUSH.first; step > PUSH.last;) {
    const next = moveOutline(best, index, way[0] * step, way[1] * step, measuring);
    if (isFree(next, index, spacing)) best = next;
    else step /= 2;
  }
  return best;
}

/** Which ways a piece may be pushed: what is matched keeps its figure, a hem its border, and a motif's piece its panel. */
function pushable(
  piece: string,
  { pieces, cloth }: Pick<LayTask, 'pieces' | 'cloth'>,
): { readonly along: boolean; readonly across: boolean } {
  const { border, turn } = pieces.find(({ id }) => id === piece) ?? {};
  const onPanel = cloth.panels?.some((panel) => panel.piece === piece) ?? false;
  const onFigure = figuresAcross(cloth) !== undefined && !turn;
  return {
    along: !onPanel && !matchedLevels(pieces, cloth).has(piece),
    across: !onPanel && !border && !onFigure,
  };
}

/**
 * Everything that is not held pushed to the start of the cloth and to the upper edge, or to the fold, the nearest to the start first: what
 * a hand left apart comes to touch. Outlines that lie on others are left for the hand.
 */
export function pushTight(
  lay: Lay,
  held: ReadonlySet<number>,
  task: Measuring & Pick<LayTask, 'pieces'>,
): Lay {
  let tight = lay;
  for (let round = 0; round < PUSHES; round++) {
    const order = tight.placements
      .map(({ polygon }, index) => ({ index, top: boxOf(polygon).minY }))
      .sort((a, b) => a.top - b.top);
    const done = new Set<number>();
    for (const { index } of order) {
      if (done.has(index) || held.has(index)) continue;
      layersOf(tight, index).forEach((layer) => done.add(layer.index));
      const isUpper =
        boxOf(tight.placements[index]?.polygon ?? []).maxX > (tight.sections[0]?.foldLines[0] ?? -1);
      const { piece = '', onFold = false } = tight.placements[index] ?? {};
      const ways = pushable(piece, task);
      if (ways.along) tight = slid(tight, index, [0, -1], task);
      if (ways.across && !onFold) tight = slid(tight, index, [isUpper ? -1 : 1, 0], task);
    }
  }
  return tight;
}
