import { expect, test } from '@jest/globals';
import { pointsOf } from '../sketch/shape.ts';
import { frameOf } from '../sketch/sketch.ts';
import { middleBody } from '../testing/bodies.ts';
import { sampleTicket } from '../testing/sample-ticket.ts';
import { ticketSketch } from './made-up.ts';

const unmeasured = sampleTicket();
const values = Object.fromEntries(
  Object.entries(middleBody).map(([id, mm]) => [id, { mm: 1.08 * mm, typed: `${mm} mm` }]),
);
const measured = { ...unmeasured, measures: { ...unmeasured.measures, values } };

test('a garment is made up on its client, and on the figure of the book until she is measured', () => {
  const [hers, booked] = [measured, unmeasured].map(ticketSketch);
  if (!hers || !booked) throw new Error('both are drawn');
  expect(hers.front.shapes.flatMap(pointsOf).length).toBeGreaterThan(100);
  expect(frameOf(hers, false)).not.toEqual(frameOf(booked, false));
});

test('what was chosen is seen before she is measured', () => {
  const longer = { ...unmeasured, choices: { length: { mm: 1300, typed: '130 cm' } } };
  const [usual, chosen] = [unmeasured, longer].map(ticketSketch);
  if (!usual || !chosen) throw new Error('both are drawn');
  expect(frameOf(chosen, false).maxY).toBeGreaterThan(frameOf(usual, false).maxY + 50);
});

test('a style that the book has no more is not drawn', () => {
  expect(ticketSketch({ ...measured, styleId: 'toga' })).toBeUndefined();
});
