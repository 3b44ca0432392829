import type { Unit } from '@ample-bolt/core/units/length';
import { dayFrom } from '../../ui/day.ts';

/** A new ticket as it is typed. */
export interface NewTicketFields {
  client: string;
  kind: 'adult' | 'child';
  title: string;
  styleId: string;
  dueOn: string;
  unit: Unit;
}

export const freshTicket = (): NewTicketFields => ({
  client: '',
  kind: 'adult',
  title: '',
  styleId: 'fitted-dress',
  dueOn: dayFrom(new Date(), 21),
  unit: 'in',
});
