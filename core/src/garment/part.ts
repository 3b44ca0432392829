import type { Body } from '../drafting/body.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import type { Allowances } from '../pieces/allowances.ts';
import type { ClothRole, Notch, Piece } from '../pieces/piece.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import type { Working } from '../workings/working.ts';
import type { DrawnGarment } from './assemble-draft.ts';
import type { Choice, ChoiceValues } from './choice.ts';
import type { Join, JoinKind } from './join.ts';
import type { JoinLack } from './join-lack.ts';

/** Slots of a garment beside its bodice, each with the kind of join that its parts are sewn to, in the order in which they are drawn. */
export const slots = { collar: 'neck', sleeve: 'armhole', skirt: 'waist' } as const satisfies {
  readonly [slot: string]: JoinKind;
};
export type Slot = keyof typeof slots;
export const slotIds = Object.keys(slots) as readonly Slot[];

/** The parts that a garment is made of, by their ids; a slot that is not named is empty. */
export type Composition = { readonly bodice: string } & { readonly [slot in Slot]?: string };

interface PartOfBook extends MeasuresUsed {
  readonly id: string;
  readonly name: string;
  /** The cloths that it is cut from, the one that shows first. */
  readonly cloths: readonly ClothRole[];
  readonly choices: { readonly [id: string]: Choice };
}

/** A part that is sewn to a join of the bodice, as far as it is known before it is drafted. */
export interface Part extends PartOfBook {
  readonly slot: Slot;
  /** Drafted to the body from its waist down: no other height carries it. */
  readonly fromWaist?: true;
}

/** The part that carries the others; of the joins that it could offer, those that it lacks are named with their reason. */
export interface BodicePart extends PartOfBook {
  readonly lacks: { readonly [kind in JoinKind]?: JoinLack };
  /** Held by a cord or tie at the neck, which children’s wear must not have. */
  readonly neckCord?: boolean;
  /** Slots that do not stay empty: alone it is no garment. */
  readonly carries?: readonly Slot[];
  /** Held by the bust or by bare shoulders: not made for a child. */
  readonly adultsOnly?: boolean;
}

/** The wearer, by the rules of the house: what choices that nobody made follow from. */
export interface Wearer {
  readonly body: Body;
  readonly rules: RuleSet;
  /** Depth of the waist below the start line of the garment, mm. Throws where the measure for it is missing. */
  readonly waistLine: () => number;
}

/** Input of the drafting of any part: its choices are filled in from `values`. */
export interface DrawInput extends Wearer {
  readonly values: ChoiceValues;
  readonly allowances: Allowances;
}

/** Input of the drafting of a part that is sewn on. */
export interface PartInput extends DrawInput {
  /** The join that it is sewn to, and the same of the lining where that reaches it. */
  readonly join: Join;
  readonly lining: Join | undefined;
  /** Half the width of a placket that lies under the neck beside its edges, mm. */
  readonly besideNeck: Working | undefined;
  /** Height above the waist of the join for a skirt, mm. */
  readonly hangsAbove: number;
  /** The pieces that it is sewn to. */
  readonly carriers: readonly Piece[];
  /** Where they open: at a centre, at a side, or nowhere. */
  readonly opens: 'centre' | 'side' | 'nowhere';
}

/** A part as it was drawn: pieces, seams, girths and findings of its own, and notches for what it is sewn to. */
export interface DrawnPart extends Omit<DrawnGarment, 'covering' | 'besideNeck' | 'hangsAbove'> {
  readonly marks: readonly (Notch & { readonly piece: string })[];
  /** The zip of the bodice runs on down these edges, of the last only for `to`, mm. */
  readonly zip?: { readonly edges: readonly string[]; readonly to: number };
}

interface RecipeOf<Input, Drawn> {
  /** Pure; throws only when a required measure is missing, which callers check first. */
  readonly draw: (input: Input) => Drawn;
  /** The choices in force, defaults filled in, mm. */
  readonly chosen: (values: ChoiceValues, wearer: Wearer) => ChoiceValues;
}

/** The drafting of a part to its join. */
export type PartRecipe = RecipeOf<PartInput, DrawnPart>;

/** The drafting of a bodice. */
export interface BodiceRecipe extends RecipeOf<DrawInput, DrawnGarment> {
  /** Depth of its waist below its start line, mm, where that is not the length of the body’s front. */
  readonly waistLine?: (values: ChoiceValues, wearer: Pick<Wearer, 'body' | 'rules'>) => number;
}

/** A recipe that draws from choices that are filled in. */
export const bodiceRecipe = <Chosen extends ChoiceValues>(spec: {
  readonly fill: (values: ChoiceValues, wearer: Wearer) => Chosen;
  readonly draw: (input: DrawInput, chosen: Chosen) => DrawnGarment;
  readonly waistLine?: BodiceRecipe['waistLine'];
}): BodiceRecipe => ({
  ...(spec.waistLine && { waistLine: spec.waistLine }),
  chosen: spec.fill,
  draw: (input) => spec.draw(input, spec.fill(input.values, input)),
});
