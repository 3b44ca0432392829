import { describe, expect, test } from '@jest/globals';
import { endOf, startOf } from '../geometry/curve.ts';
import { distance } from '../geometry/point.ts';
import { edgeLength, edgeOf } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { bandedOffShoulderTop } from './banded-off-shoulder-top.ts';
import { recipeOf } from './recipe-book.ts';

const measured = { ...middleBody, offShoulderRound: inches(41) };
const draft = (choices: ChoiceValues = {}, values = measured) =>
  recipeOf(bandedOffShoulderTop).draft(draftInput(values, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}, values = measured) => {
  const found = draft(choices, values).pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

describe('the off-shoulder top with bands', () => {
  expectStyleSound(bandedOffShoulderTop, [
    { band: inches(1) },
    { topEdge: 'straight', backEdge: 'v', length: inches(7), band: inches(1) },
  ]);

  test('each arm’s share is half of what the round leaves of the top edges, measured straight. Common practice', () => {
    const tops = ['bodice-front-centre', 'bodice-front-side', 'bodice-back-centre', 'bodice-back-side']
      .map((id) => edgeOf(pieceOf(id), 'top').path)
      .reduce((sum, path) => sum + distance(startOf(path), endOf(path)), 0);
    expect(edgeLength(edgeOf(pieceOf('arm-band'), 'band'))).toBeCloseTo((inches(41) - 2 * tops) / 2, 6);
  });

  test('a band is sewn over a part of the armhole that is left: notched there, and a deeper one is a stop', () => {
    const band = draft({ band: inches(1.25) }).seams.find(({ id }) => id === 'band to armhole front');
    expect(band).toMatchObject({
      ok: true,
      b: [{ edge: 'bodice-front-side/armhole', to: inches(1.25), times: 2 }],
      relation: { kind: 'equal' },
    });
    const notches = pieceOf('bodice-front-side', { band: inches(1.25) }).notches;
    expect(notches.some(({ edge, at }) => edge === 'armhole' && Math.abs(at - inches(1.25)) < 1e-6)).toBe(
      true,
    );
    const stop = draft({ band: inches(5) }).findings.find(({ code }) => code === 'band-too-deep');
    expect(stop).toMatchObject({ severity: 'stop', where: { choice: 'band' } });
    expect(stop?.expected ?? 0).toBeLessThan(inches(5));
  });

  test('a round that leaves nothing for the arms is a stop that asks for the measure', () => {
    const small = draft({}, { ...measured, offShoulderRound: inches(29) });
    expect(small.findings.find(({ code }) => code === 'arm-share-small')).toMatchObject({
      severity: 'stop',
      remedy: { kind: 'measure-again', measure: 'offShoulderRound' },
    });
  });

  test('the hem takes the round between waist and hip, never the full hip. Common practice', () => {
    const { rounds } = draft({ length: inches(4), easeHem: 0 });
    const hem = rounds.find(({ level }) => level === 'hem');
    expect(hem?.body).toBeCloseTo(inches(28 + (10.5 * 4) / 8), 0);
    expect(hem?.finished ?? 0).toBeLessThan(inches(38.5));
  });
});
