import { bustierBodice } from './bustier-bodice/bustier-bodice.ts';
import { bustierBodiceRecipe } from './bustier-bodice/bustier-bodice-recipe.ts';
import { fittedDress } from './fitted-dress/fitted-dress.ts';
import { fittedDressRecipe } from './fitted-dress/fitted-dress-recipe.ts';
import { plainBodice } from './plain-bodice/plain-bodice.ts';
import { plainBodiceRecipe } from './plain-bodice/plain-bodice-recipe.ts';
import { tubeTop } from './tube-top/tube-top.ts';
import { tubeTopRecipe } from './tube-top/tube-top-recipe.ts';
import { waistcoat } from './waistcoat/waistcoat.ts';
import { waistcoatRecipe } from './waistcoat/waistcoat-recipe.ts';
import { turtleneckBodice } from './turtleneck-bodice/turtleneck-bodice.ts';
import { turtleneckBodiceRecipe } from './turtleneck-bodice/turtleneck-bodice-recipe.ts';
import { bandedOffShoulderTop } from './banded-off-shoulder-top/banded-off-shoulder-top.ts';
import { bandedOffShoulderTopRecipe } from './banded-off-shoulder-top/banded-off-shoulder-top-recipe.ts';
import { halterBodice } from './halter-bodice/halter-bodice.ts';
import { halterBodiceRecipe } from './halter-bodice/halter-bodice-recipe.ts';
import { surpliceCropTop } from './surplice-crop-top/surplice-crop-top.ts';
import { surpliceCropTopRecipe } from './surplice-crop-top/surplice-crop-top-recipe.ts';
import { yokeBlouse } from './yoke-blouse/yoke-blouse.ts';
import { yokeBlouseRecipe } from './yoke-blouse/yoke-blouse-recipe.ts';
import { netVBlouse } from './net-v-blouse/net-v-blouse.ts';
import { netVBlouseRecipe } from './net-v-blouse/net-v-blouse-recipe.ts';
import { keyholeShirtBodice } from './keyhole-shirt-bodice/keyhole-shirt-bodice.ts';
import { keyholeShirtBodiceRecipe } from './keyhole-shirt-bodice/keyhole-shirt-bodice-recipe.ts';
import { oneShoulderTop } from './one-shoulder-top/one-shoulder-top.ts';
import { oneShoulderTopRecipe } from './one-shoulder-top/one-shoulder-top-recipe.ts';
import type { Recipe, Style } from './style.ts';

const recipes: { readonly [id: string]: Recipe } = {
  [fittedDress.id]: fittedDressRecipe,
  [plainBodice.id]: plainBodiceRecipe,
  [bustierBodice.id]: bustierBodiceRecipe,
  [tubeTop.id]: tubeTopRecipe,
  [waistcoat.id]: waistcoatRecipe,
  [turtleneckBodice.id]: turtleneckBodiceRecipe,
  [bandedOffShoulderTop.id]: bandedOffShoulderTopRecipe,
  [halterBodice.id]: halterBodiceRecipe,
  [surpliceCropTop.id]: surpliceCropTopRecipe,
  [yokeBlouse.id]: yokeBlouseRecipe,
  [netVBlouse.id]: netVBlouseRecipe,
  [keyholeShirtBodice.id]: keyholeShirtBodiceRecipe,
  [oneShoulderTop.id]: oneShoulderTopRecipe,
};

/** The recipe of a style of the book. It stands apart from the book, so that only what drafts loads it. */
export function recipeOf({ id }: Pick<Style, 'id'>): Recipe {
  const recipe = recipes[id];
  if (!recipe) throw new Error(`the style book has ${id}, but no recipe for it`);
  return recipe;
}
