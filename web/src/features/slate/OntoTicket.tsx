import { Check, NotebookPen } from 'lucide-react';
import { useState } from 'react';
import { useMatch } from 'react-router';
import { useTicket } from '../../api/tickets.ts';
import { useTicketActions } from '../../writes/use-ticket-actions.ts';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { Button } from '../../ui/Button.tsx';

/** Puts a sum among the remarks of the ticket that is open behind the slate; over any other page there is none. */
export function OntoTicket({ text }: { readonly text: string }) {
  const id = useMatch('/tickets/:id/:station')?.params.id;
  const { data: ticket } = useTicket(id);
  return ticket ? <Onto key={ticket.id} ticket={ticket} text={text} /> : null;
}

function Onto({ ticket, text }: { readonly ticket: Ticket; readonly text: string }) {
  const actions = useTicketActions(ticket);
  const [failure, setFailure] = useState<string>();
  const there = ticket.remarks.includes(text);
  const put = () =>
    actions
      .put('ticket', { remarks: [ticket.remarks, text].filter(Boolean).join('\n\n') })
      .then(() => setFailure(undefined))
      .catch((error: unknown) =>
        setFailure(error instanceof Error ? error.message : 'Not stored; try again.'),
      );
  return (
    <>
      <Button look="outline" disabled={there} onClick={() => void put()}>
        {there ? <Check size={16} aria-hidden /> : <NotebookPen size={16} aria-hidden />}
        {there ? `On ticket Nº ${ticket.number}` : `Onto ticket Nº ${ticket.number}`}
      </Button>
      {failure && (
        <span role="alert" className="text-sm font-semibold text-madder">
          {failure}
        </span>
      )}
    </>
  );
}
