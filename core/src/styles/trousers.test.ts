import { describe, expect, test } from '@jest/globals';
import type { Draft } from '../drafting/draft.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { endDirection, startDirection } from '../geometry/curve.ts';
import { dot } from '../geometry/point.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { edgeOf, type Piece } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { withLegs } from '../testing/leg-measures.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { offShoulderJumpsuit } from './off-shoulder-jumpsuit.ts';
import { recipeOf } from './recipe-book.ts';
import { trousersStyle } from './trousers.ts';

const body = withLegs(middleBody);
const draftOf = (
  choices: ChoiceValues = {},
  values: MeasureValues = body,
  style: { readonly id: string } = trousersStyle,
): Draft => recipeOf(style).draft(draftInput(values, choices));
const piece = ({ pieces }: Draft, id: string): Piece => {
  const found = pieces.find((each) => each.piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};
const legs = (draft: Draft) => [piece(draft, 'trousers-front'), piece(draft, 'trousers-back')] as const;
const long = (of: Piece, edge: string): number => lengthByLibrary(edgeOf(of, edge));

describe('trousers', () => {
  expectStyleSound(trousersStyle, [
    {},
    { legHem: inches(12), legKnee: inches(16) },
    { legHem: inches(30), trouserLength: inches(28) },
  ]);

  test('have sides and inseams that are as long in front as behind, by another library', () => {
    for (const legHem of [12, 17, 26, 40].map(inches)) {
      const [front, back] = legs(draftOf({ legHem }));
      for (const edge of ['side', 'inseam'])
        expect(Math.abs(long(front, edge) - long(back, edge))).toBeLessThan(0.01);
    }
  });

  test('have forks that meet level and square to the inseam, and are a quarter and a half of their panels at the hip', () => {
    const draft = draftOf();
    for (const [leg, part] of [
      [legs(draft)[0], 0.25],
      [legs(draft)[1], 0.5],
    ] as const) {
      const [fork, inseam] = [edgeOf(leg, 'fork'), edgeOf(leg, 'inseam')];
      // The loop runs up the inseam and on along the fork.
      expect(dot(endDirection(inseam.path), startDirection(fork.path))).toBeCloseTo(0, 9);
      const hip = draft.figures.find(({ id }) => id === `${leg.id}/hip`)?.stitch ?? NaN;
      const [at] = fork.path;
      // Front a quarter and back a half of the panel at the hip: a handbook rule, from memory.
      expect(-(at?.a.x ?? 0) / hip).toBeCloseTo(part, 9);
    }
  });

  test('are as deep in the crotch as the body with its ease, as long and as wide as they are chosen', () => {
    const draft = draftOf({
      crotchEase: inches(1),
      trouserLength: inches(36),
      legHem: inches(14),
      legKnee: inches(18),
    });
    const figure = (id: string) => draft.figures.find((each) => each.id === id)?.stitch ?? NaN;
    expect(figure('trousers-front/crotch-line')).toBeCloseTo(
      (body.waistToFloor ?? 0) - (body.inseam ?? 0) + inches(1),
      6,
    );
    expect(figure('trousers-front/length')).toBeCloseTo(inches(36), 6);
    expect(figure('trousers-front/knee') + figure('trousers-back/knee')).toBeCloseTo(inches(18), 6);
    expect(figure('trousers-front/leg-hem') + figure('trousers-back/leg-hem')).toBeCloseTo(inches(14), 1);
  });

  test('have the end of the zip marked an inch above the hip, along a seat seam that slants from above the waist', () => {
    const back = legs(draftOf())[1];
    const [notch] = back.notches.filter(({ edge }) => edge === 'centre-back');
    const centre = edgeOf(back, 'centre-back');
    // The loop runs up the centre: from the hip line to the end of the zip, as far along as it is steep.
    const [{ a: hip, b: top } = { a: { x: 0, y: 0 }, b: { x: 0, y: 0 } }] = centre.path;
    const depth = hip.y + ((notch?.at ?? 0) / lengthByLibrary(centre)) * (top.y - hip.y);
    expect(depth).toBeCloseTo((body.waistToHip ?? 0) - inches(1), 6);
  });

  // A seat seam runs through the fork from waist to waist; trousers that fit have there what the body has and an inch or two. Common practice.
  test('go through the fork by about as much as the tape does', () => {
    const draft = draftOf();
    const through = legs(draft).reduce(
      (sum, leg) =>
        sum + long(leg, leg.id === 'trousers-front' ? 'centre-front' : 'centre-back') + long(leg, 'fork'),
      0,
    );
    expect(through).toBeGreaterThan(inches(26));
    expect(through).toBeLessThan(inches(31));
  });

  test('stop where the foot does not pass, and are mended by what is offered', () => {
    const tight = { legHem: inches(10), legKnee: inches(15) };
    const [stop] = draftOf(tight).findings.filter(({ code }) => code === 'opening-too-small');
    if (stop?.remedy?.kind !== 'set-choice') throw new Error('no remedy');
    expect(
      draftOf({ ...tight, legHem: stop.remedy.mm }).findings.filter(
        ({ code }) => code === 'opening-too-small',
      ),
    ).toEqual([]);
  });

  test('are drawn anew by a hair where a measure moves by a hair', () => {
    const at = (more: number) =>
      legs(draftOf({}, { ...body, hip: (body.hip ?? 0) + more, inseam: (body.inseam ?? 0) + more }));
    const [one, other] = [at(0), at(0.1)];
    for (const index of [0, 1] as const)
      for (const edge of ['side', 'inseam', 'fork'])
        expect(Math.abs(long(one[index], edge) - long(other[index], edge))).toBeLessThan(1);
  });
});

describe('the jumpsuit', () => {
  expectStyleSound(offShoulderJumpsuit);

  test('joins waists that are equally long, and has room to sit; with less it says so', () => {
    const draft = draftOf({}, body, offShoulderJumpsuit);
    const seam = draft.seams.find(({ id }) => id === 'trousers to waist, front');
    expect(Math.abs((seam?.lengthA ?? 0) - (seam?.lengthB ?? 1))).toBeLessThan(0.1);
    expect(draft.findings.map(({ code }) => code)).not.toContain('no-room-to-sit');
    const shallow = draftOf({ crotchEase: inches(0.25) }, body, offShoulderJumpsuit);
    expect(shallow.findings.find(({ code }) => code === 'no-room-to-sit')).toMatchObject({
      severity: 'care',
      remedy: { choice: 'crotchEase', mm: inches(1) },
    });
  });
});
