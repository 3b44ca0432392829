import type { RuleSet } from '../rules/catalogue.ts';
import type { Allowances } from './allowances.ts';
import { draftBodice, type Bodice } from './bodice/bodice.ts';
import type { BodiceChoices } from './bodice/frame.ts';
import type { Body } from './body.ts';
import { draftHabitBodice } from './habit/habit-bodice.ts';

/** The bodice block by the school in force. */
export function bodiceBySchool(
  body: Body,
  choices: BodiceChoices,
  rules: RuleSet,
  allowances: Allowances,
): Bodice {
  switch (rules['school.block']) {
    case 'solved':
      return draftBodice(body, choices, rules, allowances);
    case 'table':
      return draftHabitBodice(body, choices, rules, allowances);
  }
}
