import { inches } from '../../units/length.ts';
import { blouseChoices } from '../princess-shell/shell-choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a blouse with a yoke of stretch net. */
// prettier-ignore
export const bodiceYokeChoices = {
  ...blouseChoices,
  yokeLevel: { kind: 'length', label: 'Yoke seam, down', group: 'Bodice', help: 'From the start line', least: inches(3.5), most: inches(9), usual: 'from-body' },
  drape: { kind: 'length', label: 'Ease for draping', group: 'Layers', help: 'Outer over its base, each half', least: 0, most: inches(3), usual: inches(0.75) },
  drapeFrom: { kind: 'option', label: 'It drapes', group: 'Layers', help: 'where the ease is laid in', options: { yoke: 'from the yoke', hem: 'to the hem alone' }, usual: 'yoke' },
  tail: { kind: 'length', label: 'Hem lower at the centre', group: 'Bodice', help: 'Than at the side', least: 0, most: inches(4), usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

export type BodiceYokeChosen = ChosenOf<typeof bodiceYokeChoices>;
