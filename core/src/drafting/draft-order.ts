import { finding, type Finding } from '../checks/finding.ts';
import type { Order } from '../formats/order/order.ts';
import { checkMeasures } from '../measures/plausibility.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import type { Draft } from './draft.ts';

/** What an order needs to be drafted; an order read from a file has it, and so has a ticket. */
export type DraftableOrder = Pick<
  Order,
  'client' | 'person' | 'style' | 'choices' | 'allowances' | 'rules' | 'cloths' | 'figures'
>;

const severityRank = { stop: 0, care: 1, note: 2 } as const;

/** Drafts an order: the style's draft, with what its measures and cloths give rise to. Stops come first. */
export function draftOrder(order: DraftableOrder): Draft {
  const draft = recipeOf(order.style).draft(order);
  const roles = [...new Set(draft.pieces.map(({ piece }) => piece.role))];
  const clothless = roles
    .filter((role) => !order.cloths.some((cloth) => cloth.role === role))
    .map((role): Finding =>
      finding('cloth-missing', { subject: role }, { remedy: { kind: 'add-cloth', role } }),
    );
  const findings = [
    ...draft.findings,
    ...(order.style.neckCord && order.client.kind === 'child' ? [finding('child-neck-cord', {})] : []),
    ...checkMeasures(order.person.values, order.client.kind, order.rules),
    ...clothless,
  ];
  return { ...draft, findings: findings.sort((a, b) => severityRank[a.severity] - severityRank[b.severity]) };
}
