import { measureIds, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { measuresIn, type SequenceId } from '@ample-bolt/core/measures/sequences';
import { styleOf } from '@ample-bolt/core/styles/style-book';

export interface AskedMeasure {
  readonly id: MeasureId;
  readonly group: string;
  /** What happens when it is left out; `more` is one that the style does not use. */
  readonly need: 'required' | 'derived' | 'check' | 'more';
}

/** Where each part of the body begins in the taking order. */
const parts: readonly { readonly from: MeasureId; readonly group: string }[] = [
  { from: 'waistToHip', group: 'Below the waist' },
  { from: 'armhole', group: 'Arm' },
  { from: 'neck', group: 'Rounds' },
  { from: 'height', group: 'Across and down' },
];

const placeOf = (id: MeasureId): number => measureIds.indexOf(id);

const groupOf = (id: MeasureId): string =>
  parts.find(({ from }) => placeOf(id) >= placeOf(from))?.group ?? 'Across and down';

/** Measures with what each is to the style, in taking order. */
export function asAsked(ids: readonly MeasureId[], styleId: string): AskedMeasure[] {
  const style = styleOf(styleId);
  const needOf = (id: MeasureId): AskedMeasure['need'] => {
    if (style?.requires.includes(id)) return 'required';
    if (style?.derives.includes(id)) return 'derived';
    return style?.checks.includes(id) ? 'check' : 'more';
  };
  return measureIds
    .filter((id) => ids.includes(id))
    .map((id) => ({ id, need: needOf(id), group: groupOf(id) }));
}

/** The measures of a sequence, and the one in hand wherever it was found. */
export const measuresAsked = (sequence: SequenceId, styleId: string, inHand?: MeasureId): AskedMeasure[] =>
  asAsked([...measuresIn(sequence, styleOf(styleId)), ...(inHand ? [inHand] : [])], styleId);
