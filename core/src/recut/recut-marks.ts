import type { Face } from '../pieces/piece.ts';
import type { RecutInput, RecutLevel } from './recut-input.ts';
import { recutHeights } from './recut-outline.ts';
import type { RecutWidth } from './recut-widths.ts';

/** A mark on one half of a shirt: at a level, from the centre outwards where it is sewn and cut; of a front from the placket’s edge as well; mm. */
export interface RecutMark {
  readonly face: Face;
  readonly level: RecutLevel;
  /** Below the collar band. */
  readonly down: number;
  readonly sewn: number;
  readonly cut: number;
  readonly sewnFromEdge: number | undefined;
}

/** The chalk marks of a recut, back before front, each from the top down: the shirt lies on its face first. */
export const recutMarks = (input: RecutInput, widths: readonly RecutWidth[]): RecutMark[] =>
  (['back', 'front'] as const).flatMap((face) =>
    widths.map(({ level, halves }): RecutMark => {
      const { sewAt, cutAt } = halves[face];
      return {
        face,
        level,
        down: recutHeights(input)[level],
        sewn: sewAt.mm,
        cut: cutAt.mm,
        sewnFromEdge: face === 'front' ? sewAt.mm + input.lap / 2 : undefined,
      };
    }),
  );
