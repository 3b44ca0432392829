import { boxOf } from '../geometry/ring.ts';
import type { Cloth } from './cloth.ts';
import type { LayItem, Stance } from './lay-item.ts';
import type { Placement } from './lay.ts';
import type { LayPiece } from './layable.ts';
import { turnOutline } from './outline-state.ts';
import type { Spread } from './spread.ts';

/** How stripes or figures come across the cloth: a middle of one lies at `at` from the left selvedge, the others whole repeats from it, mm. */
export interface FiguresAcross {
  readonly repeat: number;
  readonly at: number;
}

/** Undefined for cloth whose print has no repeat across. Where no figure was measured to, one is in the middle of the width. */
export const figuresAcross = ({
  repeatAcross = 0,
  figureAt,
  width,
}: Pick<Cloth, 'repeatAcross' | 'figureAt' | 'width'>): FiguresAcross | undefined =>
  repeatAcross > 0 ? { repeat: repeatAcross, at: figureAt ?? width / 2 } : undefined;

/** How far a place across the cloth lies past the figure that is nearest to it, mm; below 0 before it. */
export const pastFigure = (x: number, { repeat, at }: FiguresAcross): number =>
  x - at - repeat * Math.round((x - at) / repeat);

/** A crease lies on a figure within this, mm. */
const ON_FIGURE = 0.5;

/** The places of a stance at which the centre line of its outline lies on a figure. */
function onFigures(
  { outline }: LayItem,
  stance: Stance,
  figures: FiguresAcross,
  { origin }: Spread,
): Stance[] {
  const { from, to, onFold, through } = stance;
  if (onFold) return Math.abs(pastFigure(origin + onFold.at, figures)) <= ON_FIGURE ? [stance] : [];
  // What is cut under it lies as far from the crease on its other side: on figures too where the crease is on one, or halfway between two.
  const halves = { ...figures, repeat: figures.repeat / 2 };
  const evenly = through.every(
    ({ axis, at }) => axis === 'y' || Math.abs(pastFigure(origin + at, halves)) <= ON_FIGURE / 2,
  );
  if (!evenly) return [];
  const { minX, maxX } = boxOf(turnOutline(outline, stance.state));
  const first = from - minX + origin;
  const start = first - pastFigure(first, figures);
  const places: Stance[] = [];
  for (let centre = start; ; centre += figures.repeat) {
    const left = centre - origin + minX;
    if (left < from - 1e-6) continue;
    if (left + maxX - minX > to + 1e-6) return places;
    places.push({ ...stance, from: left, to: left + maxX - minX });
  }
}

/** Outlines that lie with their centre lines on figures of the print, as far as they lie with the grain; as they are on cloth without. */
export function itemsOnFigures(items: readonly LayItem[], spread: Spread, cloth: Cloth): readonly LayItem[] {
  const figures = figuresAcross(cloth);
  if (!figures) return items;
  return items.map((item) =>
    item.turn === 0
      ? { ...item, stances: item.stances.flatMap((stance) => onFigures(item, stance, figures, spread)) }
      : item,
  );
}

/** How far the centre line of a placement lies past the nearest figure, mm; 0 where nothing is matched across. */
export function centrePastFigure(
  placement: Placement,
  piece: LayPiece,
  claimed: LayPiece['outline'],
  cloth: Cloth,
): number {
  const figures = figuresAcross(cloth);
  if (!figures || piece.turn) return 0;
  return pastFigure(boxOf(placement.polygon).minX - boxOf(claimed).minX, figures);
}
