import type { Point } from '../point.ts';
import { svgPathSink } from './svg-path.ts';

/** The `d` text of a line through points, closed or open, rounded to `decimals` of a millimetre. */
export function polylineText(points: readonly Point[], closed: boolean, decimals?: number): string {
  const sink = svgPathSink(decimals);
  points.forEach((p, index) => (index === 0 ? sink.moveTo(p) : sink.lineTo(p)));
  if (closed) sink.close();
  return sink.text();
}
