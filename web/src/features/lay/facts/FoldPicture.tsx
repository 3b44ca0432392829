import type { LayWay } from '@ample-bolt/core/lay/model/lay';

/** How the cloth lies, seen from its cut end: what is double stands two high. For folds across, the end that was turned over is an arc. */
const ENDS: Readonly<Record<LayWay, string>> = {
  open: 'M2 12H38',
  half: 'M38 7H6A2.5 2.5 0 0 0 6 12H38',
  width: 'M24 7H6A2.5 2.5 0 0 0 6 12H38',
  two: 'M17 7H6A2.5 2.5 0 0 0 6 12H34A2.5 2.5 0 0 0 34 7H23',
  four: 'M38 3H6A2 2 0 0 0 6 7H38M38 11H6A2 2 0 0 0 6 15H38M38 3A8 6 0 0 1 38 15',
  mixed: 'M18 7H5A2.5 2.5 0 0 0 5 12H18M24 12H40',
  cross: 'M2 7H34A2.5 2.5 0 0 1 34 12H2',
};

/** A small picture of a way of folding. */
export const FoldPicture = ({ fold }: { readonly fold: LayWay }) => (
  <svg viewBox="0 0 46 18" width="36" height="14" aria-hidden className="shrink-0">
    <path d={ENDS[fold]} fill="none" stroke="currentColor" strokeWidth="2" strokeLinecap="round" />
  </svg>
);
