import type { Draft } from '../drafting/draft.ts';
import type { Choice, ChoiceValues } from '../garment/choice.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import type { ClothRole } from '../pieces/piece.ts';

/** What is known of a garment before it is drafted; pages that only ask and list need no more. */
export interface Style extends MeasuresUsed {
  readonly id: string;
  readonly name: string;
  readonly summary: string;
  /** The cloths that it is cut from, the one that shows first. */
  readonly cloths: readonly ClothRole[];
  readonly choices: { readonly [id: string]: Choice };
  /** Held by a cord or tie at the neck, which children’s wear must not have. */
  readonly neckCord?: boolean;
}

/** How a style is drafted: blocks and operations composed into a garment. */
export interface Recipe {
  /** Pure; throws only when a required measure is missing, which callers check first. */
  readonly draft: (input: DraftInput) => Draft;
  /** The choices in force for these inputs, defaults filled in, mm. */
  readonly chosen: (input: DraftInput) => ChoiceValues;
}
