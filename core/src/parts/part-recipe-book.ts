import type { BodicePart, BodiceRecipe, Part, PartRecipe } from '../garment/part.ts';
import { bodiceCrossedRecipe } from './bodice-crossed/bodice-crossed-recipe.ts';
import { bodiceDartedRecipe } from './bodice-darted/bodice-darted-recipe.ts';
import { bodiceHalterRecipe } from './bodice-halter/bodice-halter-recipe.ts';
import { bodiceNetRecipe } from './bodice-net/bodice-net-recipe.ts';
import { bodiceOffShoulderRecipe } from './bodice-off-shoulder/bodice-off-shoulder-recipe.ts';
import { bodiceOneShoulderRecipe } from './bodice-one-shoulder/bodice-one-shoulder-recipe.ts';
import { bodicePlacketRecipe } from './bodice-placket/bodice-placket-recipe.ts';
import { bodicePrincessRecipe } from './bodice-princess/bodice-princess-recipe.ts';
import { bodiceStraplessRecipe } from './bodice-strapless/bodice-strapless-recipe.ts';
import { bodiceWaistcoatRecipe } from './bodice-waistcoat/bodice-waistcoat-recipe.ts';
import { bodiceYokeRecipe } from './bodice-yoke/bodice-yoke-recipe.ts';
import { collarFallRecipe, collarStandRecipe } from './collar/collar-recipe.ts';
import { collarShirtRecipe } from './collar/collar-shirt-recipe.ts';
import { skirtGatheredRecipe } from './skirt-gathered/skirt-gathered-recipe.ts';
import { skirtCircleRecipe } from './skirt-circle/skirt-circle-recipe.ts';
import { skirtFittedRecipe } from './skirt-fitted/skirt-fitted-recipe.ts';
import { skirtTieredRecipe } from './skirt-tiered/skirt-tiered-recipe.ts';
import { sleeveBellRecipe } from './sleeve-bell/sleeve-bell-recipe.ts';
import { sleeveCuffedRecipe, sleeveShirtRecipe } from './sleeve-cuffed/sleeve-cuffed-recipe.ts';
import { sleeveFittedRecipe } from './sleeve-fitted/sleeve-fitted-recipe.ts';
import { sleeveRingRecipe } from './sleeve-ring/sleeve-ring-recipe.ts';
import { sleeveFlouncedRecipe } from './sleeve-flounced/sleeve-flounced-recipe.ts';
import { sleeveGatheredRecipe } from './sleeve-gathered/sleeve-gathered-recipe.ts';
import { skirtPeplumRecipe } from './skirt-peplum/skirt-peplum-recipe.ts';
import { skirtPleatedRecipe } from './skirt-pleated/skirt-pleated-recipe.ts';
import { skirtBallRecipe } from './skirt-ball/skirt-ball-recipe.ts';
import { trousersRecipe } from './trousers/trousers-recipe.ts';
import { bodiceCapeRecipe } from './bodice-cape/bodice-cape-recipe.ts';
import { bodiceRuchedGownRecipe } from './bodice-ruched-gown/bodice-ruched-gown-recipe.ts';
import { bodiceCrossedNetRecipe } from './bodice-crossed-net/bodice-crossed-net-recipe.ts';
import { bodiceDrapedRecipe } from './bodice-draped/bodice-draped-recipe.ts';
import { bodiceShirtRecipe } from './bodice-shirt/bodice-shirt-recipe.ts';
import { bodiceTunicRecipe } from './bodice-tunic/bodice-tunic-recipe.ts';
import { bodiceWaistbandRecipe } from './bodice-waistband/bodice-waistband-recipe.ts';
import { sleeveSetInRecipe } from './sleeve-set-in/sleeve-set-in-recipe.ts';

const bodices: { readonly [id: string]: BodiceRecipe } = {
  'bodice-darted': bodiceDartedRecipe,
  'bodice-princess': bodicePrincessRecipe,
  'bodice-strapless': bodiceStraplessRecipe,
  'bodice-waistcoat': bodiceWaistcoatRecipe,
  'bodice-off-shoulder': bodiceOffShoulderRecipe,
  'bodice-halter': bodiceHalterRecipe,
  'bodice-crossed': bodiceCrossedRecipe,
  'bodice-yoke': bodiceYokeRecipe,
  'bodice-net': bodiceNetRecipe,
  'bodice-placket': bodicePlacketRecipe,
  'bodice-one-shoulder': bodiceOneShoulderRecipe,
  'bodice-waistband': bodiceWaistbandRecipe,
  'bodice-cape': bodiceCapeRecipe,
  'bodice-tunic': bodiceTunicRecipe,
  'bodice-shirt': bodiceShirtRecipe,
  'bodice-draped': bodiceDrapedRecipe,
  'bodice-crossed-net': bodiceCrossedNetRecipe,
  'bodice-ruched-gown': bodiceRuchedGownRecipe,
};

const sewnOn: { readonly [id: string]: PartRecipe } = {
  'collar-stand': collarStandRecipe,
  'collar-fall': collarFallRecipe,
  'collar-shirt': collarShirtRecipe,
  'sleeve-set-in': sleeveSetInRecipe,
  'sleeve-gathered': sleeveGatheredRecipe,
  'sleeve-bell': sleeveBellRecipe,
  'sleeve-cuffed': sleeveCuffedRecipe,
  'sleeve-shirt': sleeveShirtRecipe,
  'sleeve-fitted': sleeveFittedRecipe,
  'sleeve-ring': sleeveRingRecipe,
  'sleeve-flounced': sleeveFlouncedRecipe,
  'skirt-circle': skirtCircleRecipe,
  'skirt-gathered': skirtGatheredRecipe,
  'skirt-tiered': skirtTieredRecipe,
  'skirt-pleated': skirtPleatedRecipe,
  'skirt-peplum': skirtPeplumRecipe,
  'skirt-ball': skirtBallRecipe,
  'skirt-fitted': skirtFittedRecipe,
  trousers: trousersRecipe,
};

function found<Recipe>(recipes: { readonly [id: string]: Recipe }, id: string): Recipe {
  const recipe = recipes[id];
  if (!recipe) throw new Error(`the part book has ${id}, but no recipe for it`);
  return recipe;
}

/** The recipe of a bodice of the book. It stands apart from the book, so that only what drafts loads it. */
export const bodiceRecipeOf = ({ id }: Pick<BodicePart, 'id'>): BodiceRecipe => found(bodices, id);

/** The recipe of a part of the book that is sewn on. */
export const partRecipeOf = ({ id }: Pick<Part, 'id'>): PartRecipe => found(sewnOn, id);
