import { line } from '../geometry/segment.ts';
import type { Dart, Edge } from '../pieces/piece.ts';
import type { OpenedSeam } from './closed-seam.ts';

/** The edges and darts of a waist drawn from the side to the centre, named from the centre outwards. */
export function waistEdges(seam: OpenedSeam, allowance: number): { edges: Edge[]; darts: Dart[] } {
  const edges: Edge[] = [];
  const darts: Dart[] = [];
  const { length } = seam.stretches;
  seam.stretches.forEach((path, index) => {
    edges.push({ id: length === 1 ? 'waist' : `waist-${length - index}`, role: 'waist', path, allowance });
    const mouth = seam.mouths[index];
    if (!mouth) return;
    const id = `waist-dart-${seam.mouths.length - index}`;
    edges.push({ id: `${id}-outer`, role: 'dart', path: [line(mouth.outer, mouth.tip)], allowance: 0 });
    edges.push({ id: `${id}-inner`, role: 'dart', path: [line(mouth.tip, mouth.inner)], allowance: 0 });
    darts.push({ id, in: 'waist', legs: [`${id}-outer`, `${id}-inner`], pressed: 'centre' });
  });
  return { edges, darts };
}
