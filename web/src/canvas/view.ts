import type { Point } from '@ample-bolt/core/geometry/point';
import type { Box } from '@ample-bolt/core/geometry/ring';
import type { Size } from '../ui/use-size.ts';

/** How millimetres of cloth become pixels of screen. */
export interface View {
  readonly scale: number;
  readonly dx: number;
  readonly dy: number;
}

/** The view in which a box just fits, centred, with `margin` pixels around it. */
export function fitView(box: Box, { width, height }: Size, margin: number): View {
  const scale = Math.max(
    1e-6,
    Math.min((width - 2 * margin) / (box.maxX - box.minX), (height - 2 * margin) / (box.maxY - box.minY)),
  );
  return {
    scale,
    dx: (width - scale * (box.minX + box.maxX)) / 2,
    dy: (height - scale * (box.minY + box.maxY)) / 2,
  };
}

export const toScreen = ({ scale, dx, dy }: View, p: Point): Point => ({
  x: p.x * scale + dx,
  y: p.y * scale + dy,
});

/** For groups whose content is drawn in millimetres. */
export const viewTransform = ({ scale, dx, dy }: View): string => `translate(${dx} ${dy}) scale(${scale})`;

/** A box grown by `mm` on all sides. */
export const grown = (box: Box, mm: number): Box => ({
  minX: box.minX - mm,
  minY: box.minY - mm,
  maxX: box.maxX + mm,
  maxY: box.maxY + mm,
});
