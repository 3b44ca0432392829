import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { chalkAll } from './src/chalk/chalk-piece.ts';
import { finding, type Finding } from './src/checks/finding.ts';
import { draftOrder } from './src/drafting/draft-order.ts';
import type { Draft } from './src/drafting/draft.ts';
import { checkJson, draftJson, findingJson, pairOf, tidy } from './src/formats/draft-json.ts';
import type { InputFault } from './src/formats/input-fault.ts';
import { layJson } from './src/formats/lay-json.ts';
import type { Order } from './src/formats/order/order.ts';
import { readOrderText } from './src/formats/order/read-order.ts';
import { readLays } from './src/formats/read-lays.ts';
import { draftSvg, laySvg } from './src/formats/svg.ts';
import { purchaseUnit } from './src/lay/buying.ts';
import { checkLay } from './src/lay/check-lay.ts';
import { compareWidths, type WidthPlan } from './src/lay/compare-widths.ts';
import { choosePlan } from './src/lay/choose-plan.ts';
import { layPieceOf } from './src/lay/layable.ts';
import { folds, type Fold, type Lay } from './src/lay/lay.ts';
import { layObstacle, planLay, type LayTask } from './src/lay/plan-lay.ts';
import { measureIds, measureOf } from './src/measures/catalogue.ts';
import { readSum } from './src/slate/read-sum.ts';
import { sumJson, unitOf } from './src/slate/sum-json.ts';
import { formatLength } from './src/units/format-length.ts';
import { markLine } from './src/words/mark-words.ts';
import { cutName, foldName, pieceName } from './src/words/names.ts';
import { quantityWords } from './src/words/quantity-words.ts';
import { renderWorking } from './src/workings/render-working.ts';

const USAGE = `bolt measures | draft ORDER.json [--out F.svg] | check ORDER.json | chalk ORDER.json
bolt sum NAME key=value … [--unit in|cm]
bolt lay ORDER.json [--fold auto|open|half|width] [--seconds N | --work N] [--seed N] [--out F.svg] [--prove LAY.json]
Add --json for one JSON document on standard output.`;

/** Bad input ends the run with exit code 2; everything else that throws is a fault of the program. */
class BadInput extends Error {
  readonly fault: Omit<InputFault, 'code'> & { code: string };
  constructor(code: string, field: string, message: string) {
    super(message);
    this.fault = { code, field, message };
  }
}

const options = {
  json: { type: 'boolean', default: false },
  out: { type: 'string' },
  fold: { type: 'string', default: 'auto' },
  seconds: { type: 'string' },
  work: { type: 'string' },
  seed: { type: 'string', default: '1' },
  prove: { type: 'string' },
  unit: { type: 'string', default: 'in' },
} as const;

type Flags = ReturnType<typeof readFlags>;

function readFlags(args: string[]) {
  try {
    return parseArgs({ args, options, allowPositionals: true });
  } catch (error) {
    throw new BadInput(
      'wrong-usage',
      '',
      `${error instanceof Error ? error.message : 'wrong usage'}\n${USAGE}`,
    );
  }
}

/** What a command gives: a document, the same for people, and whether a stop was found. */
interface Answer {
  readonly json: unknown;
  readonly text: string;
  readonly stopped: boolean;
}

function readFile(path: string | undefined, field: string): string {
  if (path === undefined) throw new BadInput('wrong-usage', field, `a file is missing\n${USAGE}`);
  try {
    return readFileSync(path, 'utf8');
  } catch {
    throw new BadInput('no-file', field, `${path} cannot be read.`);
  }
}

function orderFrom(path: string | undefined): Order {
  const order = readOrderText(readFile(path, 'file'));
  if (!order.ok) throw new BadInput(order.fault.code, order.fault.field, order.fault.message);
  return order.value;
}

/** The draft of an order; a figure set by hand that it has not is bad input. */
function draftFrom(order: Order): Draft {
  const draft = draftOrder(order);
  const unknown = draft.findings.find(({ code }) => code === 'figure-unknown')?.where.figure;
  if (unknown !== undefined)
    throw new BadInput(
      'unknown-figure',
      `garments.0.figures.${unknown}`,
      `This draft has no figure ${unknown}; \`bolt draft\` lists them.`,
    );
  return draft;
}

const hasStop = (findings: readonly Finding[]): boolean =>
  findings.some(({ severity }) => severity === 'stop');

const findingLines = (findings: readonly Finding[], order: Order): string[] =>
  findings.map((each) => {
    const { severity, message, remedy } = findingJson(each, order.unit);
    return `${severity}: ${message} ${remedy}`.trim();
  });

