import { ticketStates, type Ticket, type TicketState } from '@ample-bolt/core/shop/ticket';
import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import type { TicketContext } from './ticket-context.ts';
import { TicketDetails } from './TicketDetails.tsx';

/** Where a ticket can go from where it is, in the words of the menu. */
const ways: { readonly [state in TicketState]: string } = {
  open: 'Back to work',
  aside: 'Put aside',
  delivered: 'Delivered',
  archived: 'Archive',
  deleted: 'Throw away',
};

const itemClass =
  'flex min-h-10 cursor-default items-center rounded-soft px-3 outline-none data-[highlighted]:bg-linen-1 max-md:min-h-11';

interface TicketMenuProps {
  readonly ticket: Ticket;
  readonly actions: TicketActions;
  readonly attempt: TicketContext['attempt'];
}

/** What is done with a whole ticket: its details, another like it, and where it goes. Undo takes it back. */
export function TicketMenu({ ticket, actions, attempt }: TicketMenuProps) {
  const [sheet, setSheet] = useState<'details' | 'copy'>();
  const go = (state: TicketState) => attempt(actions.put('ticket', { state }), 'The ticket was not changed.');
  return (
    <>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger
          aria-label="This ticket"
          title="This ticket"
          className="grid h-9 min-w-10 place-items-center rounded-soft border border-linen-3 bg-white hover:bg-linen-1 max-md:h-11"
        >
          <Ellipsis size={18} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={4}
            className="z-30 min-w-52 rounded-soft border border-walnut bg-chalk p-1.5 text-base"
          >
            <DropdownMenu.Item className={itemClass} onSelect={() => setSheet('details')}>
              Title, day and client
            </DropdownMenu.Item>
            <DropdownMenu.Item className={itemClass} onSelect={() => setSheet('copy')}>
              Another like it
            </DropdownMenu.Item>
            <DropdownMenu.Separator className="my-1 h-px bg-linen-3" />
            {ticketStates
              .filter((state) => state !== ticket.state)
              .map((state) => (
                <DropdownMenu.Item
                  key={state}
                  className={`${itemClass} ${state === 'deleted' ? 'text-madder' : ''}`}
                  onSelect={() => go(state)}
                >
                  {ways[state]}
                </DropdownMenu.Item>
              ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {sheet && (
        <TicketDetails ticket={ticket} as={sheet} actions={actions} onClose={() => setSheet(undefined)} />
      )}
    </>
  );
}
