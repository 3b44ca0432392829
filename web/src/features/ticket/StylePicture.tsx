import { inkOn } from '@ample-bolt/core/sketch/ink';
import { frameOf } from '@ample-bolt/core/sketch/sketch';
import { SketchShapes } from '../../canvas/SketchShapes.tsx';
import { fitView, viewTransform } from '../../canvas/view.ts';
import { useStyleDrawn } from '../../workers/use-drafted.ts';

interface StylePictureProps {
  readonly styleId: string;
  readonly width: number;
  readonly height: number;
}

/** The book has no cloth of its own: undyed, on the white of its card. */
const manner = { ink: inkOn({ net: '#f3ead6' }, '#ffffff'), heavier: 1.9 };

/** The front of a style of the book, made up on an ordinary figure. */
export function StylePicture({ styleId, width, height }: StylePictureProps) {
  const sketch = useStyleDrawn(styleId);
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
