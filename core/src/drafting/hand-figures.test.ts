import { describe, expect, test } from '@jest/globals';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { recipeOf } from '../styles/recipe-book.ts';

const plain = recipeOf(fittedDress).draft(draftInput(middleBody));
const draft = (figures: HandFigures) => recipeOf(fittedDress).draft({ ...draftInput(middleBody), figures });
const figure = (drafted: typeof plain, id: string) => {
  const found = drafted.figures.find((each) => each.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const settable = plain.figures.filter(({ moves, id }) => moves !== null && !id.startsWith('stay-'));

describe('figures set by hand', () => {
  test.each(settable.map(({ id }) => [id]))('%s comes to what was set', (id) => {
    const wanted = figure(plain, id).mm + inches(0.25);
    const set = figure(draft({ [id]: { mm: wanted, why: 'as she likes it' } }), id);
    expect(set).toMatchObject({ by: 'hand', why: 'as she likes it', computed: figure(plain, id).mm });
    expect(Math.abs(set.mm - wanted)).toBeLessThan(0.06);
  });

  test('only its piece changes, and the seams say what no longer fits', () => {
    const wider = draft({
      'bodice-front/waist': { mm: figure(plain, 'bodice-front/waist').mm + inches(1), why: '' },
    });
    for (const { piece, outline } of wider.pieces) {
      const before = plain.pieces.find((each) => each.piece.id === piece.id)?.outline;
      if (piece.id === 'bodice-front') expect(outline).not.toEqual(before);
      else expect(outline).toEqual(before);
    }
    expect(wider.seams.filter(({ ok }) => !ok).map(({ id }) => id)).toContain('waist front');
    const waist = wider.rounds.find(({ level }) => level === 'waist');
    expect((waist?.ease ?? 0) - (waist?.wantedEase ?? 0)).toBeGreaterThan(inches(1.5));
  });

  test('a figure that moved along says so in its working, and keeps what it was', () => {
    const moved = draft({
      'bodice-front/waist': { mm: figure(plain, 'bodice-front/waist').mm - inches(1), why: '' },
    });
    const side = figure(moved, 'bodice-front/side-seam');
    expect(side.by).toBe('computed');
    expect(side.computed).toBeCloseTo(figure(plain, 'bodice-front/side-seam').mm, 6);
    expect(JSON.stringify(side.working)).toContain('"change":"hand"');
  });

  test('two figures of one corner are both drawn', () => {
    const [out, down] = ['skirt-front/hem', 'skirt-front/length'];
    const both = draft({
      [out]: { mm: figure(plain, out).mm - 15, why: '' },
      [down]: { mm: figure(plain, down).mm + 20, why: '' },
    });
    expect(figure(both, out).mm).toBeCloseTo(figure(plain, out).mm - 15, 1);
    expect(figure(both, down).mm).toBeCloseTo(figure(plain, down).mm + 20, 1);
  });

  test('what is no point, out of reach, or not there is a finding that takes it back', () => {
    const codes = (figures: HandFigures) =>
      draft(figures)
        .findings.filter(({ code }) => code.startsWith('figure-'))
        .map(({ code, remedy }) => [code, remedy?.kind]);
    expect(codes({ 'bodice-front/bust-dart-leg': { mm: 131, why: '' } })).toEqual([
      ['figure-not-a-point', 'clear-figure'],
    ]);
    expect(codes({ 'bodice-front/waist': { mm: 1500, why: '' } })).toEqual([
      ['figure-unreachable', 'clear-figure'],
    ]);
    expect(codes({ 'bodice-front/neck-width': { mm: 230, why: '' } })).toEqual([
      ['figure-unreachable', 'clear-figure'],
    ]);
    expect(codes({ 'bodice-front/elbow': { mm: 100, why: '' } })).toEqual([
      ['figure-unknown', 'clear-figure'],
    ]);
  });
});
