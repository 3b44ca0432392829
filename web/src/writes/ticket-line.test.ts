import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '@ample-bolt/core/lay/plan/seeded-random';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { parseLength } from '@ample-bolt/core/units/parse-length';
import { ApiProblem } from '../api/fetcher.ts';
import { ticketLine, wasLeftOut, type LineState, type TicketLine } from './ticket-line.ts';
import type { TicketChange } from './ticket-changes.ts';

const opened = sampleTicket();

const take = (values: { readonly [id: string]: string }): TicketChange => ({
  part: 'measures',
  change: { values },
  by: '',
});

/** A shop computer that stores measures, in memory: a stale version is refused, and so is what cannot be read. */
function shopComputer() {
  let ticket = opened;
  let reached = true;
  return {
    now: () => ticket,
    reach: (is: boolean) => {
      reached = is;
    },
    send: (
      _id: string,
      { part, change }: TicketChange,
      on: { readonly version: number },
    ): Promise<Ticket> => {
      if (!reached) return Promise.reject(new ApiProblem(0, 'offline', 'No answer.', undefined));
      if (on.version !== ticket.version)
        return Promise.reject(
          new ApiProblem(409, 'stale', 'Changed elsewhere.', undefined, { current: ticket }),
        );
      if (part !== 'measures') return Promise.reject(new ApiProblem(500, 'failed', 'Not here.', undefined));
      const values = { ...ticket.measures.values };
      for (const [id, typed] of Object.entries(change.values ?? {})) {
        const length = parseLength(typed, 'in');
        if (!length.ok) return Promise.reject(new ApiProblem(422, 'not-a-length', `${id}: no length.`, id));
        values[id] = { mm: length.mm, typed };
      }
      ticket = { ...ticket, version: ticket.version + 1, measures: { ...ticket.measures, values } };
      return Promise.resolve(ticket);
    },
  };
}

type Shop = ReturnType<typeof shopComputer>;

const lineTo = (shop: Shop, onState: (state: LineState) => void = () => undefined): TicketLine =>
  ticketLine({ known: shop.now(), waiting: [], held: undefined, refusals: [] }, { send: shop.send, onState });

const settled = async () => {
  for (let turn = 0; turn < 50; turn++) await Promise.resolve();
};
const typedOf = (shop: Shop, id: string) => shop.now().measures.values[id]?.typed;

