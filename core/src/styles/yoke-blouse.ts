import { styleFrom } from './style-from.ts';

/** A princess blouse under a yoke of stretch net. */
export const yokeBlouse = styleFrom({
  id: 'yoke-blouse',
  name: 'Yoke blouse',
  summary:
    'Princess blouse to below the waist under a yoke of stretch net; the outer drapes over a base; hem shaped at the side; zip at the back',
  parts: { bodice: 'bodice-yoke' },
});
