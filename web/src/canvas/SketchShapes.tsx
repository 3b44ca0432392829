import { inked, type Manner } from '@ample-bolt/core/sketch/inked';
import type { Shape } from '@ample-bolt/core/sketch/shape';
import { lineText } from './path-text.ts';

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
          d={`${lineText(points)}${closed ? 'Z' : ''}`}
          fill={fill}
          {...(stroke && { stroke, strokeWidth: width })}
          {...(dashes && { strokeDasharray: dashes.join(' ') })}
        />
      ))}
  </g>
);