function measuresCommand(): Answer {
  const json = measureIds.map((id) => ({ id, ...measureOf(id), standard: measureOf(id).standard ?? null }));
  return {
    json,
    text: json.map(({ id, names, steps }) => `${id}  ${names.join(', ')}. ${steps.join(' ')}`).join('\n'),
    stopped: false,
  };
}

function figuresText({ pieces, figures }: Draft, order: Order): string {
  return pieces
    .map(({ piece }) => {
      const own = figures.filter(({ id }) => id.startsWith(`${piece.id}/`));
      const lines = own.map(
        ({ label, mm, working }) =>
          `  ${label.padEnd(34)}${formatLength(mm, order.unit).padStart(10)}   ${renderWorking(working, order.unit)}`,
      );
      return [`${pieceName(piece.id)}, ${cutName(piece.cut.layers, piece.cut.copies)}`, ...lines].join('\n');
    })
    .join('\n\n');
}

function checkText(draft: Draft, order: Order): string {
  const length = (mm: number) => formatLength(mm, order.unit, { denominator: 16, decimals: 2 });
  const rounds = draft.rounds.map(
    ({ level, finished, ease }) => `${level}: finished ${length(finished)}, ease ${length(ease)}`,
  );
  const seams = draft.seams.map(
    ({ id, lengthA, lengthB, ok }) =>
      `${ok ? 'true ' : 'NOT TRUE'} ${id}: ${length(lengthA)} to ${length(lengthB)}`,
  );
  return [...rounds, ...seams, ...findingLines(draft.findings, order)].join('\n');
}

function draftCommand({ positionals, values }: Flags): Answer {
  const order = orderFrom(positionals[1]);
  const draft = draftFrom(order);
  if (values.out !== undefined) writeFileSync(values.out, draftSvg(draft));
  return {
    json: draftJson(draft, order.unit),
    text: `${figuresText(draft, order)}\n\n${checkText(draft, order)}`,
    stopped: hasStop(draft.findings),
  };
}

function checkCommand({ positionals }: Flags): Answer {
  const order = orderFrom(positionals[1]);
  const draft = draftFrom(order);
  return {
    json: checkJson(draft, order.unit),
    text: checkText(draft, order),
    stopped: hasStop(draft.findings),
  };
}

function chalkCommand({ positionals }: Flags): Answer {
  const order = orderFrom(positionals[1]);
  const draft = draftFrom(order);
  const marks = chalkAll(draft.pieces, order.startLine);
  const json = marks.map((mark) => ({
    piece: mark.piece,
    order: mark.order,
    kind: mark.kind,
    text: markLine(mark, order.unit),
    down: 'down' in mark ? tidy(mark.down) : null,
    out: 'out' in mark ? tidy(mark.out) : null,
    points: mark.points.map(pairOf),
  }));
  const text = json
    .map(({ piece, order: place, text: line }) => `${pieceName(piece)} ${place}. ${line}`)
    .join('\n');
  return { json: { marks: json }, text, stopped: hasStop(draft.findings) };
}

function countFlag(value: string | undefined, name: string, least: number): number | undefined {
  if (value === undefined) return undefined;
  const count = Number(value);
  if (!Number.isFinite(count) || count < least)
    throw new BadInput('wrong-usage', name, `--${name} takes a number of at least ${least}.`);
  return count;
}

function foldsWanted(fold: string): readonly Fold[] {
  if (fold === 'auto') return folds;
  const known = folds.find((each) => each === fold);
  if (!known)
    throw new BadInput(
      'not-yet',
      'fold',
      `--fold ${fold}: this program lays ${['auto', ...folds].join(', ')}.`,
    );
  return [known];
}

const DEFAULT_WORK = 120;
/** Steps of search for each other width: a first idea of what it would take. */
const WIDTH_WORK = 6;

function searchFor(task: LayTask, seconds: number | undefined, work: number): Lay | undefined {
  if (layObstacle(task)) return undefined;
  const end = seconds === undefined ? Infinity : performance.now() + seconds * 1000;
  for (const step of planLay(task)) {
    if (seconds === undefined ? step.work >= work : performance.now() >= end) return step.lay;
  }
  return undefined;
}

