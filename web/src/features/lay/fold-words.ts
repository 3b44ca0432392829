import type { Fold } from '@ample-bolt/core/lay/lay';

export const foldWords: Readonly<Record<Fold, { readonly name: string; readonly how: string }>> = {
  open: { name: 'Open, one layer', how: 'Every copy is chalked on its own.' },
  width: {
    name: 'Folded to width',
    how: 'As deep as the widest half-piece; beside the fold the cloth stays open.',
  },
  half: { name: 'Folded in half', how: 'Selvedge to selvedge; one outline cuts two.' },
};
