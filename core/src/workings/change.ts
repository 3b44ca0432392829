/** The changes that drawing makes to a sum, by name; each is told with its own size. */
export type Change =
  /** The cut line turns a corner further out or in than the allowance alone. */
  | 'corner'
  /** The cut line turns a point at the centre, which lies the further out the sharper it is. */
  | 'point'
  /** A line that is measured straight and runs aslant, or the other way round. */
  | 'slant'
  /** A dart's tip moved along the dart, which does not stand upright. */
  | 'along'
  /** An edge that bends between the places that were set. */
  | 'curve'
  /** Moved by the solver, so that the finished round is what was asked. */
  | 'givenBack'
  /** Move of the chest line, so that the armhole is as measured. */
  | 'fitted'
  /** Set so that two edges that are sewn together are of one length. */
  | 'trued'
  /** The bust point rounded off where a seam passes it. */
  | 'rounded'
  /** A dart or the armhole's wedge closed, and the cloth beside it turned with it. */
  | 'turned'
  /** As far as there is room. */
  | 'kept'
  /** To the nearest half, as it is chalked. */
  | 'nearest'
  /** Moved by hand. */
  | 'hand';

const words: { readonly [change in Change]: string } = {
  corner: 'corner of two allowances',
  point: 'point at the centre',
  slant: 'slant',
  along: 'along the dart',
  curve: 'curve of the edge',
  givenBack: 'given back',
  fitted: 'set so that the armhole fits',
  trued: 'trued to the other edge',
  rounded: 'rounded over the bust point',
  turned: 'turned with the dart that closes',
  kept: 'as far as there is room',
  nearest: 'to the nearest half',
  hand: 'moved by hand',
};

export const changeName = (change: Change): string => words[change];
