import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { KeptLay } from '../lay/model/kept-lay.ts';
import { eventsTowards, withEvents, workOf, type TableEvent } from './table-event.ts';

const event = (change: Partial<TableEvent>): TableEvent => ({
  id: '1',
  kind: 'mark',
  on: 'skirt-front',
  mark: 1,
  done: true,
  lay: 'a',
  at: '2026-12-01T09:00:00.000Z',
  by: '',
  ...change,
});
const at = (second: number): string => new Date(Date.UTC(2026, 11, 1, 9, 0, second)).toISOString();

/** A lay of two pieces, as far as events look at one. */
const lays = {
  outer: {
    id: 'a',
    role: 'outer',
    placements: [{ piece: 'skirt-front' }, { piece: 'skirt-back' }],
  } as unknown as KeptLay,
};

const anyEvents = fc.array(
  fc.record({
    kind: fc.constant('mark' as const),
    on: fc.constantFrom('skirt-front', 'skirt-back'),
    mark: fc.integer({ min: 1, max: 6 }),
    done: fc.boolean(),
    at: fc.integer({ min: 0, max: 20 }).map(at),
  }),
  { maxLength: 40 },
);

describe('what happened at the table', () => {
  test('marks of two devices add up, and each piece counts from its first mark to the first open one', () => {
    const one = [1, 2, 3].map((mark) => event({ mark, at: at(mark) }));
    const other = [1, 2].map((mark) => event({ on: 'skirt-back', mark, at: at(mark) }));
    expect(workOf([...one, ...other])).toEqual({ chalked: { 'skirt-front': 3, 'skirt-back': 2 }, cut: [] });
    expect(workOf(one.filter(({ mark }) => mark !== 2)).chalked).toEqual({ 'skirt-front': 1 });
  });

  test('what was rubbed out later is open; an older event that arrives late changes nothing', () => {
    const marked = event({ at: at(1) });
    const rubbed = event({ done: false, at: at(2) });
    expect(workOf([marked, rubbed]).chalked).toEqual({});
    expect(workOf([rubbed, marked]).chalked).toEqual({});
    expect(workOf([rubbed, event({ at: at(3) })]).chalked).toEqual({ 'skirt-front': 1 });
  });

  test('in whatever order events arrive, and however often, the table comes to the same', () => {
    fc.assert(
      fc.property(anyEvents, fc.integer(), (changes, seed) => {
        const events = changes.map((change, index) => event({ ...change, id: String(index) }));
        const shuffled = [...events, ...events.slice(0, 5)].sort(
          (a, b) => ((Number(a.id) * 7919 + seed) % 101) - ((Number(b.id) * 7919 + seed) % 101),
        );
        expect(workOf(shuffled)).toEqual(workOf(events));
      }),
    );
  });

  test('events lead from any state of the table to any other', () => {
    const work = fc.record({
      chalked: fc.record({ 'skirt-front': fc.nat(9), 'skirt-back': fc.nat(9) }),
      cut: fc.subarray(['skirt-back', 'skirt-front']),
    });
    fc.assert(
      fc.property(work, work, (from, to) => {
        const events = eventsTowards(lays, from, to, () => ({ id: '1', at: at(1), by: 'Odile' }));
        const found = withEvents(from, events);
        expect(found.cut).toEqual([...to.cut].sort());
        for (const [piece, count] of Object.entries(to.chalked))
          expect(found.chalked[piece] ?? 0).toBe(count);
      }),
    );
  });

  test('a piece on no stored lay is not chalked', () => {
    const events = eventsTowards(
      lays,
      { chalked: {}, cut: [] },
      { chalked: { collar: 2 }, cut: ['collar'] },
      () => ({
        id: '1',
        at: at(1),
        by: '',
      }),
    );
    expect(events).toEqual([]);
  });
});
