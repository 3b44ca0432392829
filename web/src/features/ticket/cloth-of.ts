import { clothColoursOf } from '@ample-bolt/core/sketch/ink';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import type { ClothColours } from '@ample-bolt/core/sketch/ink';

/** The colour that drawings lie on before a cloth is named: plain shop linen. */
const UNNAMED = '#3d4a4c';

export const clothColour = ({ cloths }: Pick<Ticket, 'cloths'>): string =>
  cloths.find(({ role }) => role === 'outer')?.colour ?? UNNAMED;

/** The colours of a ticket's cloths, for its garment made up. */
export const clothColours = (ticket: Pick<Ticket, 'cloths'>): ClothColours => ({
  ...clothColoursOf(ticket),
  outer: clothColour(ticket),
});
