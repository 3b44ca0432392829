import type { LayWay } from '@ample-bolt/core/lay/model/lay';

export const foldWords: Readonly<Record<LayWay, { readonly name: string; readonly how: string }>> = {
  open: { name: 'Open, one layer', how: 'Every copy is chalked on its own.' },
  width: {
    name: 'Folded to width',
    how: 'As deep as the widest half-piece; beside the fold the cloth stays open.',
  },
  two: {
    name: 'Two folds',
    how: 'Both selvedges folded in; half-pieces lie on either fold.',
  },
  four: {
    name: 'Folded in four',
    how: 'Along and across; one outline cuts four.',
  },
  cross: {
    name: 'Cross fold',
    how: 'Full width, end to start; one outline cuts two.',
  },
  mixed: {
    name: 'Folded again',
    how: 'First double, for pairs and half-pieces; then open, for what is single.',
  },
  half: { name: 'Folded in half', how: 'Selvedge to selvedge; one outline cuts two.' },
};
