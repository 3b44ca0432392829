import { finding, type Finding } from '../findings/finding.ts';
import type { Order } from './order.ts';
import { chalkFor, contrast } from '../chalk/chalk-colour.ts';
import type { Cloth } from '../lay/model/cloth.ts';
import { checkMeasures } from '../checks/plausibility.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { finishPiece } from '../pieces/drafted-piece.ts';
import type { Draft } from '../drafting/draft.ts';
import type { Piece } from '../pieces/piece.ts';
import { mayBeJoined, maySwitchCloth, offFold } from '../drafting/operations/pieces/off-fold.ts';

/** An order as far as it is needed for a draft; an order read from a file has it, and so has a ticket. */
export type DraftableOrder = Pick<
  Order,
  'client' | 'person' | 'style' | 'choices' | 'allowances' | 'rules' | 'cloths' | 'figures'
> &
  Partial<Pick<Order, 'corrections'>>;

/** A chalk shows well at this contrast. WCAG 2, success criterion 1.4.3, for text. */
const SHOWS = 4.5;

/** Cloths on which no chalk of the drawer shows well. */
const unseen = (cloths: readonly Cloth[]): Finding[] =>
  cloths.flatMap(({ role, colour }) => {
    const chalk = chalkFor(colour);
    const shows = contrast(chalk.colour, colour);
    return shows >= SHOWS
      ? []
      : [finding('chalk-hardly-shows', { subject: role }, { contrast: shows, chalk: chalk.name })];
  });

const severityRank = { stop: 0, care: 1, note: 2 } as const;

/** The draft with those pieces cut in two that their cloth is too dear or too short for; one that may not be joined is left as it is. */
function withJoins(draft: Draft, { cloths, rules }: DraftableOrder): Draft {
  const joined = new Set(cloths.flatMap((cloth) => (cloth.joined ?? []).map((id) => `${cloth.role} ${id}`)));
  if (joined.size === 0) return draft;
  return {
    ...draft,
    pieces: draft.pieces.map((drafted) => {
      const { piece } = drafted;
      return joined.has(`${piece.role} ${piece.id}`) && mayBeJoined(piece)
        ? finishPiece(offFold(piece, rules['allowance.join']))
        : drafted;
    }),
  };
}

/** The draft with those pieces of another cloth's that a cloth takes; one that has to be of the cloth that shows stays there. */
function withTaken(draft: Draft, { cloths }: DraftableOrder): Draft {
  if (!cloths.some(({ takes = [] }) => takes.length > 0)) return draft;
  return {
    ...draft,
    pieces: draft.pieces.map((drafted) => {
      const { piece } = drafted;
      const taker = cloths.find(({ takes = [] }) => takes.includes(piece.id));
      return taker && maySwitchCloth(piece) ? { ...drafted, piece: { ...piece, role: taker.role } } : drafted;
    }),
  };
}

/** The usual cautions of children's wear; what is allowed, local rules say. */
function childFindings({ adultsOnly, neckCord }: DraftableOrder['style'], { pieces }: Draft): Finding[] {
  const has = (is: (piece: Piece) => boolean): boolean => pieces.some(({ piece }) => is(piece));
  return [
    ...(adultsOnly ? [finding('not-for-children', {})] : []),
    ...(neckCord ? [finding('child-neck-cord', {})] : []),
    ...(has(({ role }) => role === 'net') ? [finding('child-burns-fast', {})] : []),
    ...(has(({ buttons = [] }) => buttons.length > 0) ? [finding('child-small-parts', {})] : []),
  ];
}

/** Drafts an order: the style's draft, with what its measures and cloths give rise to. Stops come first. */
export function draftOrder(order: DraftableOrder): Draft {
  const draft = withTaken(withJoins(recipeOf(order.style).draft(order), order), order);
  const roles = [...new Set(draft.pieces.map(({ piece }) => piece.role))];
  const clothless = roles
    .filter((role) => !order.cloths.some((cloth) => cloth.role === role))
    .map((role): Finding =>
      finding('cloth-missing', { subject: role }, { remedy: { kind: 'add-cloth', role } }),
    );
  const findings = [
    ...draft.findings,
    ...(order.client.kind === 'child' ? childFindings(order.style, draft) : []),
    ...checkMeasures(order.person.values, order.client.kind, order.rules),
    ...unseen(order.cloths),
    ...clothless,
  ];
  return { ...draft, findings: findings.sort((a, b) => severityRank[a.severity] - severityRank[b.severity]) };
}
