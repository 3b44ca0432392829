import { boxOf } from '../../geometry/ring.ts';
import type { Cloth, Panel } from '../model/cloth.ts';
import type { Held, LayItem } from './lay-item.ts';
import type { FoldLayout } from './fold-layout.ts';

/** A crease lies on the middle of a motif within this, mm. */
const ON_MIDDLE = 0.5;

/** Where a panel's piece lies: its middle on the motif's, along as across; undefined where it does not fit, or is cut through more layers. */
function heldOn({ outline, orientations }: LayItem, panel: Panel, { origin }: FoldLayout): Held | undefined {
  const box = boxOf(outline);
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const middle = (panel.left + panel.right) / 2 - origin;
  const y = (panel.from + panel.to - height) / 2;
  if (height > panel.to - panel.from) return undefined;
  for (const orientation of orientations) {
    // The motif has a top, as a print that runs one way has.
    if (orientation.through.length > 0 || orientation.state.y !== 1) continue;
    const { onFold, from, to } = orientation;
    const whole = onFold ? 2 * width : width;
    if (whole > panel.right - panel.left) continue;
    if (onFold) {
      if (Math.abs(onFold.at - middle) <= ON_MIDDLE) return { orientation, x: from, y };
      continue;
    }
    const x = middle - width / 2;
    if (x >= from - 1e-6 && x + width <= to + 1e-6) return { orientation, x, y };
  }
  return undefined;
}

/** Outlines with one of each panel's piece held on its panel; undefined where cloth that is spread so cannot keep one. */
export function onPanels(
  items: readonly LayItem[],
  layout: FoldLayout,
  { panels = [] }: Cloth,
): readonly LayItem[] | undefined {
  let kept = items;
  for (const panel of panels) {
    const item = kept.find(({ piece, held }) => piece === panel.piece && held === null);
    if (!item) continue;
    const held = heldOn(item, panel, layout);
    if (!held) return undefined;
    kept = kept.map((each) => (each === item ? { ...each, held } : each));
  }
  return kept;
}
