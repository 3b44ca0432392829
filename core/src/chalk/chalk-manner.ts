import type { RuleSet } from '../rules/catalogue.ts';

/** How a shop chalks. */
export interface ChalkManner {
  /** What the shop's downs start at: the stitch line, or the cut edge of the topmost seam. */
  readonly startLine: 'stitch' | 'cut';
  /** The line that is chalked by its points: the stitch line with the allowance added outside, or the cut line alone. */
  readonly line: 'stitch' | 'cut';
}

/** How a shop with these rules chalks, from that start line. */
export const chalkMannerIn = (startLine: ChalkManner['startLine'], rules: RuleSet): ChalkManner => ({
  startLine,
  line: rules['school.allowance'] === 'pattern' ? 'cut' : 'stitch',
});
