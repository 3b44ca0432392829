import { describe, expect, test } from '@jest/globals';
import { readOrder } from '../formats/order/read-order.ts';
import type { Order } from './order.ts';
import { middleBody } from '../testing/bodies.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { inches } from '../units/length.ts';
import { draftOrder } from './draft-order.ts';

const measures = Object.fromEntries(Object.entries(middleBody).map(([id, mm]) => [id, `${mm}mm`]));

function orderWith(change: Record<string, unknown> = {}): Order {
  const read = readOrder({
    format: 'ample-bolt/order',
    version: 1,
    unit: 'in',
    measures,
    garments: [{ style: 'fitted-dress' }],
    cloths: [{ role: 'outer', width: 45 }],
    ...change,
  });
  if (!read.ok) throw new Error(read.fault.message);
  return read.value;
}
const codesOf = (order: Order) => draftOrder(order).findings.map(({ code }) => code);

describe('draftOrder', () => {
  test('what stops the cut comes first, notes last', () => {
    const { findings } = draftOrder(
      orderWith({
        measures: { ...measures, bust: '36in', armhole: '27in' },
        garments: [{ style: 'fitted-dress', choices: { length: 22 } }],
      }),
    );
    const ranks = findings.map(({ severity }) => ['stop', 'care', 'note'].indexOf(severity));
    expect(ranks).toEqual([...ranks].sort());
    expect(ranks[0]).toBe(0);
  });

  test('an unlikely set of measures is pointed out beside the draft', () => {
    expect(codesOf(orderWith({ measures: { ...measures, underBust: '38in' } }))).toContain(
      'measures-disagree',
    );
    expect(codesOf(orderWith())).not.toContain('measures-disagree');
  });

  test('a role without a cloth is a care, one with a cloth is not', () => {
    expect(codesOf(orderWith({ cloths: [] }))).toContain('cloth-missing');
    expect(codesOf(orderWith({ cloths: [{ role: 'lining', width: 45 }] }))).toContain('cloth-missing');
    const missing = draftOrder(orderWith()).findings.filter(({ code }) => code === 'cloth-missing');
    expect(missing.map(({ where }) => where.subject)).toEqual(['lining', 'stay']);
  });

  test('choices in force are the style’s defaults with the order’s own over them', () => {
    const order = orderWith({ garments: [{ style: 'fitted-dress', choices: { pegging: '1/4' } }] });
    const chosen = recipeOf(order.style).chosen(order);
    expect(chosen['pegging']).toBeCloseTo(inches(0.25), 9);
    expect(chosen['easeBust']).toBeCloseTo(inches(2), 9);
    // At the knee unless chosen: the waist level and the measured way down to it.
    const waistLine = draftOrder(order).figures.find(({ id }) => id === 'bodice-front/waist-line');
    expect(chosen['length']).toBeCloseTo((waistLine?.mm ?? 0) + (middleBody.waistToKnee ?? 0), 6);
  });

  test('the same order drafts the same garment, to the last digit', () => {
    expect(JSON.stringify(draftOrder(orderWith()))).toBe(JSON.stringify(draftOrder(orderWith())));
  });

  test('ease is given where it is asked, and only there', () => {
    const eases = (choices: Record<string, number>) =>
      draftOrder(orderWith({ garments: [{ style: 'fitted-dress', choices }] })).rounds.map(
        ({ ease }) => ease / 25.4,
      );
    const [bust, waist, hip] = eases({ easeBust: 3, easeWaist: 0, easeHip: 4 });
    expect(bust).toBeCloseTo(3, 1);
    expect(waist).toBeCloseTo(0, 1);
    expect(hip).toBeCloseTo(4, 1);
  });

  test('a child’s dress drafts true from a child’s measures', () => {
    const child = {
      height: 50, shoulder: '11 1/2', acrossChest: '9 3/4', acrossBack: 10.5, bustSpan: '5 1/2', shoulderToBust: 7, frontWaistLength: '11 1/2', backWaistLength: '11 1/4',
      highBust: 25, bust: 26, waist: '23 1/2', hip: 28, armhole: '11 3/4', waistToHip: 5.5, waistToKnee: 16,
    }; // prettier-ignore
    const { findings, seams, rounds } = draftOrder(
      orderWith({ client: { name: 'Somebody small', kind: 'child' }, measures: child }),
    );
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    expect(seams.every(({ ok }) => ok)).toBe(true);
    for (const { ease, wantedEase } of rounds) expect(Math.abs(ease - wantedEase)).toBeLessThan(1);
  });
});
