import { describe, expect, test } from '@jest/globals';
import { draftOrder } from '../shop/draft-order.ts';
import { roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { halterBodice } from './halter-bodice.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (choices: ChoiceValues = {}) => recipeOf(halterBodice).draft(draftInput(middleBody, choices));
const frontOf = (choices: ChoiceValues = {}) => {
  const [front] = draft(choices).pieces;
  if (!front) throw new Error('no front');
  return front.piece;
};

describe('the halter bodice', () => {
  expectStyleSound(halterBodice, [{}, { neckline: 'v', strap: inches(2), loops: '6' }]);

  test('keeps a small strap and is cut deep to the side; neck tie, lace and loops are strips', () => {
    expect(roleLength(frontOf(), 'shoulder')).toBeCloseTo(inches(1), 6);
    expect(roleLength(frontOf({ lower: inches(1) }), 'side')).toBeLessThan(
      roleLength(frontOf({ lower: 0 }), 'side') - inches(0.9),
    );
    expect(draft().pieces.map(({ piece }) => piece.id)).toEqual([
      'bodice-front',
      'neck-tie',
      'lace',
      'loops',
      'lining-bodice-front',
      'stay-bodice-front',
    ]);
  });

  test.each(['3', '4', '5', '6'])(
    '%s loops stand evenly along the side, half a space clear of its ends',
    (loops) => {
      const front = frontOf({ loops });
      const sides = front.edges.filter(({ role }) => role === 'side');
      let before = 0;
      const places = sides.flatMap((side) => {
        const own = front.notches
          .filter(({ edge, kind }) => edge === side.id && kind === 'single')
          .map(({ at }) => before + at);
        before += roleLength({ ...front, edges: [side] }, 'side');
        return own;
      });
      const space = before / Number(loops);
      for (let index = 0; index < Number(loops); index++)
        expect(places.some((at) => Math.abs(at - (index + 0.5) * space) < 3)).toBe(true);
    },
  );

  test('on a child a tie at the neck is pointed out, with the standard and local rules', () => {
    const order = {
      ...draftInput(middleBody),
      client: { name: 'Pia', kind: 'child' as const },
      style: halterBodice,
      cloths: [],
    };
    const codes = (kind: 'child' | 'adult') =>
      draftOrder({ ...order, client: { ...order.client, kind } }).findings.map(({ code }) => code);
    expect(codes('child')).toContain('child-neck-cord');
    expect(codes('adult')).not.toContain('child-neck-cord');
  });
});
