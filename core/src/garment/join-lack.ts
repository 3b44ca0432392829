/** Reasons for which a bodice offers no neck, no armhole, or no waist, that another part could be sewn to. */
export type JoinLack =
  | 'strapless'
  | 'off-shoulder'
  | 'no-neck'
  | 'open-neck'
  | 'no-back'
  | 'one-shoulder'
  | 'hem-below'
  | 'hem-above'
  | 'over-the-head'
  | 'waist-alone'
  | 'cape'
  | 'own-skirt';
