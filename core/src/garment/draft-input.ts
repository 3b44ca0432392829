import type { Person } from '../drafting/body.ts';
import type { Allowances } from '../pieces/allowances.ts';
import type { Correction } from '../pieces/correction.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import type { ChoiceValues } from './choice.ts';

export interface DraftInput {
  readonly person: Person;
  /** Only what was chosen, mm; the rest is the style's default. */
  readonly choices: ChoiceValues;
  readonly allowances: Partial<Allowances>;
  readonly rules: RuleSet;
  /** Findings of fittings, kept for this garment. */
  readonly corrections?: readonly Correction[];
  /** Figures set by hand, by id. */
  readonly figures: HandFigures;
}
