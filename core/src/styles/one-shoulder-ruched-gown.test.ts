import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { endOf } from '../geometry/curve.ts';
import { edgeOf, edgesWithRole } from '../pieces/piece.ts';
import { isOther } from '../pieces/other-half.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { pieceNamed } from '../testing/piece-named.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { oneShoulderRuchedGown } from './one-shoulder-ruched-gown.ts';
import { recipeOf } from './recipe-book.ts';

const draftOf = (choices: ChoiceValues = {}) =>
  recipeOf(oneShoulderRuchedGown).draft(draftInput(middleBody, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}) => pieceNamed(draftOf(choices), id);
/** Length of the side that keeps its shoulder, or of the bare one. */
const sideOf = (id: string, bare: boolean, choices: ChoiceValues = {}): number =>
  edgesWithRole(pieceOf(id, choices), 'side')
    .filter((edge) => isOther(edge.id) === bare)
    .reduce((sum, edge) => sum + lengthByLibrary(edge), 0);

describe('the one-shoulder ruched gown', () => {
  expectStyleSound(oneShoulderRuchedGown, [{}, { shoulder: 'right', ruches: '8', uneven: inches(4) }]);

  test('is drafted open: every piece lies once on single cloth', () => {
    for (const { piece } of draftOf().pieces)
      expect([piece.id, piece.cut]).toEqual([piece.id, { copies: 1, layers: 'single' }]);
  });

  test('slashed and spread, its front is longer by all openings along one side, and as long as before along the other', () => {
    const choices = { ruches: '6', rucheOpen: inches(1) };
    // Drawn fair over its corners a side is a little shorter than its strips are together.
    const longer = sideOf('skirt-front', false, choices) - sideOf('skirt-back', false, choices);
    expect(Math.abs(longer - inches(6))).toBeLessThan(1.5);
    expect(Math.abs(sideOf('skirt-front', true) - sideOf('skirt-back', true))).toBeLessThan(0.3);
  });

  test('each slash is a line on the front that is numbered from the top, and says which strip swings down', () => {
    const lines = pieceOf('skirt-front', { ruches: '5' }).lines ?? [];
    expect(lines.map(({ label }) => label.split(':')[0])).toEqual([1, 2, 3, 4, 5].map((n) => `Slash ${n}`));
    expect(lines.map(({ label }) => label).join()).toContain('strip 6 swings down');
    const starts = lines.map(({ path }) => path[0]?.a.y ?? NaN);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
    // No slash runs through a dart.
    const front = pieceOf('skirt-front', { ruches: '5' });
    const tips = front.darts.map(({ legs: [leg] }) => endOf(edgeOf(front, leg).path).y);
    expect(Math.min(...starts)).toBeGreaterThan(Math.max(...tips));
  });

  test('its hem is shorter on the ruched side by as much as was chosen, in front and behind', () => {
    for (const uneven of [0, inches(6), inches(12)])
      expect(sideOf('skirt-back', true, { uneven }) - sideOf('skirt-back', false, { uneven })).toBeCloseTo(
        uneven,
        0,
      );
  });

  test('what the slashes open is gathered between two notches to the plain side behind', () => {
    const seam = draftOf().seams.find(({ id }) => id === 'ruched side');
    expect(seam?.ok).toBe(true);
    expect((seam?.lengthA ?? 0) - (seam?.lengthB ?? 0)).toBeGreaterThan(inches(5.9));
    for (const id of ['skirt-front', 'skirt-back'])
      expect(pieceOf(id).notches.filter(({ edge }) => edge === 'side')).toHaveLength(2);
  });

  test('a narrow hem that is raised too little for a stride is told, and raising it is offered', () => {
    const told = (uneven: number) =>
      draftOf({ uneven }).findings.find(({ code }) => code === 'hem-below-stride');
    expect(told(inches(4))?.remedy).toMatchObject({ kind: 'set-choice', choice: 'uneven' });
    expect(told(inches(15))).toBeUndefined();
  });
});
