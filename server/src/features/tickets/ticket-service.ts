import { chalkLaid } from '@ample-bolt/core/chalk/chalk-piece';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import {
  orderOfTicket,
  type Lays,
  type MeasureSet,
  type Ticket,
  type TicketClient,
  type TicketContent,
  chalkMannerOf,
} from '@ample-bolt/core/shop/ticket';
import { laidLays } from '@ample-bolt/core/shop/laid-lays';
import type { FindingCode } from '@ample-bolt/core/findings/severity';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { clothFileOf } from '@ample-bolt/core/formats/order/write-order';
import { clothRoles } from '@ample-bolt/core/pieces/piece';
import { randomUUID } from 'node:crypto';
import { addDays, format } from 'date-fns';
import { drafted } from '../../drafting/drafting.ts';
import { notFound, Problem } from '../../http/problem.ts';
import { keptChoices, onAnotherBodice } from '@ample-bolt/core/shop/kept-choices';
import {
  knownStyle,
  laidOver,
  readChoiceEntries,
  readClothEntries,
  readFigureEntries,
  readGarmentEntries,
  readMeasureEntries,
  readRuleEntries,
} from '../../http/read-edits.ts';
import { changeTicket, contentOf, goToStep, stale, ticketById } from './ticket-changes.ts';
import { newClient } from '../clients/index.ts';
import { houseRules } from '../house/index.ts';
import type { Stores } from '../../stores/stores.ts';
import type {
  ChoicesEdit,
  ClientEdit,
  ClothsEdit,
  FiguresEdit,
  MeasuresEdit,
  NewTicket,
  PlaceEdit,
  SignOffsEdit,
  StyleEdit,
  TicketCopy,
  TicketEdit,
  TicketRulesEdit,
  TicketStep,
} from '@ample-bolt/core/messages/ticket-messages';

/** What a change of a ticket reads and writes. */
type TicketStores = Pick<Stores, 'tickets' | 'table'>;
/** What is written with a ticket that is opened, or given to another client. */
type OwnerStores = TicketStores & Pick<Stores, 'clients' | 'atOnce'>;

/** Opens a ticket, which keeps the house's rules as they are today; with the choices of a style of the house, where it is made of one. */
export const openTicket = (stores: OwnerStores & Pick<Stores, 'house'>, ticket: NewTicket): Promise<Ticket> =>
  stores.atOnce(async () => {
    const { choices, ...made } = ticket;
    const opened = await open(stores, made);
    return choices ? setChoices(stores, opened.id, { version: opened.version, choices }) : opened;
  });

async function ownerOf(stores: OwnerStores, client: NewTicket['client']): Promise<TicketClient> {
  const owner = 'id' in client ? await stores.clients.find(client.id) : await newClient(stores, client);
  if (!owner)
    throw new Problem(
      422,
      'unknown-client',
      'There is no such client; choose one from the list or write a new name.',
      { field: 'client' },
    );
  return owner;
}

/** Another ticket for the same client: what was measured, agreed and named of this one, for a garment of its own. */
export const copyTicket = (
  stores: TicketStores & Pick<Stores, 'atOnce'>,
  id: string,
  { title, dueOn }: TicketCopy,
): Promise<Ticket> =>
  stores.atOnce(async () => {
    const { client, unit, styleId, rules, measures, choices, figures, cloths } = await ticketById(stores, id);
    const made = await stores.tickets.create({
      title: title.trim(),
      dueOn,
      unit,
      styleId,
      rules,
      clientId: client.id,
    });
    const change = { measures: { ...measures, revision: 1 }, choices, figures, cloths };
    return changeTicket(stores, await ticketById(stores, made), { version: 1 }, change);
  });

/** Gives a ticket to another client, with the measures that were taken for it. */
export const setClient = (stores: OwnerStores, id: string, { client, ...on }: ClientEdit): Promise<Ticket> =>
  stores.atOnce(async () => {
    const ticket = await ticketById(stores, id);
    if (ticket.version !== on.version) throw stale(ticket);
    await stores.tickets.giveTo(id, (await ownerOf(stores, client)).id);
    return ticketById(stores, id);
  });

async function open(
  stores: OwnerStores & Pick<Stores, 'house'>,
  { client, ...ticket }: Omit<NewTicket, 'choices'>,
): Promise<Ticket> {
  knownStyle(ticket.styleId);
  const owner = await ownerOf(stores, client);
  const rules = await houseRules(stores);
  const made = { ...ticket, title: ticket.title.trim(), clientId: owner.id, rules };
  return ticketById(stores, await stores.tickets.create(made));
}

export async function editTicket(
  stores: TicketStores,
  id: string,
  { version, release, by, ...change }: TicketEdit,
): Promise<Ticket> {
  return changeTicket(stores, await ticketById(stores, id), { version, release, by }, change);
}

