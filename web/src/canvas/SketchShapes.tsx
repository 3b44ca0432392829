import { polylineText } from '@ample-bolt/core/geometry/path/polyline-text';
import { inked, type Manner } from '@ample-bolt/core/sketch/inked';
import type { Shape } from '@ample-bolt/core/sketch/shape';

interface SketchShapesProps {
  readonly shapes: readonly Shape[];
  readonly manner: Manner;
}

/** Shapes of a garment made up, in millimetres of the person, inside an SVG that places them. */
export const SketchShapes = ({ shapes, manner }: SketchShapesProps) => (
  <g strokeLinejoin="round" strokeLinecap="round">
    {shapes
      .flatMap((shape) => inked(shape, manner))
      .map(({ points, closed, fill = 'none', stroke, width, dashes }, index) => (
        <path
          key={index}
          d={polylineText(points, closed, 1)}
          fill={fill}
          {...(stroke && { stroke, strokeWidth: width })}
          {...(dashes && { strokeDasharray: dashes.join(' ') })}
        />
      ))}
  </g>
);
