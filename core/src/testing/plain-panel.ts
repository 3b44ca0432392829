import { expect } from '@jest/globals';
import { endOf, startOf } from '../geometry/curve.ts';
import { distance, point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { makePiece, type Piece } from '../pieces/piece.ts';

/** A plain panel on its centre, 200 wide and 400 long, with a shoulder and a straight armhole. */
export const plainPanel: Piece = makePiece({
  id: 'bodice-front',
  name: 'Bodice front',
  role: 'outer',
  part: 'bodice',
  cut: { copies: 1, layers: 'fold' },
  grain: point(0, 1),
  edges: [
    { id: 'neck', role: 'neck', path: [line(point(0, 60), point(70, 0))], allowance: 6 },
    { id: 'shoulder', role: 'shoulder', path: [line(point(70, 0), point(150, 20))], allowance: 12 },
    { id: 'armhole', role: 'armhole', path: [line(point(150, 20), point(200, 180))], allowance: 12 },
    { id: 'side', role: 'side', path: [line(point(200, 180), point(180, 400))], allowance: 25 },
    { id: 'waist', role: 'waist', path: [line(point(180, 400), point(0, 400))], allowance: 12 },
    { id: 'centre-front', role: 'fold', path: [line(point(0, 400), point(0, 60))], allowance: 0 },
  ],
  notches: [{ edge: 'side', at: 150, kind: 'single' }],
  darts: [],
  levels: [
    { name: 'bust', path: [point(0, 250), point(193.6, 250)] },
    { name: 'waist', path: [point(0, 400), point(180, 400)] },
  ],
  intakes: [],
});

/** Every edge of a loop starts where the one before ends. */
export const closes = ({ edges }: Piece) =>
  edges.forEach(({ path }, index) => {
    const next = edges[(index + 1) % edges.length];
    if (next) expect(distance(endOf(path), startOf(next.path))).toBeLessThan(1e-6);
  });
