import type { ContentChange } from '@ample-bolt/core/shop/compare-contents';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { parseLength } from '@ample-bolt/core/units/parse-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { changeWords } from '@ample-bolt/core/words/change-words';
import type { TicketChange } from './ticket-changes.ts';

/** A field that a change writes, or that it stands on. */
export interface Touched {
  /** The field, by the name that differences between two states of a ticket have. */
  readonly key: string;
  /** What it writes there, as it was typed; none where it only stands on the field, and any other hand there is in its way. */
  readonly mine?: string;
}

/** Name of the field that a difference is in: an option and a length of one choice are one field. */
function keyOf(change: ContentChange): string {
  const part = change.part === 'option' ? 'choice' : change.part;
  if ('id' in change) return `${part} ${change.id}`;
  return 'role' in change ? `${part} ${change.role}` : part;
}

const written = (part: string, texts: { readonly [id: string]: string } = {}): Touched[] =>
  Object.entries(texts).map(([id, mine]) => ({ key: `${part} ${id}`, mine }));

/** Texts of what is there; a value that is left out is not written. */
const conditions = (values: { readonly [id: string]: string | undefined }): Touched[] =>
  Object.entries(values).flatMap(([id, mine]) =>
    mine === undefined ? [] : [{ key: `condition ${id}`, mine }],
  );

/**
 * Fields that a change touches. Undefined for one that only makes sense on the very ticket that was on screen: a step of
 * undo or redo.
 */
export function touchedBy({ part, change }: TicketChange): readonly Touched[] | undefined {
  switch (part) {
    case 'ticket': {
      const { dueOn, ...others } = change;
      const texts = { ...others, due: dueOn };
      return Object.entries(texts).flatMap(([key, mine]) => (mine === undefined ? [] : [{ key, mine }]));
    }
    case 'measures': {
      const { values, garment, observations, anew, ...rest } = change;
      return [
        { key: 'condition set' },
        ...(anew ? [] : written('measure', values)),
        ...written('garment', garment?.values),
        ...conditions({ ...rest, ...observations, pleats: garment?.pleats?.toString() }),
      ];
    }
    case 'client':
      return [];
    case 'home':
      return [{ key: 'condition set' }];
    case 'style':
      return [{ key: 'style', mine: change.styleId }];
    case 'choices':
      return [{ key: 'style' }, ...written('choice', change.choices)];
    case 'rules':
      return Object.entries(change.rules).map(([id, text]) => ({ key: `rule ${id}`, mine: text ?? '' }));
    case 'figures':
      return [
        { key: 'style' },
        ...Object.entries(change.figures).map(([id, set]) => ({
          key: `figure ${id}`,
          mine: set?.value ?? '',
        })),
      ];
    case 'sign-offs':
      return Object.entries(change.signedOff).map(([key, signed]) => ({
        key: `sign-off ${key}`,
        mine: signed?.why ?? '',
      }));
    case 'cloths':
      return [
        { key: 'unit' },
        ...change.cloths.map(({ role, name = '' }) => ({ key: `cloth ${role}`, mine: name })),
        ...(change.without ?? []).map((role) => ({ key: `cloth ${role}`, mine: '' })),
      ];
    case 'lay':
      return [
        { key: `cloth ${change.role}` },
        { key: `lay ${change.role}`, mine: change.lay ? 'yours' : 'none' },
      ];
    case 'place':
      return undefined;
  }
}

/** One field that two hands changed. */
export interface Conflict {
  readonly what: string;
  readonly mine: string;
  readonly theirs: string;
  /** Whether mine can still be put there: what the change stands on may be another by now. */
  readonly canPut: boolean;
}

/** Lengths that are told apart by less were typed in two units. */
const SAME = 0.1;

function isSame(change: ContentChange, mine: string, unit: Unit): boolean {
  const { after } = change;
  if (after === undefined) return mine.trim() === '';
  if (typeof after !== 'number') return String(after) === mine;
  const parsed = parseLength(mine, unit);
  return parsed.ok && Math.abs(parsed.mm - after) < SAME;
}

/** How what was typed here reads beside what the other hand put there. */
function mineWords(change: ContentChange, mine: string, { styleId, unit }: Ticket): string {
  if (change.part === 'option' || change.part === 'choice') {
    const typed = mine.trim() === '' ? undefined : mine;
    return changeWords(
      { part: 'option', id: change.id, ...(typed !== undefined && { after: typed }) },
      styleId,
      unit,
    ).after;
  }
  return mine.trim() === '' ? 'nothing' : mine;
}

/** Fields of a change that others changed meanwhile to something else, the last of them for each. */
export function conflictsOf(
  touched: readonly Touched[],
  foreign: readonly ContentChange[],
  ticket: Ticket,
): Conflict[] {
  return touched.flatMap(({ key, mine }): Conflict[] => {
    const change = foreign.findLast((each) => keyOf(each) === key);
    if (!change || (mine !== undefined && isSame(change, mine, ticket.unit))) return [];
    const { what, after } = changeWords(change, ticket.styleId, ticket.unit);
    return [
      {
        what,
        mine: mine === undefined ? 'made for how it was' : mineWords(change, mine, ticket),
        theirs: after,
        canPut: mine !== undefined,
      },
    ];
  });
}
