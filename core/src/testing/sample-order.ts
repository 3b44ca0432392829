/** An order file with all that a fitted dress needs, as it would be parsed. */
export const sampleOrder = (change: Record<string, unknown> = {}): Record<string, unknown> => ({
  format: 'ample-bolt/order',
  version: 1,
  unit: 'in',
  measures: {
    shoulder: 15,
    bustSpan: '7 1/2',
    shoulderToBust: 10.25,
    frontWaistLength: 17,
    backWaistLength: '16',
    bust: 36,
    waist: '28 1/2',
    hip: '98cm',
  },
  garments: [{ style: 'fitted-dress' }],
  ...change,
});
