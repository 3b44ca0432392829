import type { ChoiceGroup } from '../garment/choice.ts';
import type { Box } from '../geometry/ring.ts';
import type { Face } from '../pieces/piece.ts';
import { frameOf, type Sketch } from './sketch.ts';

/** A part of a sketch to look at. */
export interface Crop {
  readonly face: Face;
  readonly box: Box;
}

/** A box of a height around a place, as wide as high. */
const square = (x: number, y: number, size: number): Box => ({
  minX: x - size / 2,
  maxX: x + size / 2,
  minY: y - size / 2,
  maxY: y + size / 2,
});

/** The least height of a picture of the part below the waist, and of a sleeve, mm. */
const LEAST = 180;

/** The part of a sketch that shows a slot: the whole garment, its neck, a sleeve, what is below the waist, its centre behind. */
export function cropOf(sketch: Sketch, slot: ChoiceGroup): Crop {
  const { tip, waist } = sketch;
  const whole = frameOf(sketch, false);
  switch (slot) {
    case 'Bodice':
    case 'Ease':
    case 'Layers':
      return { face: 'front', box: whole };
    case 'Neck':
      return { face: 'front', box: square(0, tip.y + 0.35 * tip.x, 1.7 * tip.x) };
    case 'Sleeve': {
      const size = Math.max(LEAST, whole.maxX - tip.x + 80);
      return { face: 'front', box: square(tip.x + size / 2 - 80, tip.y + size / 2 - 30, size) };
    }
    case 'Skirt': {
      const [top, foot] = [waist - 30, Math.max(whole.maxY, waist + LEAST)];
      return { face: 'front', box: { ...whole, minY: top, maxY: foot + 10 } };
    }
    case 'Closure':
      return { face: 'back', box: square(0, Math.max(tip.y, whole.minY) + 0.5 * tip.x, 1.5 * tip.x) };
  }
}
