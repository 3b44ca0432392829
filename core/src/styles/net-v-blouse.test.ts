import { describe, expect, test } from '@jest/globals';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { edgeLength, edgeOf } from '../pieces/piece.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { netVBlouse } from './net-v-blouse.ts';
import { recipeOf } from './recipe-book.ts';

describe('the net V blouse', () => {
  expectStyleSound(netVBlouse, [{}, { netBack: 'v', netDepth: inches(14) }, { net: 'crossed' }]);

  test('the net is traced with half an inch all round but for its fold, in a cloth of its own. Common practice', () => {
    const { pieces } = recipeOf(netVBlouse).draft(draftInput(middleBody));
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

  // Waist to opposite shoulder less 1½ to 3, tight is better, plus the same behind; common practice, no source.
  test('crossed net is as long as its lines less twice its tightness, as wide as the waist it covers times its gathers', () => {
    const net = (choices: ChoiceValues) => {
      const found = recipeOf(netVBlouse)
        .draft(draftInput(middleBody, { net: 'crossed', ...choices }))
        .pieces.find(({ piece }) => piece.id === 'net-crossed')?.piece;
      if (!found) throw new Error('no crossed net');
      return found;
    };
    const length = (choices: ChoiceValues = {}) => edgeLength(edgeOf(net(choices), 'band'));
    const width = (choices: ChoiceValues = {}) => edgeLength(edgeOf(net(choices), 'end-start'));
    expect(length({ netTight: inches(1.5) }) - length({ netTight: inches(3) })).toBeCloseTo(inches(3), 6);
    expect(width({ netGather: '3' }) / width({ netGather: '1.5' })).toBeCloseTo(2, 6);
    const quarter = ((middleBody.waist ?? 0) + inches(3)) / 4;
    expect(Math.abs(width({ netGather: '2' }) / 2 - quarter)).toBeLessThan(inches(0.5));
    expect(net({}).cut).toEqual({ copies: 2, layers: 'pair' });
    expect(net({}).notches).toHaveLength(1);
  });

  test('net and outer meet at neck and shoulder to the millimetre', () => {
    const { seams } = recipeOf(netVBlouse).draft(draftInput(middleBody, { netBack: 'v' }));
    for (const seam of seams.filter(({ id }) => id.startsWith('net')))
      expect([seam.id, Math.abs(seam.difference) < 0.01]).toEqual([seam.id, true]);
    expect(seams.filter(({ id }) => id.startsWith('net')).length).toBe(4);
  });
});
