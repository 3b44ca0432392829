import { describe, expect, test } from '@jest/globals';
import type { Draft } from '../drafting/draft.ts';
import { keyLengths } from '../garment/key-lengths.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { edgeOf } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { circleSkirt } from './circle-skirt.ts';
import { gatheredSkirt } from './gathered-skirt.ts';
import { pencilSkirt } from './pencil-skirt.ts';
import { recipeOf } from './recipe-book.ts';

const { waist = NaN, hip = NaN, waistToHip = NaN, waistToKnee = NaN } = middleBody;
/** What a skirt needs, and no measure above the waist. */
const below = { height: inches(66), waist, hip, waistToHip, waistToKnee };

function lengthIn({ pieces }: Draft, id: string, edge: string): number {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return lengthByLibrary(edgeOf(found.piece, edge));
}
const draftOf = (style: { readonly id: string }, choices: ChoiceValues = {}): Draft =>
  recipeOf(style).draft(draftInput(below, choices));

describe('the circle skirt', () => {
  expectStyleSound(circleSkirt, [{}, { circle: '0.5' }]);

  test('has the radius that a circle of its waist has, and none of it is lost at the band', () => {
    for (const [circle, times] of [
      ['1', 1],
      ['0.5', 0.5],
    ] as const) {
      const draft = draftOf(circleSkirt, { circle, skirtParts: '2' });
      const round = waist + inches(0.5);
      const radius = draft.figures.find(({ id }) => id === 'skirt-front/waist-circle')?.stitch ?? NaN;
      // Circumference of a circle: 2πr.
      expect(2 * Math.PI * radius * times).toBeCloseTo(round, 6);
      expect(2 * lengthIn(draft, 'skirt-front', 'waist') + 2 * lengthIn(draft, 'skirt-back', 'waist')).toBeCloseTo(round, 2);
      expect(4 * lengthIn(draft, 'waistband-front', 'waist')).toBeCloseTo(round, 6);
    }
  }); // prettier-ignore
});

describe('the pencil skirt', () => {
  expectStyleSound(pencilSkirt, [
    {},
    { pegging: 0 },
    { skirtLine: 'aline' },
    { skirtLine: 'aline', flare: inches(6) },
  ]);

  test('in an A-line has its flare on every quarter of the hem, no slit, and its darts as before', () => {
    const [pegged, flared] = [
      draftOf(pencilSkirt, { pegging: 0 }),
      draftOf(pencilSkirt, { skirtLine: 'aline', flare: inches(3) }),
    ];
    const out = (draft: Draft, name: string) =>
      draft.figures.find(({ id }) => id === `skirt-front/${name}`)?.stitch ?? NaN;
    expect(out(flared, 'hem') - out(pegged, 'hem')).toBeCloseTo(inches(3), 0);
    expect(out(flared, 'hip')).toBeCloseTo(out(pegged, 'hip'), 6);
    expect(out(flared, 'waist-dart-1-intake')).toBeCloseTo(out(pegged, 'waist-dart-1-intake'), 6);
    const edges = flared.pieces.flatMap(({ piece }) => piece.edges.map(({ role }) => role));
    expect(edges).not.toContain('slit');
  });

  test('is measured from the top of its band, and falls to the knee unless it is said', () => {
    const draft = draftOf(pencilSkirt);
    const long = keyLengths(draft).find(({ of }) => of === 'length')?.mm;
    expect(long).toBeCloseTo(inches(1.25) + waistToKnee, 6);
    const higher = draftOf(pencilSkirt, { bandHeight: inches(2.5), length: inches(24) });
    expect(keyLengths(higher).find(({ of }) => of === 'length')?.mm).toBeCloseTo(inches(24), 6);
    expect(lengthIn(higher, 'skirt-front', 'centre-front')).toBeCloseTo(inches(21.5), 6);
  });

  test('that is too short for its hip is drawn longer, and the length that is offered is from the top of the band', () => {
    const [stop] = draftOf(pencilSkirt, { length: inches(8) }).findings.filter(
      ({ code }) => code === 'length-above-hip',
    );
    if (stop?.remedy?.kind !== 'set-choice') throw new Error('no remedy');
    const mended = draftOf(pencilSkirt, { length: stop.remedy.mm });
    expect(mended.findings.filter(({ code }) => code === 'length-above-hip')).toEqual([]);
  });
});

describe('the gathered skirt', () => {
  expectStyleSound(gatheredSkirt);

  test('asks for nothing above the waist, and its zip runs through the band into the skirt', () => {
    expect(gatheredSkirt.requires).toEqual(['waist']);
    const zip = keyLengths(draftOf(gatheredSkirt)).find(({ of }) => of === 'zip')?.mm ?? NaN;
    expect(zip).toBeGreaterThan(inches(1.25) + inches(4));
    expect(zip).toBeLessThan(inches(1.25) + waistToHip);
  });
});
