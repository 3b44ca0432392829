import { expect, test } from '@jest/globals';
import type { ChoiceGroup, ChoiceValues } from '../garment/choice.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { slotWords } from './slot-words.ts';

function words(id: string, slot: ChoiceGroup, choices: ChoiceValues = {}): string {
  const style = styleBook[id];
  if (!style) throw new Error(`no style ${id}`);
  const input = draftInput(withArm(middleBody), choices);
  const recipe = recipeOf(style);
  return slotWords(slot, style, recipe.draft(input), recipe.chosen(input));
}

const composed = { sleeve: 'sleeve-set-in', sleeveTo: 'elbow', skirt: 'skirt-circle', circle: '0.25' };

test.each<[string, ChoiceGroup, ChoiceValues, string]>([
  ['plain-bodice', 'Sleeve', composed, 'Set-in sleeve, the elbow'],
  ['plain-bodice', 'Skirt', composed, 'Circle skirt, a quarter'],
  ['plain-bodice', 'Sleeve', {}, 'None'],
  ['tube-top', 'Sleeve', {}, 'None: strapless'],
  ['fitted-dress', 'Skirt', {}, 'Fitted skirt, straight or pegged'],
  ['turtleneck-bodice', 'Neck', {}, 'Standing collar'],
  ['plain-bodice', 'Neck', { neckline: 'v' }, 'V'],
  ['tube-top', 'Neck', { topEdge: 'straight' }, 'Straight'],
  ['fitted-dress', 'Closure', {}, 'Zip, centre back'],
  ['one-shoulder-top', 'Closure', {}, 'Zip at the side'],
  ['waistcoat', 'Closure', { buttons: '4' }, '4 buttons'],
  ['halter-bodice', 'Closure', {}, 'Tied at the neck; laced behind'],
  ['surplice-crop-top', 'Closure', {}, 'Tie belt'],
  ['plain-bodice', 'Layers', {}, 'Faced, lined, on a stay'],
  ['bustier-bodice', 'Bodice', {}, 'Princess bodice'],
])('%s, %s with %p: %s', (id, slot, choices, expected) => {
  expect(words(id, slot, choices)).toBe(expected);
});
