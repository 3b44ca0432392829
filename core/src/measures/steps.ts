import { measureOf, type MeasureId } from './catalogue.ts';
import type { MeasuredFrom } from './measure-set.ts';

const starts: { readonly [from in MeasuredFrom]: string } = {
  neckSide: 'Start at the neck side of the shoulder.',
  midShoulder: 'Start at the middle of the shoulder.',
};

/** How a measure is taken in this set: shoulder lengths start where the set says. */
export const stepsFor = (id: MeasureId, from: MeasuredFrom): string[] =>
  measureOf(id).steps.map((step) =>
    step.startsWith('Start at the neck side of the shoulder,') ? starts[from] : step,
  );
