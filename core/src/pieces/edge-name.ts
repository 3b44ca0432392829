import { isOther, ownId } from './other-half.ts';

/** Edges that darts part, and those of strips: the long one that is sewn, the other, and the two short ends. */
const edgeNames: { readonly [id: string]: string } = {
  'waist-1': 'waist, at the centre',
  'waist-2': 'waist, past the dart',
  'waist-3': 'waist, at the side',
  'hem-1': 'hem, at the centre',
  'hem-2': 'hem, past the dart',
  'hem-3': 'hem, at the side',
  'neck-1': 'neck, up to the dart',
  'neck-2': 'neck, past the dart',
  'side-upper': 'side, above the bust dart',
  'side-lower': 'side, below the bust dart',
  band: 'long edge, sewn',
  free: 'long edge, outer',
  'end-start': 'short end, upper',
  'end-finish': 'short end, lower',
};

/** `side-lower` as `side, lower`; `waist-2` as `waist, outer`. */
export function edgeName(id: string): string {
  if (isOther(id)) return `${edgeName(ownId(id))}, other half`;
  return edgeNames[id] ?? id.replaceAll('-', ' ');
}
