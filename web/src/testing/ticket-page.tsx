import type { Ticket } from '@ample-bolt/core/shop/ticket';
import type { ReactNode } from 'react';
import { MemoryRouter, Outlet, Route, Routes } from 'react-router';
import { SWRConfig } from 'swr';
import type { TicketContext } from '../features/ticket/ticket-context.ts';
import { keptPage } from './kept-page.tsx';

/** What a station of a ticket works with, as far as a test gives it; what it does not give, nobody may ask for. */
export type GivenContext = Partial<TicketContext> & { readonly ticket: Ticket };

/** A station of a ticket, on a device; the shop computer is never reached. */
export function ticketPage(given: GivenContext, Kept = keptPage()) {
  return ({ children }: { readonly children: ReactNode }) => (
    <SWRConfig value={{ provider: () => new Map(), fetcher: () => new Promise(() => undefined) }}>
      <Kept>
        <MemoryRouter>
          <Routes>
            <Route element={<Outlet context={given} />}>
              <Route path="*" element={children} />
            </Route>
          </Routes>
        </MemoryRouter>
      </Kept>
    </SWRConfig>
  );
}
