import 'fake-indexeddb/auto';
import { beforeEach, expect, test } from '@jest/globals';
import { clear, entries, get, set } from 'idb-keyval';
import { openKeptStore } from './kept-store.ts';

const DAY = 86_400_000;
const now = Date.now();
/** What is written behind has reached the database. */
const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

beforeEach(() => clear());

test('what is set is read at once, and after the page was loaded again', async () => {
  const store = await openKeptStore(now);
  store.set('neck', '14');
  expect(store.get('neck')).toBe('14');
  await settled();
  expect((await openKeptStore(now)).get('neck')).toBe('14');
  store.set('neck', undefined);
  await settled();
  expect(await entries()).toEqual([]);
});

test('what nobody came back to for sixty days is thrown away; what the device was told of itself is not', async () => {
  await set('kept neck', { value: '14', at: now - 61 * DAY });
  await set('kept bust', { value: '36', at: now - 59 * DAY });
  await set('kept own-hand', { value: 'Ines', at: now - 900 * DAY });
  await set('line of a ticket', { waiting: [] });
  const store = await openKeptStore(now);
  expect(['neck', 'bust', 'own-hand'].map(store.get)).toEqual([undefined, '36', 'Ines']);
  await settled();
  expect((await entries()).map(([key]) => key).sort()).toEqual([
    'kept bust',
    'kept own-hand',
    'line of a ticket',
  ]);
  expect(await get('kept neck')).toBeUndefined();
});

test('a device that refuses to keep anything says so, once, and holds it for as long as the page', async () => {
  const store = await openKeptStore(now);
  let told = 0;
  store.subscribe(() => told++);
  expect(store.isFailing()).toBe(false);
  // A function cannot be kept in a database: as good as one that is full.
  store.set('neck', () => '14');
  store.set('bust', () => '36');
  await settled();
  expect([store.isFailing(), told]).toEqual([true, 1]);
  expect(store.get('neck')).toBeDefined();
});
