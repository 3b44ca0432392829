/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { act, renderHook } from '@testing-library/react';
import { keptPage } from '../../testing/kept-page.tsx';
import { acted } from '../../testing/acted.ts';
import { ticketPage } from '../../testing/ticket-page.tsx';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import { useMeasuring } from './use-measuring.ts';

function measuring(store: () => Promise<unknown> = () => Promise.resolve(), kept = keptPage()) {
  const put = jest.fn<(...args: unknown[]) => Promise<unknown>>(store);
  const actions = { put } as unknown as TicketActions;
  const goTo = jest.fn();
  const page = renderHook(() => useMeasuring(), {
    wrapper: ticketPage({ ticket: sampleTicket(), actions, goTo }, kept),
  });
  return { ...page, put, goTo };
}

test('one measure after the other, each stored as it is left', async () => {
  const { result, put } = measuring();
  const { current: first, next, asked, index } = result.current;
  expect(asked[index]).toMatchObject({ id: first, need: 'required' });
  act(() => result.current.entry.type(first, '36'));
  await acted(() => result.current.forward());
  expect(put.mock.calls).toEqual([['measures', { values: { [first]: '36 in' } }]]);
  expect(result.current.current).toBe(next?.id);
});

test('what cannot be read is not left behind, and what is needed is held until it is skipped on purpose', async () => {
  const { result, put } = measuring();
  const { current } = result.current;
  act(() => result.current.entry.type(current, '36 1/0'));
  await acted(() => result.current.forward());
  expect([result.current.current, result.current.fault]).toEqual([
    current,
    expect.stringContaining('divides by zero'),
  ]);
  act(() => result.current.entry.type(current, ''));
  await acted(() => result.current.forward());
  expect([result.current.current, result.current.held]).toEqual([current, true]);
  act(() => result.current.skip());
  expect([result.current.current === current, result.current.held]).toEqual([false, false]);
  expect(put).not.toHaveBeenCalledWith(
    'measures',
    expect.objectContaining({ values: { [current]: '36 1/0' } }),
  );
});

test('out of reach of the shop computer it stays typed here, with the reason', async () => {
  const kept = keptPage();
  const { result, unmount } = measuring(
    () => Promise.reject(new Error('The shop computer does not answer.')),
    kept,
  );
  const { current } = result.current;
  act(() => result.current.entry.type(current, '36'));
  await acted(() => result.current.forward());
  expect(result.current.entry.failure).toBe('The shop computer does not answer.');
  unmount();
  expect(measuring(undefined, kept).result.current.entry.textOf(current)).toBe('36');
});
