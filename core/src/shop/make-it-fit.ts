import { draftOrder } from './draft-order.ts';
import { mayBeJoined, maySwitchCloth } from '../drafting/operations/pieces/off-fold.ts';
import type { Draft } from '../drafting/draft.ts';
import { checkLay } from '../lay/proof/check-lay.ts';
import { usableWidth, type Cloth } from '../lay/model/cloth.ts';
import { usualWidths } from '../lay/plan/compare-widths.ts';
import type { Lay, LayWay } from '../lay/model/lay.ts';
import { lengthBound } from '../lay/plan/length-bound.ts';
import { noFitCache, type NoFitCache } from '../lay/no-fit/no-fit-cache.ts';
import { layObstacle, planLay } from '../lay/plan/plan-lay.ts';
import type { LayTask } from '../lay/model/lay-task.ts';
import type { ClothRole } from '../pieces/piece.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { isAsked, type LengthChoice } from '../garment/choice.ts';
import { formatNumber } from '../units/format-length.ts';
import { inches, type Unit } from '../units/length.ts';
import { parseLength } from '../units/parse-length.ts';
import { layTaskOf } from './lay-task.ts';
import { openStops } from './sign-off.ts';
import { orderOfTicket, type Ticket, type TicketInputs } from './ticket.ts';

/** What could be changed so that a garment comes out of the cloth in hand. */
export type FitWay =
  /** Eases taken down by a part of what they can lose, or one length made shorter by so much, mm: what the choices become, as typed. */
  | {
      readonly kind: 'ease' | 'shorter';
      readonly choices: { readonly [id: string]: string };
      readonly by: number;
    }
  /** Pieces cut with a join where they would lie on the fold, by their ids. */
  | { readonly kind: 'join'; readonly pieces: readonly string[] }
  /** Pieces cut from another cloth of the ticket, which is still to be bought. */
  | { readonly kind: 'other'; readonly pieces: readonly string[]; readonly role: ClothRole }
  /** Another cloth of the same length, so wide, mm. */
  | { readonly kind: 'width'; readonly mm: number };

/** What came of a way: the lay by which it fits, or how long the shortest lay that was found still is, mm. */
type Found =
  | { readonly fits: true; readonly lay: Lay }
  | {
      readonly fits: false;
      readonly length: number;
      /** It was not searched: no lay could be shorter, and even that would be too long. */
      readonly atLeast?: true;
    };

export type FitTry = Found & { readonly way: FitWay };

/** What of a ticket is tried with. */
export type FitTicket = TicketInputs & Pick<Ticket, 'unit' | 'signedOff'>;

/** Lengths by which a garment may become shorter, the least first, mm. */
const SHORTER = [1, 2, 4].map(inches);
/** Parts of what the eases can lose. */
const LESS_EASE = [0.5, 1];
/** Choices that are the length of something. */
const LENGTHS = ['length', 'sleeve', 'tail', 'skirtLength'];

/** A length as the tape reads it, so that what is tried is what the ticket will say. */
const typed = (mm: number, unit: Unit): string =>
  `${formatNumber(mm, unit, { denominator: 16, decimals: 2 })} ${unit}`;

function easeWays(lengths: readonly (readonly [string, LengthChoice, number])[], unit: Unit): FitWay[] {
  const eases = lengths.filter(([, { group, least }, mm]) => group === 'Ease' && mm > least + 1);
  if (eases.length === 0) return [];
  return LESS_EASE.map((part) => ({
    kind: 'ease',
    choices: Object.fromEntries(
      eases.map(([id, { least }, mm]) => [id, typed(mm - part * (mm - least), unit)]),
    ),
    by: Math.max(...eases.map(([, { least }, mm]) => part * (mm - least))),
  }));
}

/** All that may be joined, joined: what it costs in seams is little beside what it frees. */
function joinWays({ pieces }: Draft, role: ClothRole): FitWay[] {
  const joinable = pieces.filter(({ piece }) => piece.role === role && mayBeJoined(piece));
  return joinable.length > 0 ? [{ kind: 'join', pieces: joinable.map(({ piece }) => piece.id) }] : [];
}

const shorterWays = (lengths: readonly (readonly [string, LengthChoice, number])[], unit: Unit): FitWay[] =>
  lengths
    .filter(([id]) => LENGTHS.includes(id))
    .flatMap(([id, { least }, mm]) =>
      SHORTER.filter((by) => mm - by >= least).map((by): FitWay => ({
        kind: 'shorter',
        choices: { [id]: typed(mm - by, unit) },
        by,
      })),
    );

/** A way that changes cloths, and no choice. */
export type ClothWay = Extract<FitWay, { kind: 'join' | 'other' | 'width' }>;

/** A cloth as a way would change it: another one so wide has none of its places. */
const changedCloth = (cloth: Cloth, way: Extract<FitWay, { kind: 'join' | 'width' }>): Cloth =>
  way.kind === 'join'
    ? { ...cloth, joined: [...(cloth.joined ?? []), ...way.pieces] }
    : { ...cloth, width: way.mm, flaws: [], panels: [], outline: undefined };

