import { describe, expect, test } from '@jest/globals';
import type { TicketProgress } from '@ample-bolt/core/shop/stations';
import { nextStep } from './next-step.ts';

const nothing: TicketProgress = {
  measuresMissing: 8,
  styleAgreed: false,
  stops: 0,
  withoutCloth: ['lining', 'stay'],
  toLay: ['outer'],
  marksDone: 0,
  marksInAll: 0,
  piecesCut: 0,
  piecesLaid: 0,
};
/** Every cloth has its plan. */
const laid = { withoutCloth: [], toLay: [] };
const after = (change: Partial<TicketProgress>) => nextStep({ ...nothing, measuresMissing: 0, ...change });

describe('nextStep', () => {
  test('measuring comes first, counted', () => {
    expect(nextStep(nothing)).toEqual({ station: 'measure', verb: 'Measure', words: '8 measures missing' });
    expect(nextStep({ ...nothing, measuresMissing: 1 }).words).toBe('one measure missing');
  });

  test('a draft that is held comes before its lay', () => {
    const held = { station: 'draft', verb: 'Look' };
    expect(after({ styleAgreed: true, stops: 1 })).toEqual({ ...held, words: 'held by a check' });
    expect(after({ styleAgreed: true, stops: 3 })).toEqual({ ...held, words: 'held by 3 checks' });
  });

  test('then style, lay and chalk, each with its verb', () => {
    expect(after({})).toMatchObject({ station: 'style', verb: 'Agree style' });
    expect(after({ styleAgreed: true })).toMatchObject({ verb: 'Plan lay', words: 'plan the outer' });
    expect(after({ styleAgreed: true, toLay: [] })).toEqual({
      station: 'lay',
      verb: 'Add cloth',
      words: 'no cloth yet for the lining and stay',
    });
    expect(after({ styleAgreed: true, ...laid, marksInAll: 90 })).toMatchObject({
      station: 'chalk',
      verb: 'Chalk',
      words: 'laid; ready to chalk',
    });
    expect(after({ styleAgreed: true, ...laid, marksInAll: 90, marksDone: 12 })).toMatchObject({
      verb: 'Go on',
      words: 'chalked 12 of 90',
    });
    expect(after({ styleAgreed: true, ...laid, marksInAll: 90, marksDone: 90 })).toMatchObject({
      verb: 'Cut',
      words: 'all chalked; cut',
    });
    const chalked = { styleAgreed: true, ...laid, marksInAll: 90, marksDone: 90, piecesLaid: 12 };
    expect(after({ ...chalked, piecesCut: 3 })).toMatchObject({ verb: 'Cut', words: 'cut 3 of 12 pieces' });
    expect(after({ ...chalked, piecesCut: 12 })).toMatchObject({ verb: 'Look', words: 'cut; ready to sew' });
  });
});