function layCommand(flags: Flags): Answer {
  const { positionals, values } = flags;
  const order = orderFrom(positionals[1]);
  const draft = draftFrom(order);
  if (values.prove !== undefined) return proveCommand(order, draft, values.prove);
  const seconds = countFlag(values.seconds, 'seconds', 0);
  const work = countFlag(values.work, 'work', 1) ?? DEFAULT_WORK;
  const seed = countFlag(values.seed, 'seed', 0) ?? 1;
  const wanted = foldsWanted(values.fold);
  const findings: Finding[] = draft.findings.filter(({ code }) => code === 'cloth-missing');
  const lays: (Lay & { widths: WidthPlan[] })[] = [];
  const plans: Lay[] = [];
  for (const cloth of order.cloths) {
    const pieces = draft.pieces.filter(({ piece }) => piece.role === cloth.role).map(layPieceOf);
    if (pieces.length === 0) continue;
    const taskFor = (fold: Fold): LayTask => ({
      pieces,
      cloth,
      fold,
      seed,
      shrinkPercent: order.rules['cloth.shrinkage'],
      buyIn: purchaseUnit(order.unit),
    });
    const found = wanted
      .map((fold) =>
        searchFor(taskFor(fold), seconds === undefined ? undefined : seconds / wanted.length, work),
      )
      .filter((lay) => lay !== undefined);
    const [best, ...others] = choosePlan(found);
    if (!best) {
      findings.push(
        layObstacle(taskFor(wanted[0] ?? 'open')) ?? finding('cloth-too-narrow', { subject: cloth.role }),
      );
      continue;
    }
    const faults = checkLay(best, pieces, cloth).filter(({ code }) => code !== 'outside-length');
    if (faults.length > 0)
      throw new Error(`the search gave a lay that fails its proof: ${JSON.stringify(faults)}`);
    if (cloth.length !== null && best.length > cloth.length)
      findings.push(
        finding('cloth-too-short', { subject: cloth.role }, { found: best.length, expected: cloth.length }),
      );
    lays.push({ ...best, widths: compareWidths(taskFor(best.fold), WIDTH_WORK) });
    plans.push(...others);
  }
  if (values.out !== undefined && lays.length > 0) writeFileSync(values.out, laySvg(lays));
  const text = lays.map(
    (lay) =>
      `${lay.role}: ${foldName[lay.fold]}, ${formatLength(lay.length, order.unit)} long, buy ${lay.buy.amount} ${lay.buy.unit}, ${(100 * lay.utilisation).toFixed(1)} % used; not below ${formatLength(lay.bound, order.unit)}`,
  );
  return {
    json: {
      lays: lays.map(layJson),
      plans: plans.map(layJson),
      findings: findings.map((each) => findingJson(each, order.unit)),
    },
    text: [...text, ...findingLines(findings, order)].join('\n'),
    stopped: hasStop(findings),
  };
}

function proveCommand(order: Order, draft: Draft, path: string): Answer {
  let file: unknown;
  const text = readFile(path, 'prove');
  try {
    file = JSON.parse(text);
  } catch {
    throw new BadInput('malformed-json', 'prove', `${path} is not JSON.`);
  }
  const lays = readLays(file);
  if (!lays.ok) throw new BadInput(lays.fault.code, lays.fault.field, lays.fault.message);
  const faults = lays.value.flatMap((lay) => {
    const cloth = order.cloths.find(({ role }) => role === lay.role);
    if (!cloth) throw new BadInput('wrong-shape', 'prove', `The order has no ${lay.role} cloth.`);
    return checkLay(lay, draft.pieces.filter(({ piece }) => piece.role === lay.role).map(layPieceOf), cloth);
  });
  const ok = faults.length === 0;
  return {
    json: { ok, faults },
    text: ok ? 'proved' : faults.map(({ code, pieces }) => `${code}: ${pieces.join(', ')}`).join('\n'),
    stopped: !ok,
  };
}

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

function sumCommand({ positionals: [, name = '', ...written], values }: Flags): Answer {
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

function run(flags: Flags): Answer {
  const [command] = flags.positionals;
  switch (command) {
    case 'measures':
      return measuresCommand();
    case 'draft':
      return draftCommand(flags);
    case 'check':
      return checkCommand(flags);
    case 'chalk':
      return chalkCommand(flags);
    case 'lay':
      return layCommand(flags);
    case 'sum':
      return sumCommand(flags);
    case undefined:
    default:
      throw new BadInput(
        'wrong-usage',
        'command',
        `${command === undefined ? 'a command is missing' : `${command} is not a command`}\n${USAGE}`,
      );
  }
}

function main(args: string[]): number {
  const wantsJson = args.includes('--json');
  try {
    const answer = run(readFlags(args));
    process.stdout.write(`${wantsJson ? JSON.stringify(answer.json) : answer.text}\n`);
    return answer.stopped ? 1 : 0;
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    if (wantsJson) process.stdout.write(`${JSON.stringify({ error: error.fault })}\n`);
    else process.stderr.write(`${error.message}\n`);
    return 2;
  }
}

process.exitCode = main(process.argv.slice(2));
