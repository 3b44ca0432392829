import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { dayText } from '../../ui/day.ts';

/** What tells her from another of her name. */
export const tellsApart = ({ kind, state, contact, tickets, lastDue, measuredOn }: KnownClient): string =>
  [
    kind,
    ...(state === 'archived' ? ['put away'] : []),
    tickets === 1 ? 'one ticket' : `${tickets} tickets`,
    ...(lastDue === null ? [] : [`last due ${dayText(lastDue)}`]),
    ...(measuredOn === null ? [] : [`measured ${dayText(measuredOn)}`]),
    ...(contact === '' ? [] : [contact.split('\n')[0] ?? '']),
  ].join(', ');
