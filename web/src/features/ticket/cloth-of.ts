import type { Ticket } from '@ample-bolt/core/shop/ticket';

/** The colour that drawings lie on before a cloth is named: plain shop linen. */
const UNNAMED = '#3d4a4c';

export const clothColour = ({ cloths }: Pick<Ticket, 'cloths'>): string =>
  cloths.find(({ role }) => role === 'outer')?.colour ?? UNNAMED;
