import { findingJson, tidy } from './draft-json.ts';
import { plainLengths } from '../units/format-length.ts';
import { toUnit, type Unit } from '../units/length.ts';
import { renderWorking } from '../workings/render-working.ts';
import type { Quantity, SumLine } from '../slate/quick-sum.ts';
import type { ReadSum } from '../slate/read-sum.ts';

interface Written {
  readonly value: number;
  readonly unit: string | null;
}

function written(quantity: Quantity, unit: Unit): Written {
  switch (quantity.kind) {
    case 'length':
      return { value: toUnit(quantity.mm, unit), unit };
    case 'purchase':
      return { value: quantity.amount, unit: quantity.unit };
    case 'count':
      return { value: quantity.count, unit: null };
  }
}

const workingText = ({ working }: SumLine, unit: Unit): string =>
  typeof working === 'string' ? working : renderWorking(working, unit);

/** The unit that a sum's results are read in. */
export const unitOf = ({ quickSum, inputs }: ReadSum): Unit => quickSum.resultsIn?.(inputs) ?? inputs.unit;

/** What a quick sum gives, as the command line and other programs read it. */
export function sumJson(sum: ReadSum) {
  const unit = unitOf(sum);
  const { lines, findings } = sum.quickSum.sum(sum.inputs);
  const [first, ...rest] = lines;
  return {
    ...written(first.quantity, unit),
    mm: first.quantity.kind === 'count' ? null : tidy(first.quantity.mm),
    results: Object.fromEntries(rest.map((line) => [line.key, written(line.quantity, unit)])),
    working: plainLengths(workingText(first, unit)),
    steps: lines.map((line) => `${line.label}: ${plainLengths(workingText(line, unit))}`),
    findings: findings.map((each) => findingJson(each, unit)),
  };
}
