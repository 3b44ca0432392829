import { styleFrom } from './style-from.ts';

/** A princess blouse with net laid over. */
export const netVBlouse = styleFrom({
  id: 'net-v-blouse',
  name: 'Net V blouse',
  summary:
    'Princess blouse to below the waist with net laid over, a V or crossed; zip at the back; lined, front on a stay',
  parts: { bodice: 'bodice-net' },
});
