import type { ChoiceValues } from '@ample-bolt/core/garment/choice';
import { inkOn } from '@ample-bolt/core/sketch/ink';
import { frameOf } from '@ample-bolt/core/sketch/sketch';
import { SketchShapes } from '../../canvas/SketchShapes.tsx';
import { fitView, viewTransform } from '../../canvas/view.ts';
import { useStyleDrawn } from '../../workers/use-drafted.ts';

interface StylePictureProps {
  readonly styleId: string;
  /** What the house chooses with it. */
  readonly choices?: ChoiceValues;
  readonly width: number;
  readonly height: number;
}

/** The book has no cloth of its own: undyed, on the white of its card. */
const manner = { ink: inkOn({ net: '#f3ead6' }, '#ffffff'), heavier: 1.9 };

/** The front of a style of the book, made up on an ordinary figure. */
export function StylePicture({ styleId, choices, width, height }: StylePictureProps) {
  const sketch = useStyleDrawn(styleId, choices);
  return (
    <svg width={width} height={height} aria-hidden>
      {sketch && (
        <g transform={viewTransform(fitView(frameOf(sketch, false), { width, height }, width / 20))}>
          <SketchShapes shapes={sketch.front.shapes} manner={manner} />
        </g>
      )}
    </svg>
  );
}