/** The calendar day in the shop, yyyy-mm-dd. */
const today = (): string => format(new Date(), 'yyyy-MM-dd');

/** A device a time zone ahead may have the next day already. */
const tomorrow = (): string => format(addDays(new Date(), 1), 'yyyy-MM-dd');

/** A day of measuring that lies ahead is a slip of the pen. */
function pastDay(takenOn: string | undefined): string | undefined {
  if (takenOn !== undefined && takenOn > tomorrow())
    throw new Problem(422, 'out-of-range', 'The day of measuring lies ahead; write the day it was taken.', {
      field: 'takenOn',
    });
  return takenOn;
}

/** The garment's measures as typed; what is not sent stays. */
const garmentFrom = ({ garment = {} }: MeasuresEdit, { measures, unit }: Ticket): MeasureSet['garment'] => ({
  values: laidOver(measures.garment.values, garment.values, (typed) => readGarmentEntries(typed, unit)),
  pleats: garment.pleats ?? measures.garment.pleats,
});

/** Changes a set of measures; the first that is taken dates it. Measured anew it is the ticket's next set, of today. */
export async function setMeasures(stores: TicketStores, id: string, edit: MeasuresEdit): Promise<Ticket> {
  const { anew = false, version, release, by } = edit;
  const ticket = await ticketById(stores, id);
  const own = ticket.measures;
  const values = laidOver(own.values, edit.values, (typed) => readMeasureEntries(typed, ticket.unit));
  const begun = Object.keys(values).length > 0 ? today() : null;
  const measures: MeasureSet = {
    revision: anew ? own.revision + 1 : own.revision,
    source: anew ? 'shop' : own.source,
    takenBy: edit.takenBy?.trim() ?? own.takenBy,
    undergarment: edit.undergarment?.trim() ?? own.undergarment,
    from: edit.from ?? own.from,
    startLine: edit.startLine ?? own.startLine,
    observations: { ...own.observations, ...edit.observations },
    takenOn: pastDay(edit.takenOn) ?? (anew ? today() : (own.takenOn ?? begun)),
    values,
    garment: garmentFrom(edit, ticket),
  };
  return changeTicket(stores, ticket, { version, release, by }, { measures });
}

/**
 * Makes another style of the same measures: what was chosen of the one before, its figures by hand, its sign-offs and its lays
 * do not hold for it; with `keepParts` what is sewn on stays where the other bodice takes it, and the `choices` of a style of the house come in
 * the place of its own. It is undone like every change.
 */
export async function setStyle(
  stores: TicketStores,
  id: string,
  { styleId, keepParts = false, choices, ...on }: StyleEdit,
): Promise<Ticket> {
  const style = knownStyle(styleId);
  const ticket = await ticketById(stores, id);
  if (ticket.styleId === styleId && !choices) return ticket;
  const kept = (own: NonNullable<Ticket['choices']>) =>
    keepParts ? onAnotherBodice(own, knownStyle(ticket.styleId), style) : keptChoices(own, style);
  return changeTicket(stores, ticket, on, {
    styleId,
    choices: choices
      ? readChoiceEntries(styleId, choices, ticket.unit)
      : ticket.choices && kept(ticket.choices),
    figures: {},
    signedOff: {},
    lays: {},
    marksInAll: 0,
  });
}

export async function setChoices(
  stores: TicketStores,
  id: string,
  { choices, ...on }: ChoicesEdit,
): Promise<Ticket> {
  const ticket = await ticketById(stores, id);
  const own = Object.entries(ticket.choices ?? {}).map(([choice, { typed }]) => [choice, typed] as const);
  const typed = { ...Object.fromEntries(own), ...choices };
  return changeTicket(stores, ticket, on, { choices: readChoiceEntries(ticket.styleId, typed, ticket.unit) });
}

export async function setRules(
  stores: TicketStores & Pick<Stores, 'house'>,
  id: string,
  { rules, ...on }: TicketRulesEdit,
): Promise<Ticket> {
  const ticket = await ticketById(stores, id);
  const today = await houseRules(stores);
  return changeTicket(stores, ticket, on, {
    rules: readRuleEntries(ticket.rules, today, rules, ticket.unit),
  });
}

/** Figures that no hand can set so; one that only looks like a slip is set, and pointed out. */
const cannotBeSet: readonly FindingCode[] = ['figure-unreachable', 'figure-not-a-point', 'figure-unknown'];

/** Sets figures by hand and takes others back; one that cannot be drawn is refused by name. */
export async function setFigures(
  stores: TicketStores,
  id: string,
  { figures, ...on }: FiguresEdit,
): Promise<Ticket> {
  const ticket = await ticketById(stores, id);
  const next = readFigureEntries(ticket.figures, figures, ticket.unit, ticket.rules);
  const { findings } = await draftTicket({ ...ticket, figures: next });
  const refused = findings.find(
    ({ code, where }) =>
      cannotBeSet.includes(code) && where.figure !== undefined && figures[where.figure] != null,
  );
  if (refused) {
    const { message } = findingWords(refused, ticket.unit);
    throw new Problem(422, refused.code, message, { field: `figures.${refused.where.figure ?? ''}` });
  }
  return changeTicket(stores, ticket, on, { figures: next });
}

