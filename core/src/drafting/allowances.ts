import type { RuleId, RuleSet } from '../rules/catalogue.ts';

/** Seam roles that carry an allowance; the fold and the darts carry none. */
export type SeamRole = 'shoulder' | 'neck' | 'armhole' | 'side' | 'waist' | 'zip' | 'hem';

/** Allowances in mm by seam role. */
export type Allowances = { readonly [role in SeamRole]: number };

export const allowanceRule = (role: SeamRole): RuleId => `allowance.${role}`;

/** The house's allowances, with a garment's own laid over them. */
export const allowancesFrom = (rules: RuleSet, own: Partial<Allowances>): Allowances => ({
  shoulder: rules['allowance.shoulder'],
  neck: rules['allowance.neck'],
  armhole: rules['allowance.armhole'],
  side: rules['allowance.side'],
  waist: rules['allowance.waist'],
  zip: rules['allowance.zip'],
  hem: rules['allowance.hem'],
  ...own,
});
