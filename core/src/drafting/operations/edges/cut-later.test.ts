import { describe, expect, test } from '@jest/globals';
import { chalkPiece } from '../../../chalk/chalk-piece.ts';
import { ruleSet } from '../../../rules/catalogue.ts';
import { recipeOf } from '../../../styles/recipe-book.ts';
import { bustierBodice } from '../../../styles/bustier-bodice.ts';
import { styleBook } from '../../../styles/style-book.ts';
import type { Style } from '../../../styles/style.ts';
import { draftInput, middleBody } from '../../../testing/bodies.ts';
import { inches } from '../../../units/length.ts';
import { findingWords } from '../../../words/finding-words.ts';
import { markWords } from '../../../words/mark-words.ts';
import { plainPanel } from '../../../testing/plain-panel.ts';
import { cutLater } from './cut-later.ts';

const later = ruleSet({ 'school.neckCut': 'later' });
const draftOf = (style: Style, rules = later) => recipeOf(style).draft({ ...draftInput(middleBody), rules });

describe('edges that are cut later', () => {
  test('keep a reserve outside their allowance, and nothing else changes', () => {
    const kept = cutLater(plainPanel, ['side'], { reserve: inches(0.5), after: 'panels-joined' });
    kept.edges.forEach((edge, index) => {
      const before = plainPanel.edges[index];
      if (edge.role !== 'side') return expect(edge).toEqual(before);
      expect(edge.allowance).toBeCloseTo((before?.allowance ?? 0) + inches(0.5), 9);
      expect(edge.path).toEqual(before?.path);
    });
    expect(kept.edges.filter((edge) => edge.later).length).toBeGreaterThan(0);
  });

  test.each(Object.values(styleBook))('$name: sewn as before, figures still come to their sums', (style) => {
    const [now, before] = [draftOf(style), draftOf(style, ruleSet())];
    expect(now.seams.map(({ id, lengthA, ok }) => [id, lengthA, ok])).toEqual(
      before.seams.map(({ id, lengthA, ok }) => [id, lengthA, ok]),
    );
    for (const { id, mm, working } of now.figures)
      expect([id, Math.abs(working.mm - mm) < 0.2]).toEqual([id, true]);
    const has = now.pieces.some(({ piece }) => piece.edges.some((edge) => edge.later));
    const said = now.findings.find(({ code }) => code === 'cut-later');
    expect(said !== undefined).toBe(has);
    if (said)
      expect(findingWords(said, 'in').message).toMatch(
        /^(Neck|Shoulder).*left for later, with a reserve of 1.2 in/,
      );
  });

  test('the chalk says which, how much, and until when', () => {
    const [front] = draftOf(bustierBodice).pieces;
    if (!front) throw new Error('no front');
    const marks = chalkPiece(front, { startLine: 'stitch', line: 'stitch' });
    const neck = marks.find((mark) => mark.kind === 'allowance' && mark.role === 'neck');
    expect(neck && markWords(neck, 'in').text).toMatch(/“later”.*1\/2.*once the panels are joined/);
  });
});
