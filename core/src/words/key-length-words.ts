import type { KeyLength } from '../garment/key-lengths.ts';

/** Names of the key lengths of a garment. */
export const keyLengthWords: { readonly [of in KeyLength['of']]: string } = {
  length: 'start line to hem',
  'hem-round': 'round of the hem',
  'lower-round': 'round of the lower edge',
  zip: 'zip',
  trim: 'trim along the hems, without joins',
  sleeve: 'sleeve, from the shoulder',
  leg: 'leg, from the waist at the side',
  'leg-round': 'round of the leg’s hem',
  'sleeve-round': 'round of the sleeve’s end',
};
