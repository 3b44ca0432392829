import { pieceName } from '../names.ts';
import type { WordedTable } from './say.ts';

/** Findings about cloth: what it lacks, and why it cannot be folded, or laid, in a way. */
export const clothFindings: WordedTable<
  | 'cloth-missing'
  | 'chalk-hardly-shows'
  | 'cloth-too-narrow'
  | 'cloth-too-short'
  | 'flare-in-parts'
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
> = {
  'chalk-hardly-shows': ({ where, chalk, contrast }) => ({
    message: `No chalk shows well on the ${where.subject}: ${chalk} is the best of them, at a contrast of ${contrast.toFixed(1)} where 4.5 is wanted.`,
    remedy: 'Mark it with thread tacks, or with a tracing wheel and paper tried on a scrap.',
  }),
  'cloth-missing': ({ where }) => `The ${where.subject} has no cloth yet; it is not planned.`,
  'cloth-too-narrow': ({ where, found, expected }, length) => ({
    message: `${where.piece === undefined ? 'The widest piece' : pieceName(where.piece)} needs ${length(expected)} across; this cloth lies ${length(found)} wide so.`,
    remedy: 'Lay it open, take a wider cloth, or choose more seams where the style has the choice.',
  }),
  'cloth-too-short': ({ found, expected }, length) => ({
    message: `The lay needs ${length(found)}; there is ${length(expected)}, so it is ${length(Math.abs(found - expected))} short.`,
    remedy: 'Take more cloth, a wider one, or lay it another way.',
  }),
  'flare-in-parts': ({ where, parts, joins }) => ({
    message: `${pieceName(where.piece)} is cut in ${parts} equal parts, joined ${joins.map((at) => `${Math.round(at)}°`).join(', ')} from centre front on either side.`,
    remedy: 'Lay it on wider cloth for fewer joins.',
  }),
  'nap-forbids-fold': () => ({
    message: 'The cloth runs one way: folded across, its under layer would point the other way.',
    remedy: 'Fold it along its length, or lay it open.',
  }),
  'flaw-forbids-fold': () => ({
    message:
      'Something on the cloth has its place: a flaw, a panel, a slanted end or a print that is matched. Folded across, it would come to lie anywhere under the upper layer.',
    remedy: 'Fold it along its length, or lay it open.',
  }),
  'panel-not-kept': () => ({
    message:
      'Laid so, the piece of a panel cannot lie inside it, single or on the fold, with its middle on the motif’s.',
    remedy: 'Lay it open, or fold it on the middle of the motif.',
  }),
  'places-forbid-refolding': () => ({
    message:
      'Cloth with flaws, a panel, an outline of its own or a print that is matched is laid by one fold from end to end.',
    remedy: 'Fold it to width, so that single pieces lie beside the fold.',
  }),
  'fold-off-figure': () => ({
    message:
      'Folded this way, the fold does not lie on a figure of the print, or no figure is where a piece fits.',
    remedy: 'Measure again from the selvedge to the middle of a figure, or lay it open.',
  }),
  'nothing-to-refold': () => ({
    message: 'All pieces lie double, or all lie open: there is nothing to fold again for.',
    remedy: 'Take one fold for all of it.',
  }),
  'pinned-above-unlaid': ({ where }) => ({
    message: `It is pinned under the ${where.subject}, which has no plan yet.`,
    remedy: `Take a plan of the ${where.subject} first.`,
  }),
  'pinned-above-refolded': ({ where }) => ({
    message: `It is pinned under the ${where.subject}, which is folded across or folded again along its length.`,
    remedy: `Take a plan of the ${where.subject} that is open or folded once, or do not pin this cloth under it.`,
  }),
  'pinned-otherwise-folded': ({ where }) => ({
    message: `It is pinned under the ${where.subject} and folded as that is.`,
    remedy: `Take another plan of the ${where.subject} first.`,
  }),
  'pinned-too-wide': () => ({
    message: 'What is cut with the cloth above lies beyond the edge of this one, or its folds lie elsewhere.',
    remedy: 'Plan the cloth above anew: it is laid within the width of this one now. Or do not pin it under.',
  }),
  'beneath-too-narrow': () => ({
    message: 'What is pinned under it is too narrow for a piece that is cut through both.',
    remedy: 'Take a wider cloth for what lies under it, or do not pin that.',
  }),
  'piece-without-section': ({ where }) => ({
    message: `${pieceName(where.piece)} is in no section.`,
    remedy: 'Say in which section it is cut.',
  }),
  'section-without-piece': () => ({
    message: 'Nothing is cut from this section.',
    remedy: 'Give it a piece, or take it out.',
  }),
  'fold-cuts-too-many': () => ({
    message:
      'Folded this way, every piece that is chalked cuts more copies than a piece of this garment wants.',
    remedy: 'Lay it open, or fold it to width so that single pieces lie beside the fold.',
  }),
};
