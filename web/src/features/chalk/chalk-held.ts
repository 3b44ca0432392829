import { openStops } from '@ample-bolt/core/shop/sign-off';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import type { DraftedTicket } from '../../workers/drafting.worker.ts';

/** Why no chalk may touch the cloth yet, and where that is mended. */
export interface ChalkHeld {
  readonly title: string;
  readonly why: readonly string[];
  readonly station: 'draft' | 'lay';
}

/** So many stops are told; the draft has them all. */
const MOST_TOLD = 3;

/** What holds the chalk: a stop on the draft, a plan that no longer fits, or no plan for the cloth that shows. */
export function chalkHeld(
  ticket: Ticket,
  { draft, staleLays }: Pick<DraftedTicket, 'draft' | 'staleLays'>,
): ChalkHeld | undefined {
  const stops = openStops(draft.findings, ticket.signedOff);
  if (stops.length > 0)
    return {
      title: 'A check holds the cut',
      why: stops.slice(0, MOST_TOLD).map((stop) => findingWords(stop, ticket.unit).message),
      station: 'draft',
    };
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
