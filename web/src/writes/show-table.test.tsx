/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import type { TableState } from '@ample-bolt/core/shop/table-event';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { SWRConfig, useSWRConfig } from 'swr';
import { useTicket } from '../api/tickets.ts';
import { showTable } from './show-table.ts';

const ticket = sampleTicket({ tableVersion: 3 });
const table: TableState = { lays: {}, chalked: {}, cut: [], tableVersion: 4, frozenAt: null };

/** A page on which tickets are fetched when the test answers. */
function page() {
  const waiting: ((ticket: Ticket) => void)[] = [];
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <SWRConfig
      value={{
        provider: () => new Map(),
        fetcher: () => new Promise<Ticket>((resolve) => waiting.push(resolve)),
        dedupingInterval: 0,
      }}
    >
      {children}
    </SWRConfig>
  );
  const { result } = renderHook(
    () => ({ ticket: useTicket(ticket.id).data, mutate: useSWRConfig().mutate }),
    { wrapper },
  );
  return { result, waiting, answer: () => act(async () => waiting.shift()?.(await Promise.resolve(ticket))) };
}

test('a mark that is answered while the ticket is on its way does not keep the ticket away', async () => {
  const { result, waiting, answer } = page();
  expect(waiting).toHaveLength(1);
  act(() => showTable(result.current.mutate, ticket.id, table));
  await waitFor(() => expect(waiting).toHaveLength(2));
  await answer();
  await answer();
  await waitFor(() => expect(result.current.ticket?.id).toBe(ticket.id));
});

test('a ticket that is there has the newer table at once, and is not fetched for it', async () => {
  const { result, waiting, answer } = page();
  await answer();
  act(() => showTable(result.current.mutate, ticket.id, table));
  await waitFor(() => expect(result.current.ticket?.tableVersion).toBe(4));
  expect(waiting).toHaveLength(0);
});

test('a table of other lays than the ticket has here makes it be fetched', async () => {
  const { result, waiting, answer } = page();
  await answer();
  act(() => showTable(result.current.mutate, ticket.id, { ...table, lays: { outer: 'another' } }));
  await waitFor(() => expect(waiting).toHaveLength(1));
  expect(result.current.ticket?.tableVersion).toBe(3);
});
