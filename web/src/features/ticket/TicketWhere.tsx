import type { Ticket, TicketState } from '@ample-bolt/core/shop/ticket';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';

const words: { readonly [state in Exclude<TicketState, 'open'>]: string } = {
  aside: 'Put aside: it is not among what lies on the table.',
  delivered: 'Delivered.',
  archived: 'Archived: kept for the record.',
  deleted: 'Thrown away. Until it is had back it is found under Tickets alone.',
};

interface TicketWhereProps {
  readonly ticket: Ticket;
  readonly onBack: () => void;
}

/** Said of a ticket that is not at work, with the way back. */
export function TicketWhere({ ticket, onBack }: TicketWhereProps) {
  if (ticket.state === 'open') return null;
  return (
    <Notice
      tone="note"
      action={
        <Button look="outline" onClick={onBack}>
          Back to work
        </Button>
      }
    >
      {words[ticket.state]}
    </Notice>
  );
}
