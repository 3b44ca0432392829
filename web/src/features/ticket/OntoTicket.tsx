import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { Check, NotebookPen } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { useTicketActions } from '../../writes/use-ticket-actions.ts';

interface OntoTicketProps {
  readonly ticket: Ticket;
  readonly text: string;
}

/** Puts what was worked out among the remarks of a ticket, once. */
export function OntoTicket({ ticket, text }: OntoTicketProps) {
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
