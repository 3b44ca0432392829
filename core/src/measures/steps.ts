import { measureOf, SHOULDER_START, type MeasureId } from './catalogue.ts';
import { postureWords } from './measure.ts';
import type { MeasuredFrom } from './measure-set.ts';

const starts: { readonly [from in MeasuredFrom]: string } = {
  neckSide: 'Start at the neck side of the shoulder.',
  midShoulder: 'Start at the middle of the shoulder.',
};

/** Whether a measure starts at the shoulder, so that it depends on what the set was measured from. */
export const startsAtShoulder = (id: MeasureId): boolean => measureOf(id).starts === SHOULDER_START;

/** Steps of taking a measure in this set, in two or three short lines: posture, start of the tape, its way. */
export const stepsFor = (id: MeasureId, from: MeasuredFrom): string[] => {
  const { posture, steps } = measureOf(id);
  const [first, ...rest] = steps;
  return [postureWords[posture], startsAtShoulder(id) ? starts[from] : first, ...rest];
};
