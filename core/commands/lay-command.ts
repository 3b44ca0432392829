import { writeFileSync } from 'node:fs';
import { finding } from '../src/findings/finding.ts';
import type { Finding } from '../src/findings/finding.ts';
import { parseFile } from '../src/formats/check-file.ts';
import { findingJson } from '../src/formats/draft-json.ts';
import { layJson } from '../src/formats/lay-json.ts';
import type { Order } from '../src/shop/order.ts';
import type { SignOffs } from '../src/shop/sign-off.ts';
import { readOrder } from '../src/formats/order/read-order.ts';
import { readPieces } from '../src/formats/pieces/read-pieces.ts';
import { readLays } from '../src/formats/read-lays.ts';
import { laySvg } from '../src/formats/svg.ts';
import { purchaseUnit } from '../src/lay/buy/buying.ts';
import { checkLay } from '../src/lay/proof/check-lay.ts';
import { compareWidths } from '../src/lay/plan/compare-widths.ts';
import type { WidthPlan } from '../src/lay/plan/compare-widths.ts';
import { choosePlan } from '../src/lay/plan/choose-plan.ts';
import { longEnough, type Cloth } from '../src/lay/model/cloth.ts';
import { pinnableWays } from '../src/lay/model/pinned.ts';
import { layPiecesOn } from '../src/lay/model/layable.ts';
import type { LayPiece } from '../src/lay/model/layable.ts';
import { layWays } from '../src/lay/model/lay.ts';
import type { LayWay, Lay } from '../src/lay/model/lay.ts';
import { noFitCache } from '../src/lay/no-fit/no-fit-cache.ts';
import type { NoFitCache } from '../src/lay/no-fit/no-fit-cache.ts';
import { layObstacle, planLay } from '../src/lay/plan/plan-lay.ts';
import type { LayTask } from '../src/lay/model/lay-task.ts';
import { formatLength } from '../src/units/format-length.ts';
import type { Unit } from '../src/units/length.ts';
import { foldName } from '../src/words/names.ts';
import { BadInput, readFile, draftFrom, findingLines, heldBy, heldLines, valueOf } from './answer.ts';
import type { Answer, Flags } from './answer.ts';

function countFlag(value: string | undefined, name: string, least: number): number | undefined {
  if (value === undefined) return undefined;
  const count = Number(value);
  if (!Number.isFinite(count) || count < least)
    throw new BadInput('wrong-usage', name, `--${name} takes a number of at least ${least}.`);
  return count;
}

function foldsWanted(fold: string): readonly LayWay[] {
  if (fold === 'auto') return layWays;
  const known = layWays.find((each) => each === fold);
  if (!known)
    throw new BadInput(
      'wrong-usage',
      'fold',
      `--fold ${fold}: cloth is laid ${['auto', ...layWays].join(', ')}.`,
    );
  return [known];
}

export const DEFAULT_WORK = 2000;
/** Steps of search for each other width: a first idea of what it would take. */
const WIDTH_WORK = 150;

function searchFor(task: LayTask, seconds: number | undefined, work: number, book: NoFitCache): Lay {
  const end = seconds === undefined ? Infinity : performance.now() + seconds * 1000;
  for (const step of planLay(task, book)) {
    if (seconds === undefined ? step.work >= work : performance.now() >= end) return step.lay;
  }
  throw new Error('the search never ends by itself');
}

interface SearchFlags {
  readonly wanted: readonly LayWay[];
  readonly seconds: number | undefined;
  readonly work: number;
  readonly seed: number;
}

/** What is laid on a cloth, as of the lays before it. */
interface LayJob {
  readonly cloth: Cloth;
  /** Whether another cloth is pinned under it. */
  readonly isAbove: boolean;
  readonly piecesWith: (lays: readonly Lay[]) => readonly LayPiece[];
}

/** What is laid on which cloths, from an order or from a pieces file. */
interface LayInput {
  readonly unit: Unit;
  readonly shrinkPercent: number;
  /** What a lay leaves open that is not of the lays. */
  readonly findings: readonly Finding[];
  /** Stops that somebody took on: one that is open holds the lay. */
  readonly signedOff: SignOffs;
  /** Cloths in the order in which they are laid: what is pinned under another one after it. */
  readonly jobs: readonly LayJob[];
}

export function orderInput(order: Order): LayInput {
  const draft = draftFrom(order);
  return {
    unit: order.unit,
    shrinkPercent: order.rules['cloth.shrinkage'],
    findings: draft.findings.filter(
      ({ code, severity }) =>
        severity === 'stop' || code === 'cloth-missing' || code === 'chalk-hardly-shows',
    ),
    signedOff: order.signedOff,
    jobs: [...order.cloths]
      .sort((a, b) => Number(a.under !== undefined) - Number(b.under !== undefined))
      .map((cloth): LayJob => ({
        cloth,
        isAbove: order.cloths.some(({ under }) => under === cloth.role),
        piecesWith: (lays) =>
          layPiecesOn(cloth, draft.pieces, {
            cloths: order.cloths,
            lays: Object.fromEntries(lays.map((lay) => [lay.role, lay])),
          }),
      }))
      .filter(({ piecesWith }) => piecesWith([]).length > 0),
  };
}

