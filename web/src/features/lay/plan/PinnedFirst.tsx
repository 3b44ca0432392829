import type { Pinned } from '@ample-bolt/core/lay/model/pinned';
import type { Unit } from '@ample-bolt/core/units/length';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { Notice } from '../../../ui/Notice.tsx';
import type { FoldPlan } from '../search/use-lay-search.ts';

interface PinnedFirstProps {
  readonly pinned: Pinned;
  readonly plans: readonly FoldPlan[];
  readonly unit: Unit;
}

/** Why cloth that is pinned under another one cannot be laid yet: by the way in which that one lies, where it is laid. */
export function PinnedFirst({ pinned: { above }, plans, unit }: PinnedFirstProps) {
  const obstacle = (plans.find(({ fold }) => fold === above?.fold) ?? plans[0])?.obstacle;
  if (!obstacle) return null;
  const { message, remedy } = findingWords(obstacle, unit);
  return (
    <Notice tone="care">
      {message} {remedy}
    </Notice>
  );
}