export async function setSignOffs(
  stores: TicketStores,
  id: string,
  { signedOff, ...on }: SignOffsEdit,
): Promise<Ticket> {
  const ticket = await ticketById(stores, id);
  const kept = Object.entries({ ...ticket.signedOff, ...signedOff }).filter(
    (entry): entry is [string, TicketContent['signedOff'][string]] => entry[1] !== null,
  );
  return changeTicket(stores, ticket, on, { signedOff: Object.fromEntries(kept) });
}

/** A cloth by its name: without one nobody could find it on the shelf, or know what is to be bought. */
function named(cloth: Cloth, index: number): Cloth {
  const name = cloth.name.trim();
  if (name === '')
    throw new Problem(422, 'no-name', `Give the ${cloth.role} cloth a name, such as its colour and kind.`, {
      field: `cloths.${index}.name`,
    });
  return { ...cloth, name };
}

/** A cloth on the bolt that it names, else on its own: the one that it had under that name, or a new one. */
function onItsBolt(cloth: Cloth, { cloths }: Ticket): Cloth {
  const before = cloths.find(({ role, name }) => role === cloth.role && name === cloth.name);
  return { ...cloth, bolt: cloth.bolt ?? before?.bolt ?? randomUUID() };
}

/** Names cloths; the lay of one that is taken away goes with it. */
export async function setCloths(
  stores: TicketStores,
  id: string,
  { cloths: files, without = [], ...on }: ClothsEdit,
): Promise<Ticket> {
  const ticket = await ticketById(stores, id);
  // Read with those that stay: a cloth that is pinned under another names it.
  const others = ticket.cloths.filter(
    ({ role }) => !without.includes(role) && !files.some((file) => file.role === role),
  );
  const read = readClothEntries([...files, ...others.map(clothFileOf)], ticket.unit);
  const changed = read.slice(0, files.length).map((cloth, index) => onItsBolt(named(cloth, index), ticket));
  const cloths = clothRoles.flatMap((role) => [...changed, ...others].filter((each) => each.role === role));
  const lays = Object.fromEntries(
    Object.entries(ticket.lays).filter(([role]) => cloths.some((cloth) => cloth.role === role)),
  );
  return changeTicket(stores, ticket, on, { cloths, lays });
}

/** The draft of a ticket, or 422 with the first thing that keeps it from being drafted. */
export async function draftTicket(ticket: Ticket): Promise<Draft> {
  const order = orderOfTicket(ticket);
  if (!order)
    throw new Problem(422, 'not-measured', 'Required measures are missing; take them first.', {
      field: 'measures',
    });
  return drafted(order);
}

/** What a ticket is cut from: the pieces that are under the chalk, or today's where none is. */
export const draftToCut = async ({ tickets }: Pick<Stores, 'tickets'>, ticket: Ticket): Promise<Draft> =>
  (ticket.frozen ? await tickets.frozen(ticket.id) : undefined) ?? draftTicket(ticket);

/** The draft that a ticket is being chalked from, or 404 where chalking has not begun. */
export async function frozenDraft(stores: Pick<Stores, 'tickets'>, id: string): Promise<Draft> {
  const draft = await stores.tickets.frozen((await ticketById(stores, id)).id);
  if (!draft) throw notFound('frozen draft');
  return draft;
}

export const marksOf = (ticket: Ticket, draft: Draft, lays: Lays): Mark[] =>
  chalkLaid(
    draft.pieces,
    chalkMannerOf(ticket),
    Object.values(laidLays({ ...ticket, lays }, draft.pieces)),
    ticket.cloths,
  );

export async function stepsOf(stores: Pick<Stores, 'tickets'>, id: string): Promise<TicketStep[]> {
  return stores.tickets.steps((await ticketById(stores, id)).id);
}

export async function stepContent(
  stores: Pick<Stores, 'tickets'>,
  id: string,
  place: number,
): Promise<TicketContent> {
  const ticket = await ticketById(stores, id);
  const content = await stores.tickets.contentAt(id, contentOf(ticket), ticket.history.place, place);
  if (!content) throw notFound('step in this ticket’s history');
  return content;
}

/** Undo, redo, or straight to a version: all are a place in the history. */
export async function setPlace(
  stores: TicketStores,
  id: string,
  { place, ...on }: PlaceEdit,
): Promise<Ticket> {
  return goToStep(stores, await ticketById(stores, id), on, place, await stepContent(stores, id, place));
}
