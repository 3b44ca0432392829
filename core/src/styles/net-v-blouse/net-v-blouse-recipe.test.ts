import { describe, expect, test } from '@jest/globals';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { expectStyleSound } from '../../testing/style-suite.ts';
import { inches } from '../../units/length.ts';
import { netVBlouse } from './net-v-blouse.ts';
import { netVBlouseRecipe } from './net-v-blouse-recipe.ts';

describe('the net V blouse', () => {
  expectStyleSound(netVBlouse, netVBlouseRecipe, [{}, { netBack: 'v', netDepth: inches(14) }]);

  test('the net is traced with half an inch all round but for its fold, in a cloth of its own. Common practice', () => {
    const { pieces } = netVBlouseRecipe.draft(draftInput(middleBody));
    const net = pieces.find(({ piece }) => piece.id === 'net-front')?.piece;
    expect(net?.role).toBe('net');
    for (const { role, allowance } of net?.edges ?? [])
      expect([role, allowance]).toEqual([role, role === 'fold' ? 0 : inches(0.5)]);
    expect([...new Set(pieces.map(({ piece }) => piece.role))].sort()).toEqual([
      'lining',
      'net',
      'outer',
      'stay',
    ]);
  });

  test('net and outer meet at neck and shoulder to the millimetre', () => {
    const { seams } = netVBlouseRecipe.draft(draftInput(middleBody, { netBack: 'v' }));
    for (const seam of seams.filter(({ id }) => id.startsWith('net')))
      expect([seam.id, Math.abs(seam.difference) < 0.01]).toEqual([seam.id, true]);
    expect(seams.filter(({ id }) => id.startsWith('net')).length).toBe(4);
  });
});
