import type { Curve } from '@ample-bolt/core/geometry/curve';
import { drawCurve, drawRing } from '@ample-bolt/core/geometry/path/path-sink';
import { polylineText } from '@ample-bolt/core/geometry/path/polyline-text';
import { svgPathSink } from '@ample-bolt/core/geometry/path/svg-path';
import type { Point } from '@ample-bolt/core/geometry/point';
import type { Ring } from '@ample-bolt/core/geometry/ring';

export function curveText(curve: Curve): string {
  const sink = svgPathSink();
  drawCurve(curve, sink);
  return sink.text();
}

export function ringText(ring: Ring): string {
  const sink = svgPathSink();
  drawRing(ring, sink);
  return sink.text();
}

export const lineText = (points: readonly Point[]): string => polylineText(points, false);
