import type { Finding, FindingCode } from '../checks/finding.ts';
import type { FindingWords } from './finding-words.ts';
import { pieceName } from './names.ts';

/** Why cloth cannot be folded, or laid, in a way. */
export type FoldFindingCode = Extract<
  FindingCode,
  | 'nap-forbids-fold'
  | 'flaw-forbids-fold'
  | 'panel-not-kept'
  | 'places-forbid-refolding'
  | 'fold-off-figure'
  | 'nothing-to-refold'
  | 'pinned-above-unlaid'
  | 'pinned-above-refolded'
  | 'pinned-otherwise-folded'
  | 'pinned-too-wide'
  | 'beneath-too-narrow'
  | 'piece-without-section'
  | 'section-without-piece'
  | 'fold-cuts-too-many'
>;

/** What such a finding says, and what to do instead. */
export function foldFindingWords(
  code: FoldFindingCode,
  { subject = '', piece = '' }: Finding['where'],
): FindingWords {
  switch (code) {
    case 'nap-forbids-fold':
      return {
        message: 'The cloth runs one way: folded across, its under layer would point the other way.',
        remedy: 'Fold it along its length, or lay it open.',
      };
    case 'flaw-forbids-fold':
      return {
        message:
          'Something on the cloth has its place: a flaw, a panel, a slanted end or a print that is matched. Folded across, it would come to lie anywhere under the upper layer.',
        remedy: 'Fold it along its length, or lay it open.',
      };
    case 'panel-not-kept':
      return {
        message:
          'Laid so, the piece of a panel cannot lie inside it, single or on the fold, with its middle on the motif’s.',
        remedy: 'Lay it open, or fold it on the middle of the motif.',
      };
    case 'places-forbid-refolding':
      return {
        message:
          'Cloth with flaws, a panel, an outline of its own or a print that is matched is laid by one fold from end to end.',
        remedy: 'Fold it to width, so that single pieces lie beside the fold.',
      };
    case 'fold-off-figure':
      return {
        message:
          'Folded this way, the fold does not lie on a figure of the print, or no figure is where a piece fits.',
        remedy: 'Measure again from the selvedge to the middle of a figure, or lay it open.',
      };
    case 'nothing-to-refold':
      return {
        message: 'All pieces lie double, or all lie open: there is nothing to fold again for.',
        remedy: 'Take one fold for all of it.',
      };
    case 'pinned-above-unlaid':
      return {
        message: `It is pinned under the ${subject}, which has no plan yet.`,
        remedy: `Take a plan of the ${subject} first.`,
      };
    case 'pinned-above-refolded':
      return {
        message: `It is pinned under the ${subject}, which is folded across or folded again along its length.`,
        remedy: `Take a plan of the ${subject} that is open or folded once, or do not pin this cloth under it.`,
      };
    case 'pinned-otherwise-folded':
      return {
        message: `It is pinned under the ${subject} and folded as that is.`,
        remedy: `Take another plan of the ${subject} first.`,
      };
    case 'pinned-too-wide':
      return {
        message:
          'What is cut with the cloth above lies beyond the edge of this one, or its folds lie elsewhere.',
        remedy:
          'Plan the cloth above anew: it is laid within the width of this one now. Or do not pin it under.',
      };
    case 'beneath-too-narrow':
      return {
        message: 'What is pinned under it is too narrow for a piece that is cut through both.',
        remedy: 'Take a wider cloth for what lies under it, or do not pin that.',
      };
    case 'piece-without-section':
      return {
        message: `${pieceName(piece)} is in no section.`,
        remedy: 'Say in which section it is cut.',
      };
    case 'section-without-piece':
      return {
        message: 'Nothing is cut from this section.',
        remedy: 'Give it a piece, or take it out.',
      };
    case 'fold-cuts-too-many':
      return {
        message:
          'Folded this way, every piece that is chalked cuts more copies than a piece of this garment wants.',
        remedy: 'Lay it open, or fold it to width so that single pieces lie beside the fold.',
      };
  }
}
