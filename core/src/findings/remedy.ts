import type { MeasureId } from '../measures/catalogue.ts';
import type { ClothRole } from '../pieces/piece.ts';
import type { RuleId, RuleValue } from '../rules/catalogue.ts';

/** A change that would clear the finding, as data that a button can carry out. */
export type Remedy =
  | { readonly kind: 'measure-again'; readonly measure: MeasureId }
  | { readonly kind: 'set-measure'; readonly measure: MeasureId; readonly mm: number }
  /** Two measures that were written in each other's place. */
  | { readonly kind: 'swap-measures'; readonly measure: MeasureId; readonly with: MeasureId }
  | { readonly kind: 'set-choice'; readonly choice: string; readonly mm: number }
  | { readonly kind: 'set-option'; readonly choice: string; readonly option: string }
  | { readonly kind: 'set-rule'; readonly rule: RuleId; readonly value: RuleValue }
  | { readonly kind: 'clear-figure'; readonly figure: string }
  | { readonly kind: 'set-figure'; readonly figure: string; readonly mm: number }
  | { readonly kind: 'add-cloth'; readonly role: ClothRole };

/** A remedy's length is typed to the step of the tape: a check that offers its own limit lets it lie this far past it, mm. */
export const TYPED_WITHIN = 1;