/** What may be cut from another cloth is, where there is a lining that is bought as long as is asked. */
function otherWays({ pieces }: Draft, role: ClothRole, cloths: readonly Cloth[]): FitWay[] {
  const small = pieces
    .filter(({ piece }) => piece.role === role && maySwitchCloth(piece))
    .map(({ piece }) => piece.id);
  if (small.length === 0 || role === 'lining') return [];
  return cloths
    .filter((cloth) => cloth.role === 'lining' && cloth.length === null)
    .map((cloth) => ({ kind: 'other', pieces: small, role: cloth.role }));
}

/** The cloths of a ticket as a way would change them. */
export const changedCloths = (cloths: readonly Cloth[], role: ClothRole, way: ClothWay): Cloth[] =>
  cloths.map((cloth) => {
    if (way.kind !== 'other') return cloth.role === role ? changedCloth(cloth, way) : cloth;
    return cloth.role === way.role ? { ...cloth, takes: [...(cloth.takes ?? []), ...way.pieces] } : cloth;
  });

/** The ticket as a way would change it. */
function changed(ticket: FitTicket, role: ClothRole, way: FitWay): FitTicket {
  if (!('choices' in way)) return { ...ticket, cloths: changedCloths(ticket.cloths, role, way) };
  const entered = Object.entries(way.choices).map(([id, text]) => {
    const read = parseLength(text, ticket.unit);
    return [id, { mm: read.ok ? read.mm : 0, typed: text }] as const;
  });
  return { ...ticket, choices: { ...ticket.choices, ...Object.fromEntries(entered) } };
}

function draftOf(ticket: FitTicket): Draft | undefined {
  const order = orderOfTicket(ticket);
  return order && draftOrder(order);
}

/** Searches one way of laying until the lay is one that the cloth has, or for so many steps; undefined where it cannot be laid so. */
function searched(task: LayTask, work: number, book: NoFitCache): Found | undefined {
  if (layObstacle(task)) return undefined;
  const most = task.cloth.length ?? Infinity;
  const least = lengthBound(task.pieces, usableWidth(task.cloth));
  if (least > most) return { fits: false, length: least, atLeast: true };
  let length = Infinity;
  for (const step of planLay(task, book)) {
    if (step.improved) {
      length = step.lay.length;
      if (length <= most && checkLay(step.lay, task.pieces, task.cloth).length === 0)
        return { fits: true, lay: step.lay };
    }
    if (step.work >= work) break;
  }
  return { fits: false, length };
}

/** What a changed ticket comes to: laid in the way that is on the table, and open, which is often shorter and asks more chalk. */
function tried(
  ticket: FitTicket,
  draft: Draft,
  cloth: Cloth,
  fold: LayWay,
  work: number,
  book: NoFitCache,
): Found | undefined {
  let best: Found | undefined;
  for (const way of new Set<LayWay>([fold, 'open'])) {
    const found = searched(layTaskOf(ticket, draft.pieces, cloth, way, 1), work, book);
    if (found?.fits) return found;
    if (found && !(best && !best.fits && best.length <= found.length)) best = found;
  }
  return best;
}

/**
 * Tries what would make a garment fit on cloth that is too short, each for real: drafted anew and laid for `work` steps. Yields every try;
 * of several sizes of one change none is tried after the first that fits. What would bring a new stop into the draft is left out.
 */
export function* makeItFit(
  ticket: FitTicket,
  role: ClothRole,
  fold: LayWay,
  work: number,
): Generator<FitTry, void> {
  const order = orderOfTicket(ticket);
  const before = draftOf(ticket);
  const own = ticket.cloths.find((cloth) => cloth.role === role);
  if (!order || !before || !own) return;
  const stops = openStops(before.findings, ticket.signedOff).length;
  const values = recipeOf(order.style).chosen(order);
  const lengths = Object.entries(order.style.choices).flatMap(([id, choice]) => {
    const mm = values[id];
    return choice.kind === 'length' && isAsked(choice, values) && typeof mm === 'number'
      ? [[id, choice, mm] as const]
      : [];
  });
  const widths = usualWidths
    .filter((width) => width > own.width + 1)
    .map((mm): FitWay => ({ kind: 'width', mm }));
  const book = noFitCache();
  for (const ways of [
    joinWays(before, role),
    otherWays(before, role, ticket.cloths),
    easeWays(lengths, ticket.unit),
    ...grouped(shorterWays(lengths, ticket.unit)),
    widths,
  ])
    for (const way of ways) {
      const next = changed(ticket, role, way);
      const draft = way.kind === 'width' ? before : draftOf(next);
      const cloth = next.cloths.find((each) => each.role === role);
      if (!draft || !cloth || openStops(draft.findings, ticket.signedOff).length > stops) continue;
      const found = tried(next, draft, cloth, fold, work, book);
      if (!found) continue;
      yield { way, ...found };
      if (found.fits) break;
    }
}

/** Ways that change the same choices, together. */
function grouped(ways: readonly FitWay[]): FitWay[][] {
  const groups = new Map<string, FitWay[]>();
  for (const way of ways) {
    const key = 'choices' in way ? Object.keys(way.choices).join() : way.kind;
    groups.set(key, [...(groups.get(key) ?? []), way]);
  }
  return [...groups.values()];
}
