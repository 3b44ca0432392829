import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { clear, entries, set } from 'idb-keyval';
import { lineStore, tableStore } from './line-store.ts';
import type { LineState } from './ticket-line.ts';

const ticket = sampleTicket();
const line: LineState = {
  known: ticket,
  waiting: [{ made: { part: 'ticket', change: { title: 'Navy dress' }, by: '' }, foreign: [] }],
  held: undefined,
  refusals: [],
};
const table = { ticketId: ticket.id, waiting: [], offline: true, refusal: undefined };
const fail = () => {
  throw new Error('it is kept');
};
const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

/** Pages that hold their locks, as the browser tells. */
let held: string[] = [];
beforeEach(async () => {
  await clear();
  held = [];
  const locks = {
    request: (name: string) => {
      held.push(name);
      return new Promise(() => undefined);
    },
    query: () => Promise.resolve({ held: held.map((name) => ({ name })) }),
  };
  Object.defineProperty(globalThis, 'navigator', { value: { locks }, configurable: true });
});
afterEach(() => {
  Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });
});

test('what a page left waiting is taken over once it is closed, and by one page alone', async () => {
  await set(`line ${ticket.id} a-page-before`, line);
  const store = lineStore(fail);
  expect((await store.load()).map(({ waiting }) => waiting)).toEqual([line.waiting]);
  expect(await store.load()).toEqual([]);
});

test('what a page that is still open has waiting is its own', async () => {
  await set(`line ${ticket.id} another-page`, line);
  held.push('page another-page');
  expect(await lineStore(fail).load()).toEqual([]);
  expect(await entries()).toHaveLength(1);
  held = [];
  expect(await lineStore(fail).load()).toHaveLength(1);
});

test('where pages cannot be told apart, what waits is taken over all the same', async () => {
  Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });
  await set(`line ${ticket.id} another-page`, line);
  expect(await lineStore(fail).load()).toHaveLength(1);
});

test('a line is kept without what holds it, an empty one not at all, and tables are no lines', async () => {
  const [lines, tables] = [lineStore(fail), tableStore(fail)];
  lines.save({ ...line, held: { kind: 'offline' } });
  tables.save(table);
  await settled();
  expect((await entries()).map(([, kept]) => (kept as LineState).held)).toEqual([undefined]);
  expect(await tables.load()).toEqual([]);
  lines.save({ ...line, waiting: [] });
  await settled();
  expect(await entries()).toEqual([]);
});
