import { inches } from '../../units/length.ts';
import { plainBodiceChoices } from '../plain-bodice/choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a bodice with a collar that stands. Common practice: a neck 3 wide, 2½ deep in front and 1 behind. */
// prettier-ignore
export const turtleneckBodiceChoices = {
  ...plainBodiceChoices,
  neckline: { ...plainBodiceChoices.neckline, help: 'high and round, for the collar', options: { round: 'round' } },
  neckWidth: { ...plainBodiceChoices.neckWidth, most: inches(4) },
  neckDepthFront: { ...plainBodiceChoices.neckDepthFront, most: inches(4), usual: inches(2.5) },
  neckDepthBack: { ...plainBodiceChoices.neckDepthBack, most: inches(2), usual: inches(1) },
  collarHeight: { kind: 'length', label: 'Collar height', group: 'Neck', help: 'Finished', least: inches(0.75), most: inches(4), usual: inches(1.5) },
  collarRaise: { kind: 'length', label: 'Collar raised in front', group: 'Neck', help: 'So that it lies to the neck', least: 0, most: inches(1), usual: inches(0.5) },
} as const satisfies Record<string, Choice>;

export type TurtleneckBodiceChosen = ChosenOf<typeof turtleneckBodiceChoices>;
