import { styleOf } from '@ample-bolt/core/styles/style-book';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import type { HeldWork } from '../ticket/Held.tsx';
import { heldByStops } from '../ticket/held-by-stops.ts';
import type { DraftedTicket } from '../../workers/drafting.worker.ts';

/** What holds the chalk: a stop on the draft, a plan that no longer fits, or no plan for the cloth that shows. */
export function chalkHeld(
  ticket: Ticket,
  { draft, staleLays }: Pick<DraftedTicket, 'draft' | 'staleLays'>,
): HeldWork | undefined {
  const stopped = heldByStops(ticket, draft, 'cut');
  if (stopped) return stopped;
  if (staleLays.length > 0)
    return {
      title: 'The plan no longer fits',
      why: staleLays.map((role) => `The ${role} was planned before its pieces or its cloth changed.`),
      station: 'lay',
    };
  const [shown = 'outer'] = styleOf(ticket.styleId)?.cloths ?? [];
  if (!ticket.lays[shown])
    return {
      title: 'Lay the cloth first',
      why: [`No plan is taken for the ${shown}. Marks are measured from where each piece lies on the cloth.`],
      station: 'lay',
    };
  return undefined;
}
