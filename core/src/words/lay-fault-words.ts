import type { LayFault } from '../lay/proof/lay-fault.ts';
import { formatLength } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';
import { pieceName } from './names.ts';

/** `bodice-back 2` as the people at the table call it: the second of the bodice backs. */
const copyName = (piece: string): string => {
  const [, id = piece, copy] = /^(.*) (\d+)$/.exec(piece) ?? [];
  return copy ? `${pieceName(id)} ${copy}` : pieceName(id);
};

/** Why a lay is not one that can be cut. */
export function layFaultWords({ code, pieces, mm = 0 }: LayFault, unit: Unit): string {
  const [first = '', second = ''] = pieces.map(copyName);
  const by = formatLength(mm, unit, { denominator: 16, decimals: 1, style: 'typeset' });
  switch (code) {
    case 'overlap':
      return `${first} and ${second} lie on each other, ${by} deep.`;
    case 'outside-width':
      return `${first} reaches ${by} over the usable edge.`;
    case 'outside-length':
      return `${first} reaches ${by} past the end of the cloth.`;
    case 'wrong-count':
      return `${first} is not there as often as it is cut.`;
    case 'unknown-piece':
      return `${first} is no piece of this garment.`;
    case 'not-the-outline':
      return `${first} is drawn differently now, by up to ${by}.`;
    case 'not-mirrored-in-pairs':
      return `${first} is not cut in equal numbers for left and right.`;
    case 'of-the-wrong-hand':
      return `${first} is turned over: cut so, it would be for the other side of the body.`;
    case 'against-the-nap':
      return `${first} points against the nap.`;
    case 'off-the-fold':
      return `${first} is cut on the fold and does not lie on it.`;
    case 'not-on-double-cloth':
      return `${first} lies on folded cloth where no second one is cut with it.`;
    case 'unreal-fold':
      return 'The cloth cannot be folded so.';
    case 'on-a-flaw':
      return `${first} lies on a flaw, ${by} deep.`;
    case 'off-the-cloth':
      return `${first} reaches ${by} out of the cloth.`;
    case 'on-a-panel':
      return `${first} lies on a panel that is kept for another piece, ${by} deep.`;
    case 'off-its-panel':
      return `${first} does not lie on its panel with its middle on the motif’s: it is off by ${by}.`;
    case 'off-the-repeat':
      return `${first} does not match the print: its level is off by ${by}.`;
    case 'too-close':
      return `${first} and ${second} are too close: ${by} more between them.`;
    case 'off-the-figure':
      return `${first} has its centre ${by} off the middle of a figure.`;
    case 'off-its-pins':
      return `${first} does not lie under what it is cut with.`;
    case 'off-its-grain':
      return `${first} does not lie with its grain as it was set.`;
    case 'off-the-border':
      return mm > 0.1
        ? `${first} lies ${by} off the border with its hem.`
        : `${first} lies on the border with another side than its hem.`;
    case 'out-of-section':
      return `${first} lies past the end of its fold.`;
  }
}