function inputFrom(path: string | undefined): LayInput {
  const file = valueOf(parseFile(readFile(path, 'file')));
  const isPieces =
    typeof file === 'object' && file !== null && 'format' in file && file.format === 'ample-bolt/pieces';
  if (!isPieces) return orderInput(valueOf(readOrder(file)));
  const { unit, cloth, pieces, findings } = valueOf(readPieces(file));
  return {
    unit,
    shrinkPercent: 0,
    findings,
    signedOff: {},
    jobs: [{ cloth, isAbove: false, piecesWith: () => pieces }],
  };
}

/** The chosen plan of a cloth with its alternatives, or why there is none. */
function laysOn(
  { cloth, isAbove, piecesWith }: LayJob,
  before: readonly Lay[],
  { unit, shrinkPercent }: LayInput,
  { wanted, seed, seconds, work }: SearchFlags,
): {
  readonly best?: Lay & { widths: WidthPlan[] };
  readonly others: readonly Lay[];
  readonly findings: readonly Finding[];
} {
  const pieces = piecesWith(before);
  const taskFor = (fold: LayWay): LayTask => ({
    pieces,
    cloth,
    fold,
    seed,
    shrinkPercent,
    buyIn: purchaseUnit(unit),
  });
  const ways = isAbove && wanted.length > 1 ? wanted.filter((fold) => pinnableWays.includes(fold)) : wanted;
  const possible = ways.map(taskFor).filter((task) => !layObstacle(task));
  const book = noFitCache();
  const found = possible.map((task) =>
    searchFor(task, seconds === undefined ? undefined : seconds / possible.length, work, book),
  );
  const [best, ...others] = choosePlan(found);
  if (!best) {
    const obstacle = layObstacle(taskFor(wanted[0] ?? 'open'));
    return { others, findings: obstacle ? [obstacle] : [] };
  }
  const faults = checkLay(best, pieces, longEnough(cloth, best.length));
  if (faults.length > 0)
    throw new Error(`the search gave a lay that fails its proof: ${JSON.stringify(faults)}`);
  const short = cloth.length !== null && best.length > cloth.length;
  return {
    best: { ...best, widths: compareWidths(taskFor(best.fold), WIDTH_WORK, book) },
    others,
    findings: short
      ? [finding('cloth-too-short', { subject: cloth.role }, { found: best.length, expected: cloth.length })]
      : [],
  };
}

/** Every cloth laid in its order, each knowing those before it. */
export const layAll = (input: LayInput, flags: SearchFlags): readonly ReturnType<typeof laysOn>[] =>
  input.jobs.reduce<readonly ReturnType<typeof laysOn>[]>((before, job) => {
    const lays = before.flatMap(({ best }) => (best ? [best] : []));
    return [...before, laysOn(job, lays, input, flags)];
  }, []);

export function layCommand({ positionals, values }: Flags): Answer {
  const input = inputFrom(positionals[1]);
  if (values.prove !== undefined) return proveCommand(input, values.prove);
  const flags: SearchFlags = {
    wanted: foldsWanted(values.fold),
    seconds: countFlag(values.seconds, 'seconds', 0),
    work: countFlag(values.work, 'work', 1) ?? DEFAULT_WORK,
    seed: countFlag(values.seed, 'seed', 0) ?? 1,
  };
  const held = heldBy(input.findings, input);
  if (held.length > 0)
    return {
      json: { lays: [], plans: [], findings: input.findings.map((each) => findingJson(each, input.unit)) },
      text: heldLines(held, input.unit).join('\n'),
      stopped: true,
    };
  const laid = layAll(input, flags);
  const lays = laid.flatMap(({ best }) => (best ? [best] : []));
  const findings = [...input.findings, ...laid.flatMap((each) => each.findings)];
  if (values.out !== undefined && lays.length > 0) writeFileSync(values.out, laySvg(lays));
  const text = lays.map(
    (lay) =>
      `${lay.role}: ${foldName[lay.fold]}, ${formatLength(lay.length, input.unit)} long, buy ${lay.buy.amount} ${lay.buy.unit}, ${(100 * lay.utilisation).toFixed(1)} % used; not below ${formatLength(lay.bound, input.unit)}`,
  );
  return {
    json: {
      lays: lays.map(layJson),
      plans: laid.flatMap(({ others }) => others.map(layJson)),
      findings: findings.map((each) => findingJson(each, input.unit)),
    },
    text: [...text, ...findingLines(findings, input.unit)].join('\n'),
    stopped: heldBy(findings, input).length > 0,
  };
}

function proveCommand({ jobs }: LayInput, path: string): Answer {
  const lays = valueOf(readLays(valueOf(parseFile(readFile(path, 'prove')))));
  const faults = lays.flatMap((lay) => {
    const job = jobs.find(({ cloth }) => cloth.role === lay.role);
    if (!job) throw new BadInput('wrong-shape', 'prove', `There is no ${lay.role} cloth to lay on.`);
    return checkLay(lay, job.piecesWith(lays), job.cloth);
  });
  const ok = faults.length === 0;
  return {
    json: { ok, faults },
    text: ok ? 'proved' : faults.map(({ code, pieces }) => `${code}: ${pieces.join(', ')}`).join('\n'),
    stopped: !ok,
  };
}
