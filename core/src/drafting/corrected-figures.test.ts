import { describe, expect, test } from '@jest/globals';
import type { DraftInput } from '../garment/draft-input.ts';
import type { Correction } from '../pieces/correction.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { renderWorking } from '../workings/render-working.ts';

const draft = (change: Partial<DraftInput>) =>
  recipeOf({ id: 'plain-bodice' }).draft({ ...draftInput(middleBody), ...change });
const figureOf = (id: string, change: Partial<DraftInput> = {}) => {
  const figure = draft(change).figures.find((each) => each.id === id);
  if (!figure) throw new Error(`no ${id}`);
  return figure;
};
const gape = (figure: string, more: Partial<Correction> = {}): Correction => ({
  figure,
  mm: -inches(1 / 4),
  of: 'client',
  from: 'The fitting of 12 May',
  ...more,
});

describe('corrections that were kept from a fitting', () => {
  test('are drawn, and told in the figure’s working by the fitting that they came from', () => {
    const id = 'bodice-front/neck-width';
    const corrected = figureOf(id, { corrections: [gape(id)] });
    expect(corrected.mm - figureOf(id).mm).toBeCloseTo(-inches(1 / 4), 1);
    expect([corrected.by, corrected.why]).toEqual(['hand', 'The fitting of 12 May']);
    expect(renderWorking(corrected.working, 'in')).toContain('neck width');
  });

  test('two at one figure add up, and a figure set by hand goes before them', () => {
    const id = 'bodice-front/neck-width';
    const both = figureOf(id, { corrections: [gape(id), gape(id, { of: 'house' })] });
    expect(both.mm - figureOf(id).mm).toBeCloseTo(-inches(1 / 2), 1);
    const mm = figureOf(id).cut + 5;
    const byHand = figureOf(id, { corrections: [gape(id)], figures: { [id]: { mm, why: 'seen' } } });
    expect(byHand.mm).toBeCloseTo(mm, 1);
  });

  test.each([
    ['left out', gape('bodice-front/neck-width', { leftOut: true })],
    ['of a figure that this garment has not', gape('sleeve/upper-arm')],
  ])('one %s is a care that names its fitting', (_, correction) => {
    const found = draft({ corrections: [correction] }).findings.find(
      ({ code }) => code === 'correction-left-out',
    );
    expect(found).toMatchObject({ severity: 'care', from: 'The fitting of 12 May', found: -inches(1 / 4) });
  });
});

describe('a figure set by hand that is off by a slip of the sum', () => {
  const id = 'bodice-back/waist';
  const { cut, computed } = figureOf(id);
  const slipOf = (by: number) =>
    draft({ figures: { [id]: { mm: cut + by, why: '' } } }).findings.find(
      ({ code }) => code === 'figure-slip',
    );
  const rules = ruleSet();

  test.each([
    ['an allowance', -rules['allowance.side'], 'allowance'],
    ['twice an allowance', -2 * rules['allowance.side'], 'allowance-twice'],
    // Further off than a hand moves a point: the figure is refused, and told as the slip that it looks like.
    ['a quarter of a round', (middleBody.waist ?? 0) / 4 + 0.2, 'quarter-round'],
    ['half of a round', (middleBody.waist ?? 0) / 2, 'half-round'],
  ])('%s', (_, by, slip) => {
    expect(slipOf(by)).toMatchObject({ severity: 'care', slip });
  });

  test('a dart’s intake; and a change that is no slip says nothing', () => {
    const [intake] = draft({})
      .pieces.filter(({ piece }) => piece.id === 'bodice-back')
      .flatMap(({ piece }) => piece.intakes.map(({ mm }) => mm));
    expect(slipOf(-(intake ?? NaN))).toMatchObject({ slip: 'intake' });
    expect(slipOf(inches(0.3))).toBeUndefined();
    expect(computed).toBeGreaterThan(0);
  });
});
