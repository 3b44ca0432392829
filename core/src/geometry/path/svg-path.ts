import type { Point } from '../point.ts';
import type { PathSink } from './path-sink.ts';

/** A sink that collects the `d` text of an SVG path, rounded to `decimals` of a millimetre. */
export function svgPathSink(decimals = 2): PathSink & { text(): string } {
  const parts: string[] = [];
  const at = (p: Point) => `${Number(p.x.toFixed(decimals))} ${Number(p.y.toFixed(decimals))}`;
  return {
    moveTo: (p) => parts.push(`M${at(p)}`),
    lineTo: (p) => parts.push(`L${at(p)}`),
    curveTo: (c, d, b) => parts.push(`C${at(c)} ${at(d)} ${at(b)}`),
    arcTo: (radius, isClockwise, b) => {
      const r = Number(radius.toFixed(decimals));
      parts.push(`A${r} ${r} 0 0 ${isClockwise ? 1 : 0} ${at(b)}`);
    },
    close: () => parts.push('Z'),
    text: () => parts.join(''),
  };
}
