import type { RuleSet } from '../rules/catalogue.ts';
import { divided, measured, minus, plus, sum, type Working } from '../workings/working.ts';
import { measureName, type MeasureId } from '../measures/catalogue.ts';
import { deriveMeasure } from './derive.ts';
import type { MeasureValues } from '../measures/measure-set.ts';

/** A figure that nobody measured, with the sum that gives it. */
export interface WorkedOut {
  readonly label: string;
  readonly working: Working;
  /** The measure that it stands in for, where one could be taken instead. */
  readonly insteadOf?: MeasureId;
}

const quarters: readonly MeasureId[] = ['bust', 'waist', 'hip'];

const quarterOf = (id: MeasureId, mm: number): Working => divided(measured(id, mm), 4);

/** Difference of the bust quarter and the waist quarter, taken by the darts and the side. Common practice. */
function dartDifference({ bust, waist }: MeasureValues): WorkedOut[] {
  if (bust === undefined || waist === undefined || waist >= bust) return [];
  const working = sum(plus(quarterOf('bust', bust)), minus(quarterOf('waist', waist)));
  return [{ label: 'dart difference', working }];
}

/**
 * What follows from a set without the tape: measures that were not taken and can be worked out, the quarters that every
 * cut width starts from, and the difference that darts take. A measure that was taken is not worked out: it wins.
 */
export const workedOut = (values: MeasureValues, ids: readonly MeasureId[], rules: RuleSet): WorkedOut[] => [
  ...ids.flatMap((id): WorkedOut[] => {
    const working = values[id] === undefined ? deriveMeasure(id, values, rules) : undefined;
    return working ? [{ label: measureName(id), working, insteadOf: id }] : [];
  }),
  ...quarters.flatMap((id): WorkedOut[] => {
    const mm = values[id];
    return mm === undefined ? [] : [{ label: `quarter ${measureName(id)}`, working: quarterOf(id, mm) }];
  }),
  ...dartDifference(values),
];
