import { boxOf } from '../../geometry/ring.ts';
import type { Cloth } from '../model/cloth.ts';
import type { LayItem, Orientation } from './lay-item.ts';
import type { Placement } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { turnOutline } from '../model/outline-state.ts';
import type { FoldLayout } from './fold-layout.ts';

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

/** The places of a orientation at which the centre line of its outline lies on a figure. */
function onFigures(
  { outline }: LayItem,
  orientation: Orientation,
  figures: FiguresAcross,
  { origin }: FoldLayout,
): Orientation[] {
  const { from, to, onFold, through } = orientation;
  if (onFold) return Math.abs(pastFigure(origin + onFold.at, figures)) <= ON_FIGURE ? [orientation] : [];
  // What is cut under it lies as far from the crease on its other side: on figures too where the crease is on one, or halfway between two.
  const halves = { ...figures, repeat: figures.repeat / 2 };
  const evenly = through.every(
    ({ axis, at }) => axis === 'y' || Math.abs(pastFigure(origin + at, halves)) <= ON_FIGURE / 2,
  );
  if (!evenly) return [];
  const { minX, maxX } = boxOf(turnOutline(outline, orientation.state));
  const first = from - minX + origin;
  const start = first - pastFigure(first, figures);
  const places: Orientation[] = [];
  for (let centre = start; ; centre += figures.repeat) {
    const left = centre - origin + minX;
    if (left < from - 1e-6) continue;
    if (left + maxX - minX > to + 1e-6) return places;
    places.push({ ...orientation, from: left, to: left + maxX - minX });
  }
}

/** Outlines that lie with their centre lines on figures of the print, as far as they lie with the grain; as they are on cloth without. */
export function itemsOnFigures(
  items: readonly LayItem[],
  layout: FoldLayout,
  cloth: Cloth,
): readonly LayItem[] {
  const figures = figuresAcross(cloth);
  if (!figures) return items;
  return items.map((item) =>
    item.turn === 0
      ? {
          ...item,
          orientations: item.orientations.flatMap((orientation) =>
            onFigures(item, orientation, figures, layout),
          ),
        }
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
