import type { Body } from '../drafting/body.ts';
import type { Allowances } from '../pieces/allowances.ts';
import type { Notch, Piece } from '../pieces/piece.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import type { DrawnGarment } from './assemble-draft.ts';
import type { Choice, ChoiceValues } from './choice.ts';
import type { Join, JoinKind } from './join.ts';

/** Slots of a garment, each with the kind of join that its parts are sewn to. */
export const slots = { sleeve: 'armhole', skirt: 'waist' } as const satisfies {
  readonly [slot: string]: JoinKind;
};
export type Slot = keyof typeof slots;

/** A part of the book, as far as it is known before it is drafted. */
export interface Part extends MeasuresUsed {
  readonly id: string;
  readonly slot: Slot;
  readonly name: string;
  readonly choices: { readonly [id: string]: Choice };
}

/** Input of a part's drafting. */
export interface PartInput {
  readonly body: Body;
  readonly values: ChoiceValues;
  readonly rules: RuleSet;
  readonly allowances: Allowances;
  /** The join that it is sewn to. */
  readonly join: Join;
  /** The pieces that it is sewn to. */
  readonly carriers: readonly Piece[];
}

/** A part as it was drawn: pieces, seams, girths and findings of its own, and notches for what it is sewn to. */
export interface DrawnPart extends Omit<DrawnGarment, 'covering'> {
  readonly marks: readonly (Notch & { readonly piece: string })[];
}

/** The drafting of a part to its join. */
export interface PartRecipe {
  readonly draw: (input: PartInput) => DrawnPart;
  /** The choices in force, defaults filled in, mm. */
  readonly chosen: (values: ChoiceValues) => ChoiceValues;
}
