import type { Finding } from '../src/findings/finding.ts';
import type { Order } from '../src/shop/order.ts';
import { layWays } from '../src/lay/model/lay.ts';
import { DEFAULT_WORK, layAll, orderInput } from './lay-command.ts';

/** Cloths that are shorter than their plan, as `bolt lay` finds them: those whose length is known are laid, and what they are pinned under. */
export function shortCloths(order: Order): Finding[] {
  const known = order.cloths.filter(({ length }) => length !== null);
  const roles = new Set(known.flatMap(({ role, under }) => (under ? [role, under] : [role])));
  const input = orderInput(order);
  const jobs = input.jobs.filter(({ cloth }) => roles.has(cloth.role));
  const laid = layAll(
    { ...input, jobs },
    { wanted: layWays, seconds: undefined, work: DEFAULT_WORK, seed: 1 },
  );
  return laid.flatMap(({ findings }) => findings.filter(({ code }) => code === 'cloth-too-short'));
}
