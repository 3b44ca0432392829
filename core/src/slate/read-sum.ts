import { read, refuse, type Read } from '../input/input-fault.ts';
import { readLength } from '../input/read-length.ts';
import { inches, type Unit } from '../units/length.ts';
import { capital } from '../text/capital.ts';
import { sumInputs, type QuickSum, type SumArgument, type SumInputs } from './quick-sum.ts';
import { sumNamed, sumNames } from './slate.ts';

/** No length that is added up at a table is longer: some thirty yards of gathered strip, mm. */
const LENGTHS = { least: 0, most: inches(2000) };
const RATIO_MOST = 100;

export interface ReadSum {
  readonly quickSum: QuickSum;
  readonly inputs: SumInputs;
}

const isPositive = (arg: SumArgument): boolean => 'positive' in arg && arg.positive === true;

function readNumber(
  arg: SumArgument,
  text: string,
  least: number,
  most: number,
  whole: boolean,
): Read<number> {
  const count = Number(text.trim().replace(',', '.') || NaN);
  return count >= least && count <= most && (!whole || Number.isInteger(count))
    ? read(count)
    : refuse(
        'out-of-range',
        arg.id,
        `${capital(arg.label)} ("${text.slice(0, 40)}") must be a ${whole ? 'whole ' : ''}number between ${least} and ${most}.`,
      );
}

/** Reads one argument in its own kind; nothing that is divided by may be nothing. */
function readArgument(arg: SumArgument, text: string, unit: Unit): Read<number | string> {
  const value = ((): Read<number | string> => {
    switch (arg.kind) {
      case 'length':
        return readLength(text, unit, arg.id, capital(arg.label), LENGTHS);
      case 'ratio':
        return readNumber(arg, text, 0, RATIO_MOST, false);
      case 'count':
        return readNumber(arg, text, arg.least, arg.most, true);
      case 'percent':
        return readNumber(arg, text, 0, 50, false);
      case 'word':
        return arg.words.includes(text.trim())
          ? read(text.trim())
          : refuse('out-of-range', arg.id, `${capital(arg.label)} is one of ${arg.words.join(', ')}.`);
    }
  })();
  return value.ok && isPositive(arg) && value.value === 0
    ? refuse('out-of-range', arg.id, `${capital(arg.label)} must be more than nothing.`)
    : value;
}

const missing = ({ id, label }: SumArgument) =>
  refuse('missing-argument', id, `${capital(label)} is missing; write ${id}=…`);

/** Strips and belts lose two joins at each seam: the cloth must be wider than they are. */
function joinFault({ args }: QuickSum, { of, has }: SumInputs) {
  const pieced = ['clothWidth', 'join'].every((id) => args.some((arg) => arg.id === id));
  return pieced && has('clothWidth') && of('clothWidth') <= 2 * of('join')
    ? refuse('out-of-range', 'join', 'Two joins take the whole width of the cloth; make the join smaller.')
    : undefined;
}

/** Reads a quick sum by name, its arguments written as texts; plain numbers are in `unit`. */
export function readSum(name: string, written: { readonly [id: string]: string }, unit: Unit): Read<ReadSum> {
  const quickSum = sumNamed(name);
  if (!quickSum)
    return refuse('unknown-sum', 'name', `${name} is not a sum; there are ${sumNames.join(', ')}.`);
  const { args } = quickSum;
  const values: Record<string, number | string> = {};
  for (const [id, text] of Object.entries(written)) {
    const arg = args.find((each) => each.id === id);
    if (!arg)
      return refuse(
        'unknown-argument',
        id,
        `${name} has no ${id}; it takes ${args.map((each) => each.id).join(', ')}.`,
      );
    const value = readArgument(arg, text, unit);
    if (!value.ok) return value;
    values[id] = value.value;
  }
  const inputs = sumInputs(args, values, unit);
  const needed = quickSum.needs?.(inputs) ?? [];
  const gap = args.find((arg) => !inputs.has(arg.id) && (!arg.optional || needed.includes(arg.id)));
  if (gap) return missing(gap);
  return joinFault(quickSum, inputs) ?? read({ quickSum, inputs });
}
