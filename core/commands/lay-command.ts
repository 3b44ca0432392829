import { writeFileSync } from 'node:fs';
import { finding } from '../src/checks/finding.ts';
import type { Finding } from '../src/checks/finding.ts';
import type { Draft } from '../src/drafting/draft.ts';
import { findingJson } from '../src/formats/draft-json.ts';
import { layJson } from '../src/formats/lay-json.ts';
import type { Order } from '../src/formats/order/order.ts';
import { readLays } from '../src/formats/read-lays.ts';
import { laySvg } from '../src/formats/svg.ts';
import { purchaseUnit } from '../src/lay/buying.ts';
import { checkLay } from '../src/lay/check-lay.ts';
import { compareWidths } from '../src/lay/compare-widths.ts';
import type { WidthPlan } from '../src/lay/compare-widths.ts';
import { choosePlan } from '../src/lay/choose-plan.ts';
import { layPieceOf } from '../src/lay/layable.ts';
import { folds } from '../src/lay/lay.ts';
import type { Fold, Lay } from '../src/lay/lay.ts';
import { noFitBook } from '../src/lay/no-fit/no-fit-book.ts';
import type { NoFitBook } from '../src/lay/no-fit/no-fit-book.ts';
import { layObstacle, planLay } from '../src/lay/plan-lay.ts';
import type { LayTask } from '../src/lay/plan-lay.ts';
import { formatLength } from '../src/units/format-length.ts';
import { foldName } from '../src/words/names.ts';
import { BadInput, readFile, orderFrom, draftFrom, hasStop, findingLines } from './answer.ts';
import type { Answer, Flags } from './answer.ts';

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
      'wrong-usage',
      'fold',
      `--fold ${fold}: cloth is laid ${['auto', ...folds].join(', ')}.`,
    );
  return [known];
}

const DEFAULT_WORK = 2000;
/** Steps of search for each other width: a first idea of what it would take. */
const WIDTH_WORK = 150;

function searchFor(
  task: LayTask,
  seconds: number | undefined,
  work: number,
  book: NoFitBook,
): Lay | undefined {
  if (layObstacle(task)) return undefined;
  const end = seconds === undefined ? Infinity : performance.now() + seconds * 1000;
  for (const step of planLay(task, book)) {
    if (seconds === undefined ? step.work >= work : performance.now() >= end) return step.lay;
  }
  return undefined;
}

export function layCommand(flags: Flags): Answer {
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
    const book = noFitBook();
    const found = wanted
      .map((fold) =>
        searchFor(taskFor(fold), seconds === undefined ? undefined : seconds / wanted.length, work, book),
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
    lays.push({ ...best, widths: compareWidths(taskFor(best.fold), WIDTH_WORK, book) });
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

export function proveCommand(order: Order, draft: Draft, path: string): Answer {
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
