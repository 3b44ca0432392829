import { seamRoles } from '@ample-bolt/core/pieces/allowances';
import type { OrderFile } from '@ample-bolt/core/formats/order/order-file';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { OrderedTicket, SignOffsEdit } from '@ample-bolt/core/messages/ticket-messages';
import type { Order } from '@ample-bolt/core/shop/order';
import { findingKey, openStops } from '@ample-bolt/core/shop/sign-off';
import { readParts } from '@ample-bolt/core/formats/order/read-parts';
import { readOrder } from '@ample-bolt/core/formats/order/read-order';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { drafted } from '../../drafting/drafting.ts';
import { badInput } from '../../http/problem.ts';
import {
  draftTicket,
  openTicket,
  setChoices,
  setCloths,
  setFigures,
  setMeasures,
  setRules,
  setSignOffs,
} from './ticket-service.ts';
import type { Stores } from '../../stores/stores.ts';

/** What opening a ticket reads and writes. */
type OpeningStores = Pick<Stores, 'tickets' | 'table' | 'clients' | 'house' | 'atOnce'>;

type Texts = { [id: string]: string };

/** Lengths of a file as a person would have typed them. */
const texts = (written: { readonly [id: string]: unknown } = {}): Texts =>
  Object.fromEntries(
    Object.entries(written).flatMap(([id, value]) =>
      typeof value === 'string' || typeof value === 'number' ? [[id, String(value)]] : [],
    ),
  );

/** The garment's own allowances become the ticket's rules, which is where a ticket keeps them. */
function rulesOf({ rules, garments }: OrderFile): Texts {
  const own = (garments[0]?.choices?.['allowances'] ?? {}) as { readonly [role: string]: unknown };
  const allowances = Object.fromEntries(
    seamRoles.filter((role) => own[role] !== undefined).map((role) => [`allowance.${role}`, own[role]]),
  );
  return texts({ ...rules, ...allowances });
}

const heelOf = ({ measured }: OrderFile): Texts =>
  measured?.heelHeight ? texts({ heelHeight: measured.heelHeight }) : {};

/** Opens a ticket from an order file, through the same steps and checks as by hand; a bad file opens none. */
export async function openFromOrder(
  stores: OpeningStores,
  { title, dueOn, order, client: said }: OrderedTicket,
): Promise<Ticket> {
  const checked = readOrder(order);
  if (!checked.ok) throw badInput(checked.fault);
  const { client, style, unit } = checked.value;
  const name = client.name.trim() || 'Unnamed';
  const owner =
    said === undefined || said === 'new' ? { name, kind: client.kind, another: said === 'new' } : said;
  return stores.atOnce(async () => {
    const ticket = await openTicket(stores, { title, dueOn, unit, styleId: style.id, client: owner });
    return enter(stores, ticket, order as unknown as OrderFile, checked.value);
  });
}

/** Everything that the file says, entered on a ticket that was just opened. */
async function enter(stores: OpeningStores, opened: Ticket, file: OrderFile, order: Order): Promise<Ticket> {
  const { person, startLine } = order;
  let ticket = opened;
  const { id } = ticket;
  const on = () => ({ version: ticket.version });
  ticket = await setMeasures(stores, id, {
    ...on(),
    from: person.from,
    startLine,
    observations: person.observations,
    values: { ...texts(file.measures), ...heelOf(file) },
  });
  const [garment] = file.garments;
  const rules = rulesOf(file);
  if (Object.keys(rules).length > 0) ticket = await setRules(stores, id, { ...on(), rules });
  const composed = garment && readParts(garment, 'garments.0');
  if (composed?.ok && (garment?.choices || garment?.parts))
    ticket = await setChoices(stores, id, { ...on(), choices: texts(composed.value.choices) });
  if (file.cloths?.length) {
    const cloths = file.cloths.map((cloth) => ({
      ...cloth,
      name: cloth.name ?? `${ticket.title}, ${cloth.role}`,
    }));
    ticket = await setCloths(stores, id, { ...on(), cloths });
  }
  const figures = { ...(await correctedFigures(order)), ...figuresOf(garment?.figures ?? {}) };
  if (Object.keys(figures).length > 0) ticket = await setFigures(stores, id, { ...on(), figures });
  const signedOff = signOffsOf(await draftTicket(ticket), order);
  if (Object.keys(signedOff).length > 0) ticket = await setSignOffs(stores, id, { ...on(), signedOff });
  return ticket;
}

/** Corrections of the file as figures of the ticket, each with the fitting that it came from. */
const correctedFigures = async (order: Order) =>
  Object.fromEntries(
    (await drafted(order)).figures
      .filter(({ id, by }) => by === 'hand' && order.corrections.some(({ figure }) => figure === id))
      .map(({ id, mm, why }) => [id, { value: `${mm}mm`, why: why ?? 'a correction' }]),
  );

/** Stops that the file signs off, as they stand on the ticket. */
const signOffsOf = ({ findings }: Draft, { signedOff }: Order): SignOffsEdit['signedOff'] =>
  Object.fromEntries(
    openStops(findings, {}).flatMap((stop) => {
      const signed = signedOff[findingKey(stop)];
      return signed ? [[findingKey(stop), { why: signed.why, found: stop.found ?? null }]] : [];
    }),
  );

const figuresOf = (figures: NonNullable<OrderFile['garments'][number]['figures']>) =>
  Object.fromEntries(
    Object.entries(figures).map(([id, { value, why }]) => [
      id,
      { value: String(value), why: why ?? 'from the order file' },
    ]),
  );
