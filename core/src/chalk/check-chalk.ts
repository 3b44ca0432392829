import { distance, point, type Point } from '../geometry/point.ts';
import { roundLength } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';
import type { Mark } from './mark.ts';

const chords = (points: readonly Point[]): number =>
  points.slice(1).reduce((sum, p, index) => sum + distance(points[index] ?? p, p), 0);

/**
 * How much longer or shorter each chalked edge gets, mm, when every mark is rounded to what the tape shows
 * (⅛ in or 0.5 cm by the shop's unit): the proof that the rounded marks still true.
 */
function chalkDrift(marks: readonly Mark[], unit: Unit): { piece: string; edge: string; mm: number }[] {
  const rounded = (mm: number) =>
    unit === 'in' ? roundLength(mm, 'in', { denominator: 8 }) : Math.round(mm / 5) * 5;
  return marks.flatMap((mark) => {
    if (mark.kind !== 'curve' && mark.kind !== 'slope') return [];
    const chalked = mark.points.map((p) => point(rounded(p.x - mark.origin.x), rounded(p.y - mark.origin.y)));
    return [{ piece: mark.piece, edge: mark.edge, mm: chords(chalked) - chords(mark.points) }];
  });
}

/** The largest drift of any edge, mm. */
export const largestDrift = (marks: readonly Mark[], unit: Unit): number =>
  chalkDrift(marks, unit).reduce((most, { mm }) => Math.max(most, Math.abs(mm)), 0);
