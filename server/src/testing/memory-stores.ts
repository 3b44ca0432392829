import { randomUUID } from 'node:crypto';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { workOf, type TableEvent } from '@ample-bolt/core/shop/table-event';
import type { Ticket, TicketContent } from '@ample-bolt/core/shop/ticket';
import type { ClientStore, ClientWrite, Merged } from '../stores/client-store.ts';
import type { Stores } from '../stores/stores.ts';
import type { TableStore, TicketStore, TicketWrite, VersionedWrite } from '../stores/ticket-store.ts';

const absent = (): never => {
  throw new Error('this is not kept in memory');
};

interface KeptClient extends KnownClient {
  readonly merged: Merged | null;
}

/** Clients in memory, as far as their rules look at them. */
function memoryClients(): ClientStore & { readonly atWork: Map<string, number[]> } {
  const kept = new Map<string, KeptClient>();
  const atWork = new Map<string, number[]>();
  const here = () => [...kept.values()].filter(({ state }) => state !== 'merged');
  return {
    atWork,
    list: async () => Promise.resolve(here()),
    known: async ({ id, sought = '' } = {}) => {
      const clients = [...kept.values()].filter((client) =>
        id === undefined
          ? client.state !== 'merged' && client.name.toLowerCase().includes(sought.trim().toLowerCase())
          : client.id === id,
      );
      return Promise.resolve({ clients, inAll: clients.length });
    },
    find: async (id) => Promise.resolve(here().find((client) => client.id === id)),
    named: async (name) => Promise.resolve(here().filter((client) => client.name === name)),
    create: async (client) => {
      const id = randomUUID();
      const unknown = { contact: '', remarks: '', tickets: 0, lastDue: null, measuredOn: null };
      kept.set(id, { ...client, ...unknown, id, state: 'here', version: 1, mergedInto: null, merged: null });
      return Promise.resolve({ id, ...client });
    },
    write: async (id, version, { merged, ...change }: ClientWrite) => {
      const client = kept.get(id);
      if (client?.version !== version) return Promise.resolve(false);
      const with_ = merged === undefined ? {} : { merged, mergedInto: merged?.into ?? null };
      kept.set(id, { ...client, ...change, ...with_, version: version + 1 });
      return Promise.resolve(true);
    },
    merged: async (id) => Promise.resolve(kept.get(id)?.merged ?? null),
    giveAll: async (from) => Promise.resolve({ tickets: [`of ${from}`], sets: [] }),
    giveBack: async () => Promise.resolve(),
    numbersAtWork: async (id) => Promise.resolve(atWork.get(id) ?? []),
    erase: async (id) => {
      kept.delete(id);
      return Promise.resolve();
    },
    sets: absent,
    newestSets: absent,
    addSet: absent,
  };
}

/** A ticket with what goes along with it. */
interface KeptTicket {
  readonly ticket: Ticket;
  readonly steps: readonly TicketContent[];
  readonly frozen: Draft | undefined;
}

function written({ ticket, steps, frozen }: KeptTicket, write: TicketWrite): KeptTicket {
  const { content, stops, step, freezing } = write;
  const place = step.kind === 'to' ? step.place : ticket.history.place + 1;
  const kept = step.kind === 'to' ? steps : [...steps.slice(0, ticket.history.place), step.before, content];
  const next = {
    ...ticket,
    ...content,
    stops: stops ?? ticket.stops,
    version: ticket.version + 1,
    history: { place, undo: place > 0 ? 'undo' : null, redo: null },
  };
  switch (freezing) {
    case 'as-is':
      return { ticket: next, steps: kept, frozen };
    case 'thaw':
      return { ticket: { ...next, frozen: null }, steps: kept, frozen: undefined };
    default:
      return {
        ticket: { ...next, frozen: { at: '2026-12-01T09:00:00.000Z', core: freezing.core } },
        steps: kept,
        frozen: freezing.draft,
      };
  }
}

