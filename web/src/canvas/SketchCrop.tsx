import type { Box } from '@ample-bolt/core/geometry/ring';
import { inkOn, type ClothColours } from '@ample-bolt/core/sketch/ink';
import type { Face } from '@ample-bolt/core/pieces/piece';
import type { Sketch } from '@ample-bolt/core/sketch/sketch';
import { SketchShapes } from './SketchShapes.tsx';
import { fitView, viewTransform } from './view.ts';

interface SketchCropProps {
  readonly sketch: Sketch | undefined;
  readonly face: Face;
  readonly box: Box | undefined;
  readonly colours: ClothColours;
  readonly ground: string;
  /** Side of the picture, pixels. */
  readonly size: number;
}

/** Pens at this many pixels a millimetre are as wide as drawn; smaller pictures take heavier ones. */
const TRUE_PEN = 0.55;
const HEAVIEST = 2;

/** A small picture of a part of a garment made up; its room is kept until it is drawn. */
export function SketchCrop({ sketch, face, box, colours, ground, size }: SketchCropProps) {
  if (!sketch || !box) return <svg width={size} height={size} aria-hidden />;
  const view = fitView(box, { width: size, height: size }, 3);
  const heavier = Math.min(HEAVIEST, Math.max(1, TRUE_PEN / view.scale));
  return (
    <svg
      width={size}
      height={size}
      aria-hidden
      className="shrink-0 rounded-[3px]"
      style={{ background: ground }}
    >
      <g transform={viewTransform(view)}>
        <SketchShapes shapes={sketch[face].shapes} manner={{ ink: inkOn(colours, ground), heavier }} />
      </g>
    </svg>
  );
}
