import { corrected, sum, type Term, type Working } from '../workings/working.ts';
import type { Figure } from './draft.ts';

const isAllowance = ({ working }: Term): boolean =>
  working.kind === 'rule' && working.id.startsWith('allowance.');
const isCorrection = ({ working }: Term): boolean => working.kind === 'correction';

/** A working without the allowances that it adds, and without what brought it to the cut line. */
function withoutAllowances(working: Working): Working {
  switch (working.kind) {
    case 'sum':
      return sum(
        ...working.terms
          .filter((term) => !isAllowance(term) && !isCorrection(term))
          .map(({ sign, working: inner }) => ({ sign, working: withoutAllowances(inner) })),
      );
    case 'quotient':
    case 'product':
      return { ...working, of: withoutAllowances(working.of) };
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'correction':
      return working;
  }
}

/** What a working says of its last correction: why sum and drawing differ. */
function correctionOf(working: Working): string {
  const last = working.kind === 'sum' ? working.terms.findLast(isCorrection)?.working : undefined;
  return last?.kind === 'correction' ? last.label : 'as drawn';
}

/**
 * A figure as a shop reads it that adds the allowance on the cloth: on the stitch line, from its sum without allowances. One
 * that a hand moved keeps what was computed beside it.
 */
export const stitchFigure = (figure: Figure): Figure => ({
  ...figure,
  mm: figure.stitch,
  computed: figure.computed - (figure.mm - figure.stitch),
  working: corrected(
    withoutAllowances(figure.working),
    figure.by === 'hand' ? figure.computed - (figure.mm - figure.stitch) : figure.stitch,
    correctionOf(figure.working),
  ),
});
