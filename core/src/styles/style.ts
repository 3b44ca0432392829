import type { Draft } from '../drafting/draft.ts';
import type { Choice, ChoiceValues } from '../garment/choice.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import type { JoinKind } from '../garment/join.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import type { ClothRole } from '../pieces/piece.ts';

/** Why a garment offers no armhole, or no waist, that another part could be sewn to. */
export type JoinLack =
  | 'strapless'
  | 'off-shoulder'
  | 'no-back'
  | 'own-sleeve'
  | 'one-shoulder'
  | 'own-skirt'
  | 'hem-below'
  | 'hem-above'
  | 'over-the-head';

/** A style of the book, as far as it is known before it is drafted; pages that only ask and list need no more. */
export interface Style extends MeasuresUsed {
  readonly id: string;
  readonly name: string;
  readonly summary: string;
  /** The cloths that it is cut from, the one that shows first. */
  readonly cloths: readonly ClothRole[];
  readonly choices: { readonly [id: string]: Choice };
  /** Why nothing can be sewn to it where another garment takes a part; it offers the joins that are not named. */
  readonly lacks: { readonly [kind in JoinKind]?: JoinLack };
  /** Held by a cord or tie at the neck, which children’s wear must not have. */
  readonly neckCord?: boolean;
}

/** The drafting of a style: blocks and operations composed into a garment. */
export interface Recipe {
  /** Pure; throws only when a required measure is missing, which callers check first. */
  readonly draft: (input: DraftInput) => Draft;
  /** The choices in force for these inputs, defaults filled in, mm. */
  readonly chosen: (input: DraftInput) => ChoiceValues;
}
