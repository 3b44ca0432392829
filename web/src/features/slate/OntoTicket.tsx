import { useMatch } from 'react-router';
import { useTicket } from '../../api/tickets.ts';
import { OntoTicket as Onto } from '../ticket/OntoTicket.tsx';

/** Puts a sum among the remarks of the ticket that is open behind the slate; over any other page there is none. */
export function OntoTicket({ text }: { readonly text: string }) {
  const id = useMatch('/tickets/:id/:station')?.params.id;
  const { data: ticket } = useTicket(id);
  return ticket ? <Onto key={ticket.id} ticket={ticket} text={text} /> : null;
}
