import { useState } from 'react';
import { useSWRConfig } from 'swr';
import type { TicketSummary } from '@ample-bolt/core/shop/ticket-list';
import { isTicketList, setTicketState } from '../../api/tickets.ts';
import { Button } from '../../ui/Button.tsx';

/** The last thing to do with a ticket that is cut and sewn: it leaves the table with the garment. */
export function GiveOut({ ticket }: { readonly ticket: TicketSummary }) {
  const { mutate } = useSWRConfig();
  const [failure, setFailure] = useState<string>();
  const deliver = () =>
    setTicketState(ticket, 'delivered')
      .then(() => mutate(isTicketList))
      .catch((error: unknown) =>
        setFailure(error instanceof Error ? error.message : 'Not stored; try again.'),
      );
  return (
    <span>
      <Button
        look="quiet"
        className="w-full max-md:min-h-11"
        aria-label={`Delivered: ${ticket.title}`}
        onClick={() => void deliver()}
      >
        Delivered
      </Button>
      {failure && (
        <span role="alert" className="block text-sm font-semibold text-madder">
          {failure}
        </span>
      )}
    </span>
  );
}
