import { describe, expect, test } from '@jest/globals';
import { roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectCuttable } from '../testing/expect-sound.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { yokeBlouse } from './yoke-blouse.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (choices: ChoiceValues = {}) => recipeOf(yokeBlouse).draft(draftInput(middleBody, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}) => {
  const found = draft(choices).pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

describe('the yoke blouse', () => {
  expectStyleSound(yokeBlouse, [
    {},
    { drape: 0, tail: 0, length: inches(7) },
    { drape: inches(2), drapeFrom: 'hem' },
  ]);

  test('the yoke is net, on the fold in front; base and outer hang from it', () => {
    expect(pieceOf('yoke-front')).toMatchObject({ role: 'net', cut: { layers: 'fold' } });
    expect(pieceOf('yoke-front').name).toBe('Yoke front');
    expect(pieceOf('base-front-side').role).toBe('lining');
    expect(pieceOf('bodice-front-side').role).toBe('outer');
  });

  test('the outer is spread by its ease over the base, and eased into the yoke by as much', () => {
    const drape = inches(1);
    const width = (id: string, role: 'top' | 'hem') => roleLength(pieceOf(id, { drape }), role);
    expect(width('bodice-front-centre', 'top') - width('base-front-centre', 'top')).toBeCloseTo(drape, 6);
    expect(width('bodice-front-centre', 'hem') - width('base-front-centre', 'hem')).toBeCloseTo(drape, 0);
    expect(draft({ drape }).seams.find(({ id }) => id === 'outer to yoke front')).toMatchObject({
      ok: true,
      relation: { kind: 'ease', mm: drape },
    });
  });

  test('draped to the hem alone, the outer is as long as the yoke and wider below', () => {
    const choices = { drape: inches(1), drapeFrom: 'hem' };
    const width = (id: string, role: 'top' | 'hem') => roleLength(pieceOf(id, choices), role);
    expect(width('bodice-front-centre', 'top')).toBeCloseTo(width('base-front-centre', 'top'), 6);
    expect(width('bodice-front-centre', 'hem') - width('base-front-centre', 'hem')).toBeCloseTo(inches(1), 1);
  });

  test('the hem falls lower at the centre than at the side; a yoke at the bust is a stop', () => {
    const hem =
      pieceOf('base-front-side', { tail: inches(2) }).edges.find(({ role }) => role === 'hem')?.path ?? [];
    const ends = [hem[0]?.a.y ?? 0, hem.at(-1)?.b.y ?? 0];
    expect((ends[1] ?? 0) - (ends[0] ?? 0)).toBeGreaterThan(inches(1.5));
    const highBust = { ...middleBody, shoulderToBust: inches(9) };
    const low = recipeOf(yokeBlouse).draft(draftInput(highBust, { yokeLevel: inches(9) }));
    expectCuttable(low);
    expect(low.findings.find(({ code }) => code === 'top-too-low')?.severity).toBe('stop');
  });
});
