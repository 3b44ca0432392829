import type { Draft } from '@ample-bolt/core/drafting/draft';
import { openStops } from '@ample-bolt/core/shop/sign-off';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import type { HeldWork } from './Held.tsx';

/** So many stops are told; the draft has them all. */
const MOST_TOLD = 3;

/** Stops of the draft that nobody signed off hold the lay and the chalk. */
export function heldByStops(
  ticket: Ticket,
  draft: Pick<Draft, 'findings'>,
  work: 'cut' | 'lay',
): HeldWork | undefined {
  const stops = openStops(draft.findings, ticket.signedOff);
  return stops.length === 0
    ? undefined
    : {
        title: `A check holds the ${work}`,
        why: stops.slice(0, MOST_TOLD).map((stop) => findingWords(stop, ticket.unit).message),
        station: 'draft',
      };
}
