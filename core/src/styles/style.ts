import type { Draft } from '../drafting/draft.ts';
import type { Choice, ChoiceValues } from '../garment/choice.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import type { BodicePart, Composition } from '../garment/part.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import type { ClothRole } from '../pieces/piece.ts';

/** A style of the book, as far as it is known before it is drafted; pages that only ask and list need no more. */
export interface Style extends MeasuresUsed, Pick<BodicePart, 'lacks' | 'neckCord' | 'adultsOnly'> {
  readonly id: string;
  readonly name: string;
  readonly summary: string;
  /** The parts that it is made of unless others are chosen. */
  readonly parts: Composition;
  /** The cloths that it is cut from, the one that shows first. */
  readonly cloths: readonly ClothRole[];
  readonly choices: { readonly [id: string]: Choice };
  /** Measures that its parts would be checked with, and that are of no use as it is made. */
  readonly unused?: MeasuresUsed['checks'];
  /** Values of its choices that differ from the usual ones of its parts. */
  readonly usual: ChoiceValues;
}

/** The drafting of a style. */
export interface Recipe {
  /** Pure; throws only when a required measure is missing, which callers check first. */
  readonly draft: (input: DraftInput) => Draft;
  /** The choices in force for these inputs, defaults filled in, mm. */
  readonly chosen: (input: DraftInput) => ChoiceValues;
}
