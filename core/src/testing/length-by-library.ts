import { Bezier } from 'bezier-js';
import type { Edge } from '../pieces/piece.ts';

/** The length of an edge, mm: cubics by a general reference library, lines and arcs by plain geometry. */
export const lengthByLibrary = ({ path }: Pick<Edge, 'path'>): number =>
  path.reduce((sum, segment) => {
    const { a, b } = segment;
    switch (segment.kind) {
      case 'line':
        return sum + Math.hypot(b.x - a.x, b.y - a.y);
      case 'cubic':
        return (
          sum + new Bezier([a.x, a.y, segment.c.x, segment.c.y, segment.d.x, segment.d.y, b.x, b.y]).length()
        );
      case 'arc':
        return sum + Math.abs(segment.angle) * Math.hypot(a.x - segment.centre.x, a.y - segment.centre.y);
    }
  }, 0);