describe('the line of a ticket’s changes', () => {
  test('two quick changes of one field go out in order, and the second holds', async () => {
    const shop = shopComputer();
    const line = lineTo(shop);
    await Promise.all([line.add(take({ waist: '28' })), line.add(take({ waist: '29' }))]);
    expect(typedOf(shop, 'waist')).toBe('29');
    expect(line.state().waiting).toEqual([]);
  });

  test('a change elsewhere in another field is kept, and this one goes through by itself', async () => {
    const shop = shopComputer();
    const [here, there] = [lineTo(shop), lineTo(shop)];
    await there.add(take({ bust: '37' }));
    await here.add(take({ waist: '29' }));
    expect([typedOf(shop, 'bust'), typedOf(shop, 'waist')]).toEqual(['37', '29']);
    expect(here.state().known).toEqual(shop.now());
  });

  test('in one field both values are shown, and what follows waits until somebody decides', async () => {
    const shop = shopComputer();
    const [here, there] = [lineTo(shop), lineTo(shop)];
    await there.add(take({ waist: '31' }));
    const mine = here.add(take({ waist: '29 in' }));
    const next = here.add(take({ hip: '40' }));
    await settled();
    expect(here.state().held).toEqual({
      kind: 'conflict',
      conflicts: [{ what: 'Waist', mine: '29 in', theirs: '31 in', canPut: true }],
    });
    expect([typedOf(shop, 'waist'), typedOf(shop, 'hip')]).toEqual(['31', undefined]);
    here.decide(true);
    await Promise.all([mine, next]);
    expect([typedOf(shop, 'waist'), typedOf(shop, 'hip')]).toEqual(['29 in', '40']);

    await there.add(take({ bust: '36' }));
    await there.add(take({ waist: '32' }));
    const given = here.add(take({ waist: '28' })).catch((error: unknown) => wasLeftOut(error));
    await settled();
    here.decide(false);
    expect(await given).toBe(true);
    expect(typedOf(shop, 'waist')).toBe('32');
  });

  test('the same value by two hands is no conflict, in whatever unit it was typed', async () => {
    const shop = shopComputer();
    const [here, there] = [lineTo(shop), lineTo(shop)];
    await there.add(take({ waist: '30 in' }));
    await here.add(take({ waist: '76.2 cm' }));
    expect(here.state().held).toBeUndefined();
  });

  test('out of reach it waits and goes out in order; a step of undo does not wait', async () => {
    const shop = shopComputer();
    const line = lineTo(shop);
    shop.reach(false);
    const all = [line.add(take({ waist: '28' })), line.add(take({ waist: '29' }))];
    await settled();
    expect(line.state()).toMatchObject({ held: { kind: 'offline' }, waiting: [{}, {}] });
    shop.reach(true);
    line.retry();
    await Promise.all(all);
    expect(typedOf(shop, 'waist')).toBe('29');
    shop.reach(false);
    await expect(line.add({ part: 'place', change: { place: 0 }, by: '' })).rejects.toThrow('No answer');
  });

  test('what is refused is left out and told, and the next goes on; refused without a listener, it is kept to be read', async () => {
    const shop = shopComputer();
    const line = lineTo(shop);
    const refused = line.add(take({ waist: 'wide' }));
    await Promise.all([expect(refused).rejects.toThrow('no length'), line.add(take({ hip: '40' }))]);
    expect(typedOf(shop, 'hip')).toBe('40');
    const left = { made: take({ bust: 'round' }), foreign: [] };
    const after = ticketLine(
      { known: shop.now(), waiting: [left], held: undefined, refusals: [] },
      { send: shop.send, onState: () => undefined },
    );
    after.retry();
    await settled();
    expect(after.state()).toMatchObject({ waiting: [], refusals: ['bust: no length.'] });
  });

  test('a newer ticket that is seen while a change is on its way does not make the change its own rival', async () => {
    const shop = shopComputer();
    const line = lineTo(shop);
    const first = line.add(take({ waist: '28' }));
    const second = line.add(take({ waist: '29' }));
    line.learn(shop.now());
    await Promise.all([first, second]);
    expect(line.state().held).toBeUndefined();
    expect(typedOf(shop, 'waist')).toBe('29');
  });

  test.each([11, 12, 13])(
    'two pages, a hundred interleaved changes, some out of reach, some refused: nothing is overwritten unseen (seed %d)',
    async (seed) => {
      const random = seededRandom(seed);
      const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] ?? (from[0] as T);
      const shop = shopComputer();
      const fields = ['waist', 'hip', 'bust', 'neck'] as const;
      /** What each page was shown of a field, as theirs, before it put its own there. */
      const shown = [new Map<string, string>(), new Map<string, string>()];
      /** What stood in a field when a page made its change, by page and field. */
      const madeOn = new Map<string, string | undefined>();
      /** The page that a field is from. */
      const owner = new Map<string, number>();
      const overwritten: string[] = [];
      const reaches = [true, true];
      const lines = shown.map((_, page) =>
        ticketLine(
          { known: shop.now(), waiting: [], held: undefined, refusals: [] },
          {
            onState: () => undefined,
            send: async (id, made, on) => {
              if (!reaches[page]) throw new ApiProblem(0, 'offline', 'No answer.', undefined);
              const before = shop.now().measures.values;
              const stored = await shop.send(id, made, on);
              const changes = made.part === 'measures' ? (made.change.values ?? {}) : {};
              for (const field of Object.keys(changes)) {
                const was = before[field]?.typed;
                const known = [madeOn.get(`${page} ${field}`), shown[page]?.get(field)];
                if (was !== undefined && owner.get(field) !== page && !known.includes(was))
                  overwritten.push(`${field} ${was}`);
                owner.set(field, page);
              }
              return stored;
            },
          },
        ),
      );
      const outcomes: Promise<string>[] = [];
      for (let each = 0; each < 100; each++) {
        const page = each % 2;
        const line = lines[page];
        if (!line) continue;
        if (random() < 0.2) reaches[page] = !reaches[page];
        if (random() < 0.3) line.learn(shop.now());
        const held = line.state().held;
        if (held?.kind === 'conflict') {
          for (const field of fields) {
            const theirs = line.state().known.measures.values[field]?.typed;
            if (theirs !== undefined) shown[page]?.set(field, theirs);
          }
          line.decide(random() < 0.5);
        }
        const field = pick(fields);
        const text = random() < 0.1 ? 'no length' : `${20 + each / 4} in`;
        if (!line.state().waiting.some(({ made }) => made.part === 'measures' && made.change.values?.[field]))
          madeOn.set(`${page} ${field}`, line.state().known.measures.values[field]?.typed);
        outcomes.push(
          line.add(take({ [field]: text })).then(
            () => 'stored',
            (error: unknown) => (wasLeftOut(error) ? 'left out' : 'refused'),
          ),
        );
        if (random() < 0.5) await settled();
        line.retry();
      }
      reaches.fill(true);
      for (let round = 0; round < 300; round++) {
        for (const line of lines) {
          line.retry();
          await settled();
          if (line.state().held?.kind === 'conflict') line.decide(false);
        }
      }
      const told = await Promise.all(outcomes);
      expect(overwritten).toEqual([]);
      expect(lines.map((line) => line.state().waiting)).toEqual([[], []]);
      for (const kind of ['stored', 'refused', 'left out']) expect(told).toContain(kind);
    },
  );
});
