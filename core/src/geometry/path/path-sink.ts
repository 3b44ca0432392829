import { endOf, startOf, type Curve } from '../curve.ts';
import type { Point } from '../point.ts';

/** The target of a drawing: SVG text, a PDF page, a canvas. Rounding belongs to the sink, never to the drawing. */
export interface PathSink {
  moveTo(p: Point): void;
  lineTo(p: Point): void;
  curveTo(c: Point, d: Point, b: Point): void;
  close(): void;
}

/** Draws a curve into a sink, joining on when the sink already stands at its start. */
export function drawCurve(curve: Curve, sink: PathSink, from?: Point): Point {
  const start = startOf(curve);
  if (!from || from.x !== start.x || from.y !== start.y) sink.moveTo(start);
  for (const segment of curve) {
    if (segment.kind === 'line') sink.lineTo(segment.b);
    else sink.curveTo(segment.c, segment.d, segment.b);
  }
  return endOf(curve);
}

/** Draws a polygon into a sink as one closed loop. */
export function drawRing(ring: readonly Point[], sink: PathSink): void {
  ring.forEach((p, index) => (index === 0 ? sink.moveTo(p) : sink.lineTo(p)));
  sink.close();
}
