import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { mutate, SWRConfig } from 'swr';
import { fetcher } from '../api/fetcher.ts';
import { isTicketList, sendEvents, ticketKey } from '../api/tickets.ts';
import { HeadingContext } from '../ui/heading-context.ts';
import { KeptContext } from '../ui/kept-context.ts';
import { openKeptStore } from '../ui/kept-store.ts';
import { lineStore, tableStore } from '../writes/line-store.ts';
import { OutgoingContext } from '../writes/outgoing-context.ts';
import { outgoing } from '../writes/outgoing.ts';
import { sendChange } from '../writes/send-change.ts';
import { showTable } from '../writes/show-table.ts';
import { router } from './routes.tsx';
import './theme.css';

const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.nonce;
if (nonce) setNonce(nonce);

const heading = (): string => (router.state.navigation.location ?? router.state.location).pathname;

const kept = await openKeptStore(Date.now());
const lines = outgoing({
  send: sendChange,
  tables: {
    send: sendEvents,
    store: tableStore(kept.fail),
    onStored: (id, table) => showTable(mutate, id, table),
  },
  store: lineStore(kept.fail),
  show: (ticket) => {
    void mutate(ticketKey(ticket.id), ticket, { revalidate: false });
    void mutate(isTicketList);
  },
});
await lines.resume();

// Pages of the workroom alone: a private link leaves nothing on the device of whoever opens it.
if ('serviceWorker' in navigator && !heading().startsWith('/home/'))
  void navigator.serviceWorker.register('/sw.js', { type: 'module' }).catch(() => undefined);

const root = document.getElementById('root');
if (!root) throw new Error('the page has no #root');
createRoot(root).render(
  <StrictMode>
    <SWRConfig value={{ fetcher, revalidateOnFocus: false, shouldRetryOnError: false }}>
      <KeptContext value={kept}>
        <OutgoingContext value={lines}>
          <HeadingContext value={heading}>
            <RouterProvider router={router} />
          </HeadingContext>
        </OutgoingContext>
      </KeptContext>
    </SWRConfig>
  </StrictMode>,
);
