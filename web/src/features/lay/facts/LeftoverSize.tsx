import type { Leftover } from '@ample-bolt/core/lay/buy/leftover';
import type { Unit } from '@ample-bolt/core/units/length';
import { Length } from '../../../ui/Length.tsx';

/** A leftover is torn off, not drafted. */
const coarse = { denominator: 2, decimals: 0 } as const;

interface LeftoverSizeProps {
  readonly leftover: Leftover | undefined;
  readonly unit: Unit;
}

/** How wide and how long what is left in one piece is. */
export const LeftoverSize = ({ leftover, unit }: LeftoverSizeProps) =>
  leftover ? (
    <>
      <Length mm={leftover.right - leftover.left} unit={unit} format={coarse} /> ×{' '}
      <Length mm={leftover.to - leftover.from} unit={unit} format={coarse} />
    </>
  ) : (
    'scraps only'
  );
