/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { noEntries, type GuestPage } from '@ample-bolt/core/shop/home-set';
import { act, renderHook } from '@testing-library/react';
import { keptPage } from '../../testing/kept-page.tsx';
import { useGuestEntry } from './use-guest-entry.ts';

const empty: GuestPage = {
  asked: ['bust', 'waist'],
  kind: 'adult',
  entries: noEntries('in'),
  pictures: [],
  expiresAt: '2026-12-24T12:00:00Z',
  sent: false,
};

interface Sent {
  readonly method: string;
  readonly body: unknown;
}

/** A shop that answers what it is sent in turn; undefined is one out of reach. */
function shop(answers: readonly (GuestPage | undefined)[]) {
  const sent: Sent[] = [];
  const waiting = [...answers];
  Object.assign(globalThis, {
    fetch: jest.fn((_url: string, { method = 'GET', body }: RequestInit = {}) => {
      if (method === 'GET') return new Promise(() => undefined);
      sent.push({ method, body: typeof body === 'string' ? (JSON.parse(body) as unknown) : body });
      const answer = waiting.shift();
      if (!answer) return Promise.reject(new Error('out of reach'));
      return Promise.resolve({ ok: true, json: () => Promise.resolve(answer) });
    }),
  });
  return sent;
}
const { fetch } = globalThis;
afterEach(() => void Object.assign(globalThis, { fetch }));

const guest = (wrapper = keptPage()) =>
  renderHook(() => useGuestEntry('a-token-of-her-own', empty), { wrapper });

const withBust: GuestPage = {
  ...empty,
  entries: { ...empty.entries, values: { bust: { mm: 914.4, typed: '36 in' } } },
};

test('what is left in one breath goes out one after the other, each on what the one before left', async () => {
  const sent = shop([withBust, { ...withBust, entries: { ...withBust.entries, remarks: 'tall' } }]);
  const { result } = guest();
  act(() => result.current.type('bust', '36'));
  await act(async () => {
    const first = result.current.save();
    const second = result.current.save({ remarks: 'tall' });
    expect(await Promise.all([first, second])).toEqual([true, true]);
  });
  expect(sent.map(({ body }) => body)).toMatchObject([
    { remarks: '', values: { bust: '36 in' } },
    { remarks: 'tall', values: { bust: '36 in' } },
  ]);
});

test('out of reach, what she typed stays on her device, and nothing is handed in', async () => {
  shop([undefined]);
  const wrapper = keptPage();
  const { result, unmount } = guest(wrapper);
  act(() => result.current.type('bust', '36'));
  await act(async () => expect(await result.current.save()).toBe(false));
  expect(result.current.failure).toContain('kept here');
  unmount();
  expect(guest(wrapper).result.current.textOf('bust')).toBe('36');
});

test('it is handed in after what is still on its way was stored', async () => {
  const sent = shop([withBust, { ...withBust, sent: true }]);
  const { result } = guest();
  act(() => result.current.type('bust', '36'));
  await act(async () => {
    void result.current.save();
    expect(await result.current.finish()).toBe(true);
  });
  expect(sent.map(({ method }) => method)).toEqual(['PUT', 'POST']);
});
