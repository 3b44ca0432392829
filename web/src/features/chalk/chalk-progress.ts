import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Ticket } from '@ample-bolt/core/shop/ticket';

/** Marks are done from the first on within each piece; the mark in hand is the first open one. */
const isDone = (mark: Mark, chalked: Ticket['chalked']): boolean => mark.order <= (chalked[mark.piece] ?? 0);

export const markInHandIndex = (marks: readonly Mark[], chalked: Ticket['chalked']): number => {
  const open = marks.findIndex((mark) => !isDone(mark, chalked));
  return open < 0 ? marks.length : open;
};

/** The progress in which everything before `index` is done and nothing after it. */
export function chalkedUpTo(marks: readonly Mark[], index: number): Ticket['chalked'] {
  const chalked: Record<string, number> = {};
  for (const mark of marks.slice(0, index)) chalked[mark.piece] = mark.order;
  return chalked;
}
