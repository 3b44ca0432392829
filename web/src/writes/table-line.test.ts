import { describe, expect, test } from '@jest/globals';
import { workOf, type TableEvent, type TableState } from '@ample-bolt/core/shop/table-event';
import { ApiProblem } from '../api/fetcher.ts';
import { tableHere, tableLine, type TableLine } from './table-line.ts';

/** A shop computer's table in memory; a lay that it does not have is refused. */
function shopTable() {
  const events: TableEvent[] = [];
  const sent: number[] = [];
  let reached = true;
  let lay = 'a';
  const stored = (): TableState => ({
    ...workOf(events.filter((event) => event.lay === lay)),
    lays: { outer: lay },
    tableVersion: events.length,
    frozenAt: null,
  });
  return {
    sent,
    stored,
    reach: (is: boolean) => {
      reached = is;
    },
    layAnew: () => {
      lay = 'b';
    },
    send: (_id: string, more: readonly TableEvent[]) => {
      if (!reached) return Promise.reject(new ApiProblem(0, 'offline', 'No answer.', undefined));
      sent.push(more.length);
      const counted = more.filter((event) => event.lay === lay);
      events.push(...counted.filter(({ id }) => !events.some((each) => each.id === id)));
      return Promise.resolve({
        ...stored(),
        refused: more.filter((event) => event.lay !== lay).map(({ id }) => id),
      });
    },
  };
}

const device = (name: string, shop: ReturnType<typeof shopTable>, clock: () => number) => {
  let seen = shop.stored();
  const line: TableLine = tableLine(
    { ticketId: 't', waiting: [], offline: false, refusal: undefined },
    { send: shop.send, onState: () => undefined, onStored: (_, table) => (seen = table) },
  );
  let count = 0;
  const mark = (on: string, order: number, done = true) =>
    line.add([
      {
        id: `${name} ${++count}`,
        kind: 'mark',
        on,
        mark: order,
        done,
        lay: 'a',
        at: new Date(clock()).toISOString(),
        by: name,
      },
    ]);
  return { line, mark, here: () => tableHere(seen, Object.values(seen.lays), line.state()).chalked };
};

const settled = async () => {
  for (let turn = 0; turn < 60; turn++) await Promise.resolve();
};

describe('the line of a table', () => {
  let now = 0;
  const clock = () => ++now * 1000;

  test('a tablet and a phone chalk one dress together: all marks are there, though one was out of reach for half of them', async () => {
    const shop = shopTable();
    const [tablet, phone] = [device('tablet', shop, clock), device('phone', shop, clock)];
    for (let order = 1; order <= 20; order++) {
      shop.reach(order < 8 || order > 15);
      tablet.mark('skirt-front', order);
      if (order <= 12) phone.mark('skirt-back', order);
      await settled();
      expect(tablet.here()['skirt-front']).toBe(order);
    }
    phone.line.retry();
    await settled();
    expect(shop.stored().chalked).toEqual({ 'skirt-front': 20, 'skirt-back': 12 });
    // What waited went out together.
    expect(Math.max(...shop.sent)).toBeGreaterThan(4);
    expect([tablet.line.state().waiting, phone.line.state().waiting]).toEqual([[], []]);
  });

  test('marks on a lay that was replaced meanwhile are not counted, and it is said', async () => {
    const shop = shopTable();
    const tablet = device('tablet', shop, clock);
    shop.layAnew();
    tablet.mark('skirt-front', 1);
    await settled();
    expect(shop.stored().chalked).toEqual({});
    expect(tablet.line.state()).toMatchObject({
      waiting: [],
      refusal: expect.stringContaining('laid anew') as unknown,
    });
    tablet.line.dismiss();
    expect(tablet.line.state().refusal).toBeUndefined();
  });
});
