import { describe, expect, test } from '@jest/globals';
import { sampleCloth } from '../testing/sample-cloth.ts';
import { layPiecesOn } from '../lay/model/layable.ts';
import { planForWork } from '../lay/plan/plan-lay.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { lengthFaultWords } from '../input/input-fault.ts';
import { layJson } from './lay-json.ts';
import { readLays } from './read-lays.ts';
import { readLength } from '../input/read-length.ts';
import { draftSvg, laySvg } from './svg.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { recipeOf } from '../styles/recipe-book.ts';

const draft = recipeOf(fittedDress).draft(draftInput(middleBody));
const lay = planForWork(
  {
    pieces: layPiecesOn(sampleCloth(), draft.pieces),
    cloth: sampleCloth(),
    fold: 'half',
    seed: 1,
    shrinkPercent: 0,
    buyIn: 'yd',
  },
  2,
);

describe('SVG', () => {
  test('a draft is drawn in true size, a cut and a stitch line for each piece', () => {
    const text = draftSvg(draft);
    const [, width = '', box = ''] = /width="([\d.]+)mm".*viewBox="0 0 ([\d.]+)/.exec(text) ?? [];
    expect(Number(width)).toBe(Number(box));
    expect(text.match(/<path /g)).toHaveLength(2 * draft.pieces.length);
    expect(text).not.toMatch(/NaN|undefined/);
  });

  test('a lay shows its cloth, its pieces and its fold', () => {
    const text = laySvg([lay, lay]);
    expect(text.match(/<text /g)).toHaveLength(2 * lay.placements.length);
    expect(text).toContain('stroke-dasharray="10 6"');
  });
});

describe('a lay as JSON', () => {
  test('is read back as it was, to a ten-thousandth of a millimetre', () => {
    const read = readLays(JSON.parse(JSON.stringify({ lays: [layJson(lay)] })));
    if (!read.ok) throw new Error(read.fault.message);
    const [back] = read.value;
    expect(back?.length).toBeCloseTo(lay.length, 3);
    expect(back?.placements[0]?.polygon[0]?.x).toBeCloseTo(lay.placements[0]?.polygon[0]?.x ?? NaN, 3);
    expect(readLays(layJson(lay)).ok).toBe(true);
  });

  test.each([
    [null],
    [{}],
    [{ lays: [{}] }],
    [{ lays: 3 }],
    [{ ...layJson(lay), placements: [{}] }],
    [{ ...layJson(lay), length: -1 }],
  ])('%j is refused', (file) => {
    expect(readLays(file)).toMatchObject({ ok: false, fault: { code: 'wrong-shape' } });
  });
});

describe('readLength', () => {
  const bounds = { least: inches(1), most: inches(10) };

  test('holds a length to its bounds and says them in the unit of the page', () => {
    expect(readLength('9 3/4', 'in', 'field', 'Depth', bounds)).toEqual({ ok: true, value: inches(9.75) });
    expect(readLength('11', 'in', 'field', 'Depth', bounds)).toMatchObject({
      ok: false,
      fault: {
        code: 'out-of-range',
        field: 'field',
        message: 'Depth 11 in is out of range; it must lie between 1 in and 10 in.',
      },
    });
    expect(readLength(1, 'cm', 'field', 'Depth', bounds)).toMatchObject({
      ok: false,
      fault: { message: expect.stringContaining('2.5 cm and 25.4 cm') as unknown },
    });
  });

  test('every way in which a text is no length has its remedy', () => {
    for (const fault of ['empty', 'not-a-length', 'zero-denominator', 'negative'] as const)
      expect(lengthFaultWords(fault, 'x')).toMatch(/[a-z].*\.$/);
  });
});
