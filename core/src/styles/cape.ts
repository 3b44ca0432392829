import { styleFrom } from './style-from.ts';

/** A cape by itself, from the neck over both shoulders. */
export const capeStyle = styleFrom({
  id: 'cape',
  name: 'Cape',
  summary: 'A part of a circle from the neck over the shoulders, open in front, its neck bound on the bias',
  parts: { bodice: 'bodice-cape' },
});
