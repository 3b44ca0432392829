import type { SumArgument } from '../src/slate/quick-sum.ts';
import { readSum } from '../src/slate/read-sum.ts';
import { slate } from '../src/slate/slate.ts';
import { sumJson, unitOf } from '../src/formats/sum-json.ts';
import { quantityWords } from '../src/words/quantity-words.ts';
import { BadInput, hasStop } from './answer.ts';
import type { Answer, Flags } from './answer.ts';

/** key=value pairs, as written. */
function pairsOf(texts: readonly string[]): { [key: string]: string } {
  return Object.fromEntries(
    texts.map((text) => {
      const at = text.indexOf('=');
      if (at < 1)
        throw new BadInput('wrong-usage', text, `"${text}" is not key=value; write it as round=36.`);
      return [text.slice(0, at), text.slice(at + 1)] as const;
    }),
  );
}

export function sumCommand({ positionals: [, name = '', ...written], values }: Flags): Answer {
  const { unit } = values;
  if (unit !== 'in' && unit !== 'cm')
    throw new BadInput('wrong-usage', 'unit', `--unit ${unit}: lengths are in or cm.`);
  const sum = readSum(name, pairsOf(written), unit);
  if (!sum.ok) throw new BadInput(sum.fault.code, sum.fault.field, sum.fault.message);
  const { lines, findings } = sum.value.quickSum.sum(sum.value.inputs);
  const json = sumJson(sum.value);
  const shown = lines.map(
    ({ label, quantity }, index) =>
      `${label.padEnd(34)}${quantityWords(quantity, unitOf(sum.value)).padStart(12)}   ${json.steps[index]?.slice(label.length + 2) ?? ''}`,
  );
  const said = json.findings.map(({ severity, message, remedy }) =>
    `${severity}: ${message} ${remedy}`.trim(),
  );
  return { json, text: [...shown, ...said].join('\n'), stopped: hasStop(findings) };
}

/** An argument as it is typed, in brackets where it may be left out. */
const argumentWords = ({ id, optional, usual }: SumArgument): string =>
  optional || usual !== undefined ? `[${id}]` : id;

/** Every quick sum with what it asks for. */
export function sumsCommand(): Answer {
  const sums = slate.map(({ name, title, summary, args }) => ({ name, title, summary, arguments: args }));
  return {
    json: { sums },
    text: sums
      .map(
        ({ name, summary, arguments: args }) =>
          `${name.padEnd(16)}${args.map(argumentWords).join(' ')}\n${''.padEnd(16)}${summary}`,
      )
      .join('\n'),
    stopped: false,
  };
}
