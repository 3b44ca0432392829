import { dot, subtract } from '../geometry/point.ts';
import { describe, expect, test } from '@jest/globals';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { choiceHandles } from './choice-handles.ts';
import { pointsOf } from '../sketch/shape.ts';
import { madeUpOn, sketchOf } from '../sketch/sketch.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';
import type { Style } from './style.ts';
import type { ChoiceValues } from '../garment/choice.ts';

const handlesOf = (style: Style, choices: ChoiceValues = {}) => {
  const recipe = recipeOf(style);
  const input = draftInput(middleBody, choices);
  const draft = recipe.draft(input);
  return choiceHandles(style, draft, madeUpOn(draft, middleBody), recipe.chosen(input));
};

describe.each(Object.values(styleBook))('$name', (style) => {
  test('every handle follows its choice: set further, it lies as much further along its axis', () => {
    const handles = handlesOf(style);
    expect(handles.length).toBeGreaterThan(0);
    for (const { choice, way, shown, at, mm, least, most } of handles) {
      const by = mm + inches(0.25) <= most ? inches(0.25) : -inches(0.25);
      if (mm + by < least) continue;
      const moved = handlesOf(style, { [choice]: mm + by }).find((each) => each.choice === choice);
      expect([choice, Math.round(moved?.mm ?? 0)]).toEqual([choice, Math.round(mm + by)]);
      const went = moved ? dot(subtract(moved.at, at), way) : NaN;
      expect([choice, Math.abs(went - by * shown) < inches(0.15)]).toEqual([choice, true]);
    }
  });
});

describe('with parts sewn on', () => {
  const handles = (id: string, choices: ChoiceValues) => {
    const style = styleBook[id];
    if (!style) throw new Error(`no style ${id}`);
    const recipe = recipeOf(style);
    const input = draftInput(withArm(middleBody), choices);
    const draft = recipe.draft(input);
    const garment = madeUpOn(draft, input.person.values);
    return {
      sketch: sketchOf(draft, garment),
      handles: choiceHandles(style, draft, garment, recipe.chosen(input)),
    };
  };

  test('a skirt is lengthened at its hem, and what is not asked has no handle', () => {
    const { sketch, handles: found } = handles('plain-bodice', { sleeve: 'sleeve-set-in', skirt: 'skirt-circle' });
    const hem = found.find(({ choice }) => choice === 'skirtLength');
    const lowest = Math.max(...sketch.front.shapes.flatMap(pointsOf).map(({ y }) => y));
    expect(Math.abs((hem?.at.y ?? 0) - lowest)).toBeLessThan(5);
    expect(hem?.at.x).toBeCloseTo(0, 6);
    expect(found.map(({ choice }) => choice)).not.toContain('length');
  }); // prettier-ignore

  test('the length of a dress with sleeves is set at the hem of its skirt', () => {
    const { handles: found } = handles('fitted-dress', { sleeve: 'sleeve-set-in' });
    expect(found.find(({ choice }) => choice === 'length')?.piece).toBe('skirt-front');
  });
});
