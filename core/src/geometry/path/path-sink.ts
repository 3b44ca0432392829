import { endOf, startOf, type Curve } from '../curve.ts';
import { distance, type Point } from '../point.ts';
import { pointAt, type Segment } from '../segment.ts';

/** The target of a drawing: SVG text, a PDF page, a canvas. Rounding belongs to the sink, never to the drawing. */
export interface PathSink {
  moveTo(p: Point): void;
  lineTo(p: Point): void;
  curveTo(c: Point, d: Point, b: Point): void;
  /** Along a circle of that radius to `b`, by less than half of it; clockwise on screen or against. */
  arcTo(radius: number, isClockwise: boolean, b: Point): void;
  close(): void;
}

/** An arc in parts of less than half a circle, so that each is told by its radius and its end alone. */
function drawArc(segment: Extract<Segment, { kind: 'arc' }>, sink: PathSink): void {
  const { a, centre, angle } = segment;
  const count = Math.max(1, Math.ceil(Math.abs(angle) / (0.9 * Math.PI)));
  for (let part = 1; part <= count; part++)
    sink.arcTo(distance(a, centre), angle > 0, pointAt(segment, part / count));
}

/** Draws a curve into a sink, joining on when the sink already stands at its start. */
export function drawCurve(curve: Curve, sink: PathSink, from?: Point): Point {
  const start = startOf(curve);
  if (!from || from.x !== start.x || from.y !== start.y) sink.moveTo(start);
  for (const segment of curve) {
    switch (segment.kind) {
      case 'line':
        sink.lineTo(segment.b);
        break;
      case 'cubic':
        sink.curveTo(segment.c, segment.d, segment.b);
        break;
      case 'arc':
        drawArc(segment, sink);
        break;
    }
  }
  return endOf(curve);
}

/** Draws a polygon into a sink as one closed loop. */
export function drawRing(ring: readonly Point[], sink: PathSink): void {
  ring.forEach((p, index) => (index === 0 ? sink.moveTo(p) : sink.lineTo(p)));
  sink.close();
}
