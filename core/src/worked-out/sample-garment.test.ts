import { describe, expect, test } from '@jest/globals';
import { inches } from '../units/length.ts';
import { renderWorking } from '../workings/render-working.ts';
import { garmentFigures, readGarmentMeasures, type GarmentValues } from './sample-garment.ts';

const lines = (values: GarmentValues, pleats = 0) =>
  garmentFigures(values, pleats).map(({ label, working }) => `${label}: ${renderWorking(working, 'in')}`);

// Halving, doubling and pleats are common practice; the sums are worked by hand.
describe('a garment that fits', () => {
  test('what was measured flat is doubled, halved and added up', () => {
    expect(
      lines({ halfYoke: inches(9), armhole: inches(10.25), frontChest: inches(10.5), backChest: inches(20) }),
    ).toEqual([
      'yoke, whole: half yoke 9 × 2 = 18',
      'armhole round: armhole, along the seam 10 1/4 × 2 = 20 1/2',
      'chest round: front half at the chest 10 1/2 × 2 + back at the chest 20 = 41',
      'back half at the chest: back at the chest 20 ÷ 2 = 10',
    ]);
  });

  test('pleats at the cuff are opened: count times depth', () => {
    const flat = { sleeveAtCuff: inches(4.5), pleatDepth: inches(0.75) };
    expect(lines(flat, 2)).toEqual([
      'sleeve at the cuff seam, pleats open: sleeve at the cuff seam 4 1/2 × 2 + depth of one pleat 3/4 × 2 = 10 1/2',
    ]);
    expect(lines(flat, 0)).toEqual([
      'sleeve at the cuff seam, pleats open: sleeve at the cuff seam 4 1/2 × 2 = 9',
    ]);
    // A pleat whose depth is not known cannot be opened.
    expect(lines({ sleeveAtCuff: inches(4.5) }, 2)).toEqual([]);
  });

  test('a round waits for both halves: front and back are seldom the same', () => {
    expect(lines({ frontHip: inches(11) })).toEqual([]);
  });

  test('is read by name, in any form', () => {
    expect(readGarmentMeasures({ collar: '15½', sleeve: '86 cm' }, 'in')).toEqual({
      ok: true,
      value: { collar: inches(15.5), sleeve: 860 },
    });
    expect(readGarmentMeasures({ pocket: '4' }, 'in')).toMatchObject({ fault: { field: 'garment.pocket' } });
    expect(readGarmentMeasures({ collar: 'wide' }, 'in')).toMatchObject({
      fault: { field: 'garment.collar' },
    });
  });
});
