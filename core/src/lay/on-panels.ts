import { boxOf } from '../geometry/ring.ts';
import type { Cloth, Panel } from './cloth.ts';
import type { Held, LayItem } from './lay-item.ts';
import type { Spread } from './spread.ts';

/** A crease lies on the middle of a motif within this, mm. */
const ON_MIDDLE = 0.5;

/** Where a panel's piece lies: its middle on the motif's, along as across; undefined where it does not fit, or is cut through more layers. */
function heldOn({ outline, stances }: LayItem, panel: Panel, { origin }: Spread): Held | undefined {
  const box = boxOf(outline);
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const middle = (panel.left + panel.right) / 2 - origin;
  const y = (panel.from + panel.to - height) / 2;
  if (height > panel.to - panel.from) return undefined;
  for (const stance of stances) {
    // The motif has a top, as a print that runs one way has.
    if (stance.through.length > 0 || stance.state.y !== 1) continue;
    const { onFold, from, to } = stance;
    const whole = onFold ? 2 * width : width;
    if (whole > panel.right - panel.left) continue;
    if (onFold) {
      if (Math.abs(onFold.at - middle) <= ON_MIDDLE) return { stance, x: from, y };
      continue;
    }
    const x = middle - width / 2;
    if (x >= from - 1e-6 && x + width <= to + 1e-6) return { stance, x, y };
  }
  return undefined;
}

/** Outlines with one of each panel's piece held on its panel; undefined where cloth that is spread so cannot keep one. */
export function onPanels(
  items: readonly LayItem[],
  spread: Spread,
  { panels = [] }: Cloth,
): readonly LayItem[] | undefined {
  let kept = items;
  for (const panel of panels) {
    const item = kept.find(({ piece, held }) => piece === panel.piece && held === null);
    if (!item) continue;
    const held = heldOn(item, panel, spread);
    if (!held) return undefined;
    kept = kept.map((each) => (each === item ? { ...each, held } : each));
  }
  return kept;
}
