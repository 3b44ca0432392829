import type { EdgeRole } from './piece.ts';
import type { RuleId, RuleSet } from '../rules/catalogue.ts';

/** Seam roles that carry an allowance; the fold and the darts carry none. */
export const seamRoles = [
  'shoulder',
  'neck',
  'armhole',
  'side',
  'princess',
  'waist',
  'fork',
  'inseam',
  'zip',
  'slit',
  'hem',
  'facing',
  'liningHem',
  'top',
  'front',
  'topHem',
  'circleHem',
  'strip',
  'overlay',
] as const;
export type SeamRole = (typeof seamRoles)[number];

/** Allowances in mm by seam role. */
export type Allowances = { readonly [role in SeamRole]: number };

export const allowanceRule = <Role extends SeamRole>(role: Role): `allowance.${Role}` & RuleId =>
  `allowance.${role}` as `allowance.${Role}` & RuleId;

/** The house's allowances, with a garment's own laid over them. */
export const allowancesFrom = (rules: RuleSet, own: Partial<Allowances>): Allowances => ({
  ...(Object.fromEntries(seamRoles.map((role) => [role, rules[allowanceRule(role)]])) as Allowances),
  ...own,
});

/** Seams whose edges are cut only after the panels are joined, by the rules in force. */
export const laterRoles = (rules: RuleSet): readonly (SeamRole & EdgeRole)[] =>
  rules['school.neckCut'] === 'later' ? ['neck', 'shoulder'] : [];
