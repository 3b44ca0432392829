import { describe, expect, test } from '@jest/globals';
import { roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { turtleneckBodice } from './turtleneck-bodice.ts';
import { recipeOf } from './recipe-book.ts';

describe('the turtleneck bodice', () => {
  expectStyleSound(turtleneckBodice, [{}, { collarHeight: inches(3), collarRaise: 0 }]);

  test('the collar is cut twice on the fold, as long as the necks it is sewn to, with a notch at the shoulder', () => {
    for (const neckDepthFront of [inches(2.5), inches(3.5)]) {
      const { pieces } = recipeOf(turtleneckBodice).draft(draftInput(middleBody, { neckDepthFront }));
      const find = (id: string) => {
        const found = pieces.find(({ piece }) => piece.id === id);
        if (!found) throw new Error(`no ${id}`);
        return found.piece;
      };
      const collar = find('collar');
      const front = roleLength(find('bodice-front'), 'neck');
      expect(collar.cut).toEqual({ copies: 2, layers: 'fold' });
      expect(roleLength(collar, 'band')).toBeCloseTo(front + roleLength(find('bodice-back'), 'neck'), 2);
      const [notch] = collar.notches;
      expect(roleLength(collar, 'band') - (notch?.at ?? 0)).toBeCloseTo(front, 2);
    }
  });
});
