import { describe, expect, test } from '@jest/globals';
import { finding } from '../findings/finding.ts';
import type { KeptLay } from '../lay/model/kept-lay.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { sampleTicket } from '../testing/sample-ticket.ts';
import { plainLengths } from '../units/format-length.ts';
import { inches } from '../units/length.ts';
import { changeWords, stepWords } from '../words/change-words.ts';
import { changedPieces } from './changed-pieces.ts';
import { compareContents } from './compare-contents.ts';
import { findingKey, isSignedOff, openStops } from './sign-off.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { recipeOf } from '../styles/recipe-book.ts';

describe('signing off', () => {
  const stop = finding('round-differs', { subject: 'bust', measure: 'bust' }, { found: 930, expected: 965 });
  const signed = { [findingKey(stop)]: { why: 'She wants it close', found: 930 } };

  test('a stop holds the cut until it is signed off, and again once it has grown', () => {
    expect(openStops([stop], {})).toEqual([stop]);
    expect(openStops([stop], signed)).toEqual([]);
    expect(isSignedOff({ ...stop, found: 925 }, signed)).toBe(false);
  });

  test('only that stop, at that place', () => {
    const other = finding('round-differs', { subject: 'hip', measure: 'hip' }, { found: 930, expected: 965 });
    expect(isSignedOff(other, signed)).toBe(false);
    expect(
      openStops([finding('neck-deep', { choice: 'neckDepthFront' }, { found: 260, expected: 240 })], {}),
    ).toEqual([]);
  });
});

describe('changedPieces', () => {
  const before = recipeOf(fittedDress).draft(draftInput(middleBody)).pieces;

  test('names the pieces that a change redraws, and no others', () => {
    expect(changedPieces(before, before)).toEqual([]);
    const longer = recipeOf(fittedDress).draft(draftInput(middleBody, { length: inches(44) })).pieces;
    expect(changedPieces(before, longer).sort()).toEqual(
      ['skirt-front', 'skirt-back', 'lining-skirt-front', 'lining-skirt-back'].sort(),
    );
    expect(changedPieces(before, before.slice(1))).toEqual(['bodice-front']);
  });

  test('a hand-set figure redraws its own piece alone', () => {
    const wide = recipeOf(fittedDress).draft({
      ...draftInput(middleBody),
      figures: { 'facing-back/inner-centre': { mm: 115, why: '' } },
    }).pieces;
    expect(changedPieces(before, wide)).toEqual(['facing-back']);
  });
});

describe('comparing two states of a ticket', () => {
  const cloth = { role: 'outer', name: 'Teal', colour: '#23545b', width: 1143, selvedge: 12.7, length: null, oneWay: false } as const; // prettier-ignore
  const lay: KeptLay = { role: 'outer', width: 1143, usable: [13, 1130], length: 1500, buy: { amount: 1.75, unit: 'yd' }, utilisation: 0.7, fold: 'width', sections: [], placements: [], drawn: {}, bound: 900 }; // prettier-ignore
  const before = sampleTicket({
    choices: null,
    measures: { ...sampleTicket().measures, values: { waist: { mm: inches(28.5), typed: '28 1/2 in' } } },
  });
  const after = sampleTicket({
    title: 'Renamed',
    remarks: `Half length\nhalf length: 16 1/2 in`,
    choices: { pegging: { mm: inches(0.5), typed: '1/2 in' } },
    measures: {
      ...sampleTicket().measures,
      from: 'midShoulder',
      values: { waist: { mm: inches(29), typed: '29 in' }, bust: { mm: inches(36), typed: '36 in' } },
    },
    rules: { ...ruleSet(), 'allowance.side': inches(0.75), 'school.block': 'table' },
    figures: { 'bodice-front/waist': { mm: inches(9.5), why: '' } },
    cloths: [cloth],
    lays: { outer: lay },
    signedOff: { 'round-differs bust': { why: 'close', found: null } },
    cut: ['skirt-front'],
  });
  const lines = compareContents(before, after).map((change) => {
    const { what, before: was, after: is } = changeWords(change, 'fitted-dress', 'in');
    return plainLengths(`${what}: ${was} → ${is}`);
  });

  test('every difference is said once, in the shop’s words', () => {
    expect(lines).toEqual([
      'Title: Sample → Renamed',
      'Remarks: none → Half length',
      'Choices: not agreed → agreed',
      'Pieces cut: none → Skirt front',
      'Bust: not taken → 36 in',
      'Waist: 28 1/2 in → 29 in',
      'Lengths from: neck side → mid shoulder',
      'Pegging: as usual → 1/2 in',
      'Bodice front, waist, by hand: as computed → 9 1/2 in',
      'Rule, how blocks are drafted: calculated → hand rule',
      'Rule, side seam: 1 in → 3/4 in',
      'Signed off: no → close',
      'Outer cloth: none → Teal',
      'Outer lay: none → folded to width',
    ]);
  });

  test('the same content has no difference, and chalking is none', () => {
    expect(compareContents(after, { ...after, chalked: { 'skirt-front': 4 }, marksInAll: 90 })).toEqual([]);
    expect(stepWords(compareContents(before, after), 'fitted-dress', 'in')).toMatch(
      /^Title: .* and 13 more$/,
    );
    expect(compareContents(after, before)).toHaveLength(lines.length);
  });
});
