import type { Part, PartRecipe } from '../garment/part.ts';
import { skirtCircleRecipe } from './skirt-circle/skirt-circle-recipe.ts';
import { skirtCircle } from './skirt-circle/skirt-circle.ts';
import { sleeveSetInRecipe } from './sleeve-set-in/sleeve-set-in-recipe.ts';
import { sleeveSetIn } from './sleeve-set-in/sleeve-set-in.ts';

const recipes: { readonly [id: string]: PartRecipe } = {
  [sleeveSetIn.id]: sleeveSetInRecipe,
  [skirtCircle.id]: skirtCircleRecipe,
};

/** The recipe of a part of the book. It stands apart from the book, so that only what drafts loads it. */
export function partRecipeOf({ id }: Pick<Part, 'id'>): PartRecipe {
  const recipe = recipes[id];
  if (!recipe) throw new Error(`the part book has ${id}, but no recipe for it`);
  return recipe;
}