/** Tickets and their tables in memory, with a hook for what another hand does just before a write. */
function memoryTickets(opened: readonly Ticket[]) {
  const kept = new Map<string, KeptTicket>(
    opened.map((ticket) => [ticket.id, { ticket, steps: [ticket], frozen: undefined }]),
  );
  const events: { readonly ticketId: string; readonly event: TableEvent }[] = [];
  const writes: VersionedWrite[] = [];
  const meanwhile: { act: (() => void) | undefined } = { act: undefined };
  const change = (id: string, to: (before: KeptTicket) => KeptTicket) => {
    const before = kept.get(id);
    if (before) kept.set(id, to(before));
  };
  const workOn = (ticketId: string, lays: readonly string[]) =>
    workOf(
      events.flatMap(({ ticketId: on, event }) =>
        on === ticketId && lays.includes(event.lay) ? [event] : [],
      ),
    );
  const tickets: TicketStore = {
    find: async (id) => Promise.resolve(kept.get(id)?.ticket),
    byIds: async (ids) => Promise.resolve(ids.flatMap((id) => kept.get(id)?.ticket ?? [])),
    write: async (asked) => {
      meanwhile.act?.();
      for (const { id, version, tableVersion } of asked) {
        const ticket = kept.get(id)?.ticket;
        if (ticket?.version !== version) return Promise.resolve({ id, by: 'version' });
        if (ticket.tableVersion !== tableVersion) return Promise.resolve({ id, by: 'table' });
      }
      for (const each of asked) {
        writes.push(each);
        change(each.id, (before) => written(before, each.write));
      }
      return Promise.resolve(undefined);
    },
    frozen: async (id) => Promise.resolve(kept.get(id)?.frozen),
    freeze: async (id, { core, draft }) => {
      change(id, ({ ticket, ...rest }) => ({
        ...rest,
        ticket: { ...ticket, frozen: { at: '2026-12-01T09:00:00.000Z', core } },
        frozen: draft,
      }));
      return Promise.resolve();
    },
    thaw: async (id) => {
      change(id, ({ ticket, ...rest }) => ({
        ...rest,
        ticket: { ...ticket, frozen: null },
        frozen: undefined,
      }));
      return Promise.resolve();
    },
    contentAt: async (id, _now, _from, place) => Promise.resolve(kept.get(id)?.steps[place]),
    list: absent,
    create: absent,
    giveTo: absent,
    steps: absent,
    onBolt: absent,
    beside: async () => Promise.resolve([]),
    boltsInUse: absent,
  };
  const table: TableStore = {
    workOn: async (ticketId, lays) => Promise.resolve(workOn(ticketId, lays)),
    lock: async () => Promise.resolve(),
    find: async (id) => {
      const ticket = kept.get(id)?.ticket;
      if (!ticket) return Promise.resolve(undefined);
      const { chalked, cut, tableVersion, frozen } = ticket;
      const lays = Object.fromEntries(
        Object.entries(ticket.lays).map(([role, lay]) => [role, lay.id ?? role]),
      );
      return Promise.resolve({ chalked, cut, tableVersion, lays, frozenAt: frozen?.at ?? null });
    },
    note: async (ticketId, noted) => {
      events.push(...noted.map((event) => ({ ticketId, event })));
      return Promise.resolve();
    },
    write: async (id, { chalked, cut }) => {
      change(id, ({ ticket, ...rest }) => ({
        ...rest,
        ticket: { ...ticket, chalked, cut, tableVersion: ticket.tableVersion + 1 },
      }));
      return Promise.resolve();
    },
  };
  return { tickets, table, writes, meanwhile };
}

/** Stores in memory, so that rules are tested without a database; what no rule of these tests asks for is not there. */
export function memoryStores(opened: readonly Ticket[] = []) {
  const clients = memoryClients();
  const { tickets, table, writes, meanwhile } = memoryTickets(opened);
  const stores = {
    clients,
    tickets,
    table,
    house: { read: absent, write: absent },
    atOnce: (act) => act(),
  } satisfies Omit<Stores, 'homeLinks' | 'layRuns' | 'styles'>;
  return { stores, writes, meanwhile, atWork: clients.atWork };
}
