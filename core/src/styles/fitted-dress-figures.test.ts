import { describe, expect, test } from '@jest/globals';
import type { Draft, Figure } from '../drafting/draft.ts';
import { boxOf } from '../geometry/ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { draftInput, middleBody, ordinaryBody } from '../testing/bodies.ts';
import { distanceToRing } from '../geometry/distance-to-ring.ts';
import { inches } from '../units/length.ts';
import { renderWorking } from '../workings/render-working.ts';
import { leavesOf } from '../workings/working.ts';
import { fittedDress } from './fitted-dress.ts';
import { recipeOf } from './recipe-book.ts';

const bodies = {
  middle: middleBody,
  small: ordinaryBody({ bust: 32, bustToWaist: 9, waistToHipRound: 10, height: 62, cup: 1 }),
  full: ordinaryBody({ bust: 48, bustToWaist: 5, waistToHipRound: 8, height: 68, cup: 5 }),
};
const schools = ['solved', 'table'] as const;
const cases = Object.entries(bodies).flatMap(([name, values]) =>
  schools.map((school) => ({ name, school, values })),
);
const drafted = ({ values, school }: (typeof cases)[number]): Draft =>
  recipeOf(fittedDress).draft({ ...draftInput(values), rules: ruleSet({ 'school.block': school }) });

const pieceOf = ({ pieces }: Draft, { id }: Figure): DraftedPiece => {
  const found = pieces.find(({ piece }) => id.startsWith(`${piece.id}/`));
  if (!found) throw new Error(`no piece has ${id}`);
  return found;
};
const figureOf = ({ figures }: Draft, id: string): Figure => {
  const found = figures.find((each) => each.id === id);
  if (!found) throw new Error(`no figure ${id}`);
  return found;
};

describe.each(cases)('figures of the $name body by the $school block', (each) => {
  const draft = drafted(each);

  test('every working comes to what was drawn, and nothing is set by hand', () => {
    for (const { id, mm, computed, working, by } of draft.figures) {
      expect([id, by, mm === computed]).toEqual([id, 'computed', true]);
      expect([id, Math.abs(working.mm - mm) < 0.01]).toEqual([id, true]);
    }
  });

  test('ids are unique, labels are unique on their piece, and every piece has figures', () => {
    expect(new Set(draft.figures.map(({ id }) => id)).size).toBe(draft.figures.length);
    for (const { piece } of draft.pieces) {
      const labels = draft.figures
        .filter(({ id }) => id.startsWith(`${piece.id}/`))
        .map(({ label }) => label);
      expect([piece.id, labels.length > 2]).toEqual([piece.id, true]);
      expect([piece.id, new Set(labels).size]).toEqual([piece.id, labels.length]);
    }
  });

  test('no cut figure reaches beyond the piece that it is chalked on', () => {
    for (const figure of draft.figures) {
      const box = boxOf(pieceOf(draft, figure).outline);
      const [least, most] = { out: [-1, box.maxX], down: [box.minY, box.maxY], length: [0, Infinity] }[
        figure.kind
      ] as [number, number];
      // A level that slants is longer than its reach across.
      expect([figure.id, figure.mm >= least - 1, figure.mm <= most * 1.03 + 1]).toEqual([
        figure.id,
        true,
        true,
      ]);
    }
  });

  test('a figure that a hand can set points at a point of its own piece', () => {
    for (const figure of draft.figures.filter(({ moves }) => moves !== null)) {
      const { stitch } = pieceOf(draft, figure);
      expect([figure.id, distanceToRing(figure.moves?.at ?? { x: NaN, y: NaN }, stitch) < 0.3]).toEqual([
        figure.id,
        true,
      ]);
    }
  });

  test('workings name measures that were taken, and rules at their value', () => {
    const rules = ruleSet({ 'school.block': each.school });
    for (const { id, working } of draft.figures)
      for (const { leaf } of leavesOf(working)) {
        if (leaf.kind === 'measure')
          expect([id, leaf.id, leaf.mm]).toEqual([id, leaf.id, each.values[leaf.id]]);
        if (leaf.kind === 'rule' && leaf.id.startsWith('allowance.'))
          expect([id, leaf.id, leaf.mm]).toEqual([id, leaf.id, rules[leaf.id]]);
      }
  });
});

describe('sums that a tailor can follow', () => {
  const draft = recipeOf(fittedDress).draft(draftInput(middleBody));
  const sumOf = (id: string) => renderWorking(figureOf(draft, id).working, 'in');

  test('a quarter of bust and ease, with the front’s share and the turning', () => {
    expect(sumOf('bodice-front/bust')).toMatch(/^\(bust 36 \+ ease 2\) ÷ 4 \+ front share .* \+ side seam 1/);
    expect(sumOf('bodice-back/bust')).toMatch(/^\(bust 36 \+ ease 2\) ÷ 4 − front share .* \+ side seam 1/);
  });

  test('the hem is the hip’s quarter less what it is pegged', () => {
    expect(sumOf('skirt-front/hem')).toMatch(/^\(hip 38 1\/2 \+ ease 2\) ÷ 4 .* − pegging 1/);
    const unpegged = recipeOf(fittedDress).draft(draftInput(middleBody, { pegging: 0 }));
    expect(renderWorking(figureOf(unpegged, 'skirt-front/hem').working, 'in')).not.toContain('pegging');
  });

  test('a stitch figure and its cut figure differ by the allowance alone where the seam is straight', () => {
    const hip = figureOf(draft, 'skirt-front/hip');
    expect(hip.mm - hip.stitch).toBeCloseTo(inches(1), 0);
    const hem = figureOf(draft, 'skirt-front/length');
    expect(hem.mm - hem.stitch).toBeCloseTo(inches(2), 0);
  });

  test('front and back waist together are the waist with its ease, and the darts besides', () => {
    const darts = draft.pieces
      .filter(({ piece }) => piece.id === 'bodice-front' || piece.id === 'bodice-back')
      .flatMap(({ piece }) => piece.darts.filter(({ id }) => id.startsWith('waist-dart')).map(({ id }) => `${piece.id}/${id}-intake`))
      .reduce((sum, id) => sum + figureOf(draft, id).mm, 0); // prettier-ignore
    const widths = ['bodice-front/waist', 'bodice-back/waist'].reduce(
      (sum, id) => sum + figureOf(draft, id).stitch,
      0,
    );
    expect(2 * (widths - darts)).toBeCloseTo((middleBody.waist ?? 0) + inches(1.5), -1);
  });

  test('the lining is shorter than the dress by its rule, and its own hem is turned', () => {
    const rules = ruleSet();
    const [dress, lining] = ['skirt-back/length', 'lining-skirt-back/length'].map((id) =>
      figureOf(draft, id),
    );
    expect((dress?.stitch ?? 0) - (lining?.stitch ?? 0)).toBeCloseTo(rules['lining.shorter'], 0);
  });
});
