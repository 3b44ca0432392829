import type { Detail } from '../../drafting/detail.ts';
import { point, type Point } from '../../geometry/point.ts';
import { halfSeen, OFF_BODY, SKIRT_TOP_SAG } from '../hang/hang-skirt.ts';
import { filled, line, type Shape } from '../shape.ts';
import { clothOf, type DetailView } from './detail-view.ts';

/** A band around the waist, level with it: its lower line is that on which a skirt hangs. */
export function waistbandShapes(view: DetailView, { pieces, height, round }: Extract<Detail, { kind: 'waistband' }>): Shape[] {
  const { figure } = view.garment;
  const { waist } = figure.heights;
  const bowed = (y: number): Point[] => {
    const half = Math.max(halfSeen(figure, waist, round), figure.half(y) + OFF_BODY);
    return Array.from({ length: 31 }, (_, index) => {
      const across = index / 15 - 1;
      return point(half * across, y + SKIRT_TOP_SAG * (1 - across * across));
    });
  };
  const [upper, lower] = [bowed(waist - height), bowed(waist)];
  const end = (at: 'first' | 'last'): Point[] =>
    [upper, lower].flatMap((points) => (at === 'first' ? points.slice(0, 1) : points.slice(-1)));
  const opening = view.face === 'back' ? [line([point(0, waist - height + SKIRT_TOP_SAG), point(0, waist + SKIRT_TOP_SAG)], 'seam')] : [];
  return [
    ...filled([...upper, ...[...lower].reverse()], clothOf(view, pieces[0] ?? '')),
    line(upper, 'edge'),
    line(lower, 'seam'),
    line(end('first'), 'side'),
    line(end('last'), 'side'),
    ...opening,
  ];
} // prettier-ignore
