import type { RuleSet } from '../rules/catalogue.ts';

/** Manner in which a shop chalks. */
export interface ChalkManner {
  /** Line that the shop's downs start at: the stitch line, or the cut edge of the topmost seam. */
  readonly startLine: 'stitch' | 'cut';
  /** The line that is chalked by its points: the stitch line with the allowance added outside, or the cut line alone. */
  readonly line: 'stitch' | 'cut';
}

/** Manner of a shop with these rules, from that start line. */
export const chalkMannerIn = (startLine: ChalkManner['startLine'], rules: RuleSet): ChalkManner => ({
  startLine,
  line: rules['school.allowance'] === 'pattern' ? 'cut' : 'stitch',
});
