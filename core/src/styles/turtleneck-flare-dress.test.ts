import { describe, expect, test } from '@jest/globals';
import { roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { recipeOf } from './recipe-book.ts';
import { turtleneckFlareDress } from './turtleneck-flare-dress.ts';

describe('the turtleneck flare dress', () => {
  expectStyleSound(turtleneckFlareDress, [
    {},
    { circle: '1', skirtLength: inches(30), skirtParts: '2' },
    { collarHeight: inches(3), collarRaise: 0 },
  ]);

  test('its skirt is a ring: the waist is the round of its part of a circle, the hem that of one as much larger as it is long', () => {
    for (const [circle, share] of [
      ['1', 1],
      ['0.5', 0.5],
      ['0.25', 0.25],
    ] as const) {
      const { pieces } = recipeOf(turtleneckFlareDress).draft(draftInput(middleBody, { circle }));
      const round = (role: 'waist' | 'hem') =>
        2 *
        pieces
          .filter(({ piece }) => piece.part === 'skirt' && piece.role === 'outer')
          .reduce((sum, { piece }) => sum + roleLength(piece, role), 0);
      // 2πr of a whole circle, and that share of it; the same length lies between both rounds.
      const length = (round('hem') - round('waist')) / (2 * Math.PI * share);
      expect(length).toBeCloseTo(inches(24), 1);
    }
  });
});
