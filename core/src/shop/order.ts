import type { Allowances } from '../pieces/allowances.ts';
import type { Person } from '../drafting/body.ts';
import type { Correction } from '../pieces/correction.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';
import type { Cloth } from '../lay/model/cloth.ts';
import type { ClientKind } from '../measures/measure-set.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import type { SignOffs } from './sign-off.ts';
import type { Style } from '../styles/style.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import type { Unit } from '../units/length.ts';

/** An order that was read: every length in mm, every name known. */
export interface Order {
  readonly unit: Unit;
  readonly client: { readonly name: string; readonly kind: ClientKind };
  readonly startLine: 'stitch' | 'cut';
  readonly person: Person;
  readonly style: Style;
  readonly choices: ChoiceValues;
  readonly allowances: Partial<Allowances>;
  readonly rules: RuleSet;
  readonly cloths: readonly Cloth[];
  readonly corrections: readonly Correction[];
  /** Stops that somebody took on themselves. */
  readonly signedOff: SignOffs;
  /** Figures that the file sets by hand, mm. */
  readonly figures: HandFigures;
}
