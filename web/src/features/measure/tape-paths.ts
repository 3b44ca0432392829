import type { MeasureId } from '@ample-bolt/core/measures/catalogue';

export interface TapePath {
  readonly view: 'front' | 'back';
  /** In the coordinates of the figure, 220 by 420. */
  readonly path: string;
}

/** Where the tape runs on the figure, for the measures that it can show. */
export const tapePaths: { readonly [id in MeasureId]?: TapePath } = {
  height: { view: 'front', path: 'M196 16V408' },
  shoulder: { view: 'back', path: 'M71 92Q110 78 149 92' },
  shoulderLength: { view: 'front', path: 'M97 83L71 92' },
  acrossChest: { view: 'front', path: 'M80 116H140' },
  acrossBack: { view: 'back', path: 'M78 116H142' },
  bustSpan: { view: 'front', path: 'M94 140H126' },
  shoulderToBust: { view: 'front', path: 'M97 83Q93 112 94 140' },
  shoulderToUnderBust: { view: 'front', path: 'M97 83Q91 116 94 156' },
  frontWaistLength: { view: 'front', path: 'M97 83Q90 118 94 156L97 190' },
  backWaistLength: { view: 'back', path: 'M97 83Q94 130 97 190' },
  neck: { view: 'front', path: 'M96 80Q110 92 124 80' },
  highBust: { view: 'front', path: 'M78 124Q110 134 142 124' },
  bust: { view: 'front', path: 'M77 138Q110 152 143 138' },
  underBust: { view: 'front', path: 'M80 156Q110 167 140 156' },
  waist: { view: 'front', path: 'M85 190Q110 199 135 190' },
  hip: { view: 'front', path: 'M73 240Q110 253 147 240' },
  armhole: { view: 'front', path: 'M71 92Q60 108 80 124Q86 104 71 92' },
  upperArm: { view: 'front', path: 'M160 146Q165 151 170 145' },
  hand: { view: 'front', path: 'M167 216Q172 222 178 216' },
  waistToHip: { view: 'front', path: 'M135 190Q146 214 147 240' },
  waistToKnee: { view: 'front', path: 'M135 190Q156 250 134 352' },
};
