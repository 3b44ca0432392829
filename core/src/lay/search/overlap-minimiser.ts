import { depthAt } from '../no-fit/depth-field.ts';
import type { NoFitCache, PairField } from '../no-fit/no-fit-cache.ts';
import { GRID_STEP } from '../no-fit/node-grid.ts';
import { neighbours } from './neighbours.ts';
import { inPhase, type Positions, type Strip } from './strip.ts';

/** Shapes may reach this deep into each other, mm, and count as apart: both are grown by more. */
const TOUCHING = 0.04;

/** How many of the low places that are measured are followed down. */
const FOLLOWED = 3;
/** How many low places of a matched item are gone on with. */
const MATCHED = 6;
/** Steps of following a place down, mm: the first, the last, and the last of all for the place that is taken. */
const STEP = { first: 0.6 * GRID_STEP, last: 0.4, fine: 0.01 };
/** What lies further away than so many first steps is not looked at until the place has come nearer to it. */
const REACH = 3;
/** Weights of pairs that stay in conflict grow, the most for the deepest; others fade back to 1. */
const WEIGHT = { least: 1.2, deepest: 0.8, fading: 0.95 };

/** Items that overlap, and the moves that part them. Holds where the items are; one for a strip. */
export interface OverlapMinimiser {
  /** Takes up an arrangement at a length, mm; what lies past it is moved in. */
  take(positions: Positions, length: number): void;
  positions(): Positions;
  /** All depths of overlap together, mm; 0 when all are apart. */
  overlap(): number;
  /** What overlaps and may be moved. */
  overlapping(): number[];
  isOverlapping(item: number): boolean;
  /** Moves an item to where it overlaps others least, each weighed by its pair; returns whether it moved. */
  move(item: number): boolean;
  /** Weighs pairs that overlap more, and those that do not less. */
  weigh(): void;
  forgetWeights(): void;
  /** Two items of like size change places, or one turns. */
  shake(): void;
}

