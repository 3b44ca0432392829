import { ticketStates, type Ticket, type TicketState } from '@ample-bolt/core/shop/ticket';
import { useState } from 'react';
import { MoreItem, MoreLine, MoreMenu } from '../../ui/MoreMenu.tsx';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import type { TicketContext } from './ticket-context.ts';
import { KeepStyle } from './KeepStyle.tsx';
import { TicketDetails } from './TicketDetails.tsx';

/** Where a ticket can go from where it is, in the words of the menu. */
const ways: { readonly [state in TicketState]: string } = {
  open: 'Back to work',
  aside: 'Put aside',
  delivered: 'Delivered',
  archived: 'Archive',
  deleted: 'Throw away',
};

interface TicketMenuProps {
  readonly ticket: Ticket;
  readonly actions: TicketActions;
  readonly attempt: TicketContext['attempt'];
}

/** What is done with a whole ticket: its details, another like it, and where it goes. Undo takes it back. */
export function TicketMenu({ ticket, actions, attempt }: TicketMenuProps) {
  const [sheet, setSheet] = useState<'details' | 'copy' | 'style'>();
  const go = (state: TicketState) => attempt(actions.put('ticket', { state }), 'The ticket was not changed.');
  return (
    <>
      <MoreMenu label="This ticket">
        <MoreItem onSelect={() => setSheet('details')}>Names, day and client</MoreItem>
        <MoreItem onSelect={() => setSheet('copy')}>Another like it</MoreItem>
        <MoreItem onSelect={() => setSheet('style')}>Keep as a style of the house</MoreItem>
        <MoreLine />
        {ticketStates
          .filter((state) => state !== ticket.state)
          .map((state) => (
            <MoreItem key={state} grave={state === 'deleted'} onSelect={() => go(state)}>
              {ways[state]}
            </MoreItem>
          ))}
      </MoreMenu>
      {sheet === 'style' && <KeepStyle ticket={ticket} onClose={() => setSheet(undefined)} />}
      {sheet && sheet !== 'style' && (
        <TicketDetails ticket={ticket} as={sheet} actions={actions} onClose={() => setSheet(undefined)} />
      )}
    </>
  );
}
