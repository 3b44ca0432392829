import { curveLength, endOf, startOf } from '../geometry/curve.ts';
import type { Edge } from '../pieces/piece.ts';
import type { EdgeEnd } from './mark.ts';

/** Ends of an edge across the piece that lie this much nearer to the centre than the other, mm, are told by that. */
const NEARER = 1;

/** A place along an edge, mm from where the loop enters it, as a hand measures it: from an end that is told by where it lies. */
export function fromEnd(
  { path }: Pick<Edge, 'path'>,
  at: number,
): { readonly end: EdgeEnd; readonly mm: number } {
  const [start, finish] = [startOf(path), endOf(path)];
  const from = (end: EdgeEnd, isStart: boolean) => ({ end, mm: isStart ? at : curveLength(path) - at });
  if (Math.abs(finish.y - start.y) >= Math.abs(finish.x - start.x)) return from('upper', start.y <= finish.y);
  const nearer = Math.abs(finish.x) - Math.abs(start.x);
  return Math.abs(nearer) > NEARER ? from('inner', nearer > 0) : from('left', start.x < finish.x);
}