// eslint-disable-next-line max-lines-per-function -- The kernel of the search: its state is held in typed arrays that all its steps share.
export function overlapMinimiser(strip: Strip, cache: NoFitCache, random: () => number): OverlapMinimiser {
  const { items, repeat } = strip;
  const count = items.length;
  const shapes = items.map(({ shape }) => shape);
  /** What may be moved: all that is not held. */
  const free = items.flatMap(({ held }, index) => (held === null ? [index] : []));
  const x = new Float64Array(count);
  const y = new Float64Array(count);
  const orientations = new Int16Array(count);
  let length = 0;
  const weights = new Float64Array(count * count).fill(1);
  const depths = new Float64Array(count * count);

  // Pairs of items of the same shapes in the same states share a field; found by a flat index here, for speed.
  const most = Math.max(...items.map((item) => item.orientations.length));
  const known = new Array<PairField | undefined>((count * most) ** 2).fill(undefined);
  const pairOf = (a: number, orientationA: number, b: number, orientationB: number): PairField => {
    const key = ((a * most + orientationA) * count + b) * most + orientationB;
    const found = known[key];
    if (found) return found;
    const [first, second] = [items[a], items[b]];
    const [firstOrientation, secondOrientation] = [
      first?.orientations[orientationA],
      second?.orientations[orientationB],
    ];
    if (!first || !second || !firstOrientation || !secondOrientation)
      throw new Error('no such item or orientation');
    const made = cache.pair(first.shape, firstOrientation.state, second.shape, secondOrientation.state);
    known[key] = made;
    return made;
  };

  const measure = (a: number, b: number): number => {
    const pair = pairOf(a, orientations[a]!, b, orientations[b]!);
    return depthAt(
      pair.field,
      pair.turnX * (x[b]! - x[a]!) + pair.shiftX,
      pair.turnY * (y[b]! - y[a]!) + pair.shiftY,
    );
  };
  const measureItem = (item: number) => {
    for (let other = 0; other < count; other++) {
      if (other === item) continue;
      const depth = items[item]!.held !== null && items[other]!.held !== null ? 0 : measure(item, other);
      depths[item * count + other] = depth;
      depths[other * count + item] = depth;
    }
  };
  const isOverlapping = (item: number): boolean => {
    for (let other = 0; other < count; other++) if (depths[item * count + other]! > TOUCHING) return true;
    return false;
  };

  const others = neighbours(count, random);
  const meet = (item: number, orientation: number) => {
    others.clear();
    for (let other = 0; other < count; other++)
      if (other !== item)
        others.add(
          pairOf(other, orientations[other]!, item, orientation),
          x[other]!,
          y[other]!,
          weights[item * count + other]!,
        );
  };

  /** The place along the strip nearest to a wanted one at which an item may lie. */
  const placed = (item: number, orientation: number, wanted: number, bottom: number): number => {
    const { phase } = items[item]!.orientations[orientation]!;
    return phase === null ? Math.max(0, Math.min(wanted, bottom)) : inPhase(phase, repeat, wanted, bottom);
  };
  /** The lowest places of an item that is matched: there are few along the strip, so each is measured. */
  const matchedPlaces = (leftmost: number, rightmost: number, phase: number, bottom: number): number[] => {
    const found: { cost: number; x: number; y: number }[] = [];
    for (let placeY = phase; placeY <= bottom + 1e-9; placeY += repeat)
      for (let step = 0; step * GRID_STEP < rightmost - leftmost + GRID_STEP; step++) {
        const placeX = Math.min(rightmost, leftmost + step * GRID_STEP);
        const enough = found.length < MATCHED ? Infinity : found[MATCHED - 1]!.cost;
        const cost = others.costAt(placeX, placeY, enough);
        if (cost >= enough) continue;
        found.push({ cost, x: placeX, y: placeY });
        found.sort((a, b) => a.cost - b.cost);
        if (found.length > MATCHED) found.pop();
      }
    return found.flatMap((place) => [place.x, place.y]);
  };

  const reached = { x: 0, y: 0 };
  /** Follows a place downhill in shrinking steps of random direction; leaves it in `reached` and returns its cost. */
  const follow = (
    item: number,
    orientation: number,
    fromX: number,
    fromY: number,
    first: number,
    last: number,
    best: number,
  ): number => {
    const { leftmost, rightmost } = items[item]!.orientations[orientation]!;
    const bottom = length - shapes[item]!.height;
    const onFold = leftmost === rightmost;
    const isMatched = items[item]!.orientations[orientation]!.phase !== null;
    /** How far a matched item jumps along the strip at least. */
    const jump = isMatched ? repeat : 0;
    let placeX = fromX;
    let placeY = fromY;
    let [aroundX, aroundY, reach] = [placeX, placeY, Math.max(REACH * first, jump)];
    others.keepTo(placeX, placeY, reach);
    let cost = others.costAt(placeX, placeY, Infinity);
    let step = first;
    while (step > last && cost > TOUCHING) {
      const next = Math.max(step, jump);
      if (Math.abs(placeX - aroundX) + next > reach || Math.abs(placeY - aroundY) + next > reach) {
        [aroundX, aroundY, reach] = [placeX, placeY, Math.max(reach, 2 * next)];
        others.keepTo(placeX, placeY, reach);
      }
      const way = onFold ? 1 : Math.floor(4 * random());
      const stepX = way === 0 ? step : way === 1 ? 0 : 0.7071 * step;
      const stepY = way === 0 ? 0 : way === 1 ? step : way === 2 ? 0.7071 * step : -0.7071 * step;
      let moved = false;
      for (let sense = 1; sense >= -1 && !moved; sense -= 2) {
        const nextX = Math.min(rightmost, Math.max(leftmost, placeX + sense * stepX));
        const nextY = placed(
          item,
          orientation,
          placeY + sense * (stepY < repeat && stepY !== 0 && isMatched ? Math.sign(stepY) * repeat : stepY),
          bottom,
        );
        const found = others.costAt(nextX, nextY, cost);
        if (found >= cost) continue;
        placeX = nextX;
        placeY = nextY;
        cost = found;
        moved = true;
      }
      if (moved) step *= 1.1;
      else {
        step *= 0.6;
        if (cost > 4 * best && step < 0.2 * first) break;
      }
    }
    reached.x = placeX;
    reached.y = placeY;
    return cost;
  };

  const overlap = (): number => {
    let total = 0;
    for (let a = 0; a < count; a++)
      for (let b = a + 1; b < count; b++) {
        const depth = depths[a * count + b]!;
        if (depth > TOUCHING) total += depth;
      }
    return total;
  };
  const keepWithin = () => {
    for (let item = 0; item < count; item++)
      y[item] =
        items[item]!.held ?? placed(item, orientations[item]!, y[item]!, length - shapes[item]!.height);
  };

  return {
    take(positions, wanted) {
      x.set(positions.x);
      y.set(positions.y);
      orientations.set(positions.orientations);
      length = wanted;
      keepWithin();
      for (let item = 0; item < count; item++) measureItem(item);
    },
    positions: () => ({
      x: x.slice(),
      y: y.slice(),
      orientations: orientations.slice(),
      length: Math.max(
        ...items.map(({ shape, isObstacle }, item) => (isObstacle ? 0 : y[item]! + shape.height)),
      ),
    }),
    overlap,
    overlapping: () => free.filter(isOverlapping),
    isOverlapping,
    move(item) {
      const choices = items[item]!.orientations;
      const bottom = length - shapes[item]!.height;
      let current = 0;
      for (let other = 0; other < count; other++)
        if (other !== item) current += weights[item * count + other]! * depths[item * count + other]!;
      let best = { cost: current, x: x[item]!, y: y[item]!, orientation: orientations[item]! };
      for (let orientation = 0; orientation < choices.length && best.cost > TOUCHING; orientation++) {
        const { leftmost, rightmost, phase } = choices[orientation]!;
        if (phase !== null && phase > bottom + 1e-9) continue;
        meet(item, orientation);
        const places =
          phase === null
            ? others.lowPlaces(leftmost, rightmost, bottom)
            : matchedPlaces(leftmost, rightmost, phase, bottom);
        const costs: number[] = [];
        for (let at = 0; at < places.length; at += 2)
          costs.push(others.costAt(places[at]!, places[at + 1]!, Infinity));
        if (orientation === orientations[item]) {
          places.push(x[item]!, y[item]!);
          costs.push(0.999 * current);
        }
        for (let followed = 0; followed < FOLLOWED && best.cost > TOUCHING; followed++) {
          const low = costs.reduce((least, cost, at) => (cost < costs[least]! ? at : least), 0);
          if (costs[low] === undefined || costs[low] === Infinity) break;
          costs[low] = Infinity;
          const cost = follow(
            item,
            orientation,
            places[2 * low]!,
            places[2 * low + 1]!,
            STEP.first,
            STEP.last,
            best.cost,
          );
          if (cost < best.cost - 1e-9) best = { cost, x: reached.x, y: reached.y, orientation };
        }
      }
      if (best.cost >= current - 1e-9) return false;
      if (best.cost > TOUCHING) {
        meet(item, best.orientation);
        const cost = follow(item, best.orientation, best.x, best.y, 0.5, STEP.fine, best.cost);
        if (cost < best.cost) best = { ...best, cost, x: reached.x, y: reached.y };
      }
      x[item] = best.x;
      y[item] = best.y;
      orientations[item] = best.orientation;
      measureItem(item);
      return true;
    },
    weigh() {
      let deepest = 0;
      for (const depth of depths) if (depth > deepest) deepest = depth;
      for (let at = 0; at < count * count; at++) {
        const depth = depths[at]!;
        weights[at] =
          depth > TOUCHING
            ? weights[at]! * (WEIGHT.least + (WEIGHT.deepest * depth) / deepest)
            : Math.max(1, weights[at]! * WEIGHT.fading);
      }
    },
    forgetWeights: () => void weights.fill(1),
    shake() {
      const item = free[Math.floor(random() * free.length)];
      if (item === undefined) return;
      const own = items[item]!;
      const alike = free.filter((index) => index !== item && shapes[index]!.number !== own.shape.number);
      const difference = (index: number) => Math.abs(shapes[index]!.area - shapes[item]!.area);
      alike.sort((a, b) => difference(a) - difference(b));
      const other = alike[Math.floor(random() * random() * Math.min(8, alike.length))];
      if (other === undefined) return;
      const middle = (index: number) => ({
        x: x[index]! + shapes[index]!.width / 2,
        y: y[index]! + shapes[index]!.height / 2,
      });
      const put = (index: number, at: { readonly x: number; readonly y: number }) => {
        const { leftmost, rightmost } = items[index]!.orientations[orientations[index]!]!;
        const { width, height } = shapes[index]!;
        x[index] = Math.max(leftmost, Math.min(rightmost, at.x - width / 2));
        y[index] = placed(index, orientations[index]!, at.y - height / 2, length - height);
      };
      const [here, there] = [middle(item), middle(other)];
      if (random() < 0.3) orientations[item] = Math.floor(random() * own.orientations.length);
      put(item, there);
      put(other, here);
      for (const index of [item, other]) measureItem(index);
    },
  };
}
