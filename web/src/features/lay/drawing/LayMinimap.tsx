import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { PointerEvent } from 'react';
import { ringText } from '../../../canvas/path-text.ts';
import type { InSight, Zoom } from './use-zoom.ts';

interface LayMinimapProps {
  readonly lay: Lay;
  /** The cloth's length as it is drawn, mm. */
  readonly length: number;
  readonly clothColour: string;
  readonly chalk: string;
  readonly zoom: Zoom;
}

const WIDTH = 180;

/** The whole lay, small, with what is in sight of it; pressed, the place is looked at. */
export function LayMinimap({ lay, length, clothColour, chalk, zoom }: LayMinimapProps) {
  const height = Math.max(24, (WIDTH * lay.width) / length);
  const { left, top, width, height: tall }: InSight = zoom.inSight;
  const look = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    zoom.lookAt((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
  };
  return (
    <svg
      width={WIDTH}
      height={height}
      viewBox={`0 0 ${length} ${lay.width}`}
      preserveAspectRatio="none"
      aria-hidden
      className="absolute right-3 bottom-4 cursor-pointer touch-none rounded-soft border-2 border-white outline outline-linen-3"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        look(event);
      }}
      onPointerMove={(event) => event.buttons > 0 && look(event)}
    >
      <rect width={length} height={lay.width} fill={clothColour} />
      <g transform="matrix(0 1 1 0 0 0)" fill={chalk} fillOpacity="0.2" stroke={chalk}>
        {lay.placements.map(({ piece, copy, polygon }) => (
          <path key={`${piece} ${copy}`} d={ringText(polygon)} vectorEffect="non-scaling-stroke" />
        ))}
      </g>
      <rect
        x={left * length}
        y={top * lay.width}
        width={width * length}
        height={tall * lay.width}
        fill="none"
        stroke="var(--color-weld)"
        strokeWidth="3"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
