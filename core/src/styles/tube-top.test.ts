import { describe, expect, test } from '@jest/globals';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectCuttable } from '../testing/expect-sound.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';
import { edgeLength, edgeOf } from '../pieces/piece.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { tubeTop } from './tube-top.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (choices: ChoiceValues = {}) => recipeOf(tubeTop).draft(draftInput(middleBody, choices));
const plain = { topEdge: 'straight', cups: 'none' };

describe('the tube top', () => {
  expectStyleSound(tubeTop, [{}, plain]);

  test('has cups and a band in front, two panels behind, and all of it again in lining and stay', () => {
    const names = draft().pieces.map(({ piece: { id, cut } }) => `${id} ${cut.layers}`);
    expect(names.slice(0, 6)).toEqual([
      'cup-front-centre fold',
      'cup-front-side pair',
      'bodice-front-centre fold',
      'bodice-front-side pair',
      'bodice-back-centre pair',
      'bodice-back-side pair',
    ]);
    expect(names.length).toBe(18);
    expect(draft(plain).pieces.length).toBe(12);
  });

  test('the top edge stands 4 in over the bust unless chosen, and nearer than 3½ in is pointed out. Common practice', () => {
    const [front] = draft().coverage;
    expect(front?.edge).toBe('top');
    expect(front?.aboveBust).toBeCloseTo(inches(4), 0);
    const low = draft({ topLevel: inches(7.25) });
    const found = low.findings.find(({ code }) => code === 'edge-covers-little');
    expect(found && findingWords(found, 'in').message).toMatch(
      /stands .+ above the bust line; under 3.+ in shows more/,
    );
    const remedied = found?.remedy?.kind === 'set-choice' ? (found.remedy.mm ?? 0) : 0;
    expect(draft({ topLevel: remedied }).findings.some(({ code }) => code === 'edge-covers-little')).toBe(
      false,
    );
  });

  test('an edge chosen under the bust, or a back under the bust line, is a stop with the lowest there is, and still drawn', () => {
    for (const [choice, mm, others] of [
      ['topLevel', inches(9), {}],
      ['topBack', inches(4), { topLevel: inches(7) }],
    ] as const) {
      const low = draft({ ...others, [choice]: mm });
      expectCuttable(low);
      const stop = low.findings.find(({ code }) => code === 'top-too-low');
      expect(stop).toMatchObject({ severity: 'stop', where: { choice } });
      const most = stop?.expected ?? 0;
      expect(most).toBeLessThan(mm);
      expect(
        draft({ ...others, [choice]: most - 0.01 }).findings.some(({ code }) => code === 'top-too-low'),
      ).toBe(false);
    }
  });

  test('the contour over the bust takes its wedge from the top edge, and the seam is as long on both panels', () => {
    const panels = draft(plain).pieces.map(({ piece }) => piece);
    const [centre, side] = ['centre', 'side'].map((name) =>
      panels.find(({ id }) => id === `bodice-front-${name}`),
    );
    if (!centre || !side) throw new Error('no front');
    const wedge = side.intakes.find(({ operation }) => operation === 'contour over the bust');
    expect(wedge?.mm).toBeCloseTo(inches(0.75), 6);
    const seam = (piece: typeof centre) => edgeLength(edgeOf(piece, 'princess'));
    expect(Math.abs(seam(centre) - seam(side))).toBeLessThan(0.05);
  });
});
