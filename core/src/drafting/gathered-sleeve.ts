import { point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { makePiece, type Piece } from '../pieces/piece.ts';

/** A sleeve of one straight-sided piece, gathered to the armhole: what a leftover is good for. mm. */
export interface GatheredSleevePlan {
  /** The armhole that it is gathered to, and by how much. */
  readonly armhole: number;
  readonly ratio: number;
  /** Round of the lower end, gathers let out. */
  readonly lower: number;
  readonly length: number;
  readonly allowance: { readonly armhole: number; readonly side: number; readonly hem: number };
}

/** Half the sleeve on the fold, its width tapering in a straight line from the gathered edge to the lower end. */
export const gatheredSleeve = ({ armhole, ratio, lower, length, allowance }: GatheredSleevePlan): Piece => {
  const [top, bottom] = [(armhole * ratio) / 2, lower / 2];
  const [a, b, c, d] = [point(0, 0), point(top, 0), point(bottom, length), point(0, length)];
  return makePiece({
    id: 'sleeve',
    name: 'Sleeve',
    role: 'outer',
    cut: { copies: 2, layers: 'fold' },
    grain: point(0, 1),
    edges: [
      { id: 'cap', role: 'armhole', path: [line(a, b)], allowance: allowance.armhole },
      { id: 'underarm', role: 'side', path: [line(b, c)], allowance: allowance.side },
      { id: 'hem', role: 'hem', path: [line(c, d)], allowance: allowance.hem },
      { id: 'fold', role: 'fold', path: [line(d, a)], allowance: 0 },
    ],
    notches: [],
    darts: [],
    levels: [],
    intakes: [],
  });
};
