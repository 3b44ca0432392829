import { measureIds, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { measuresIn, type MeasuresUsed, type SequenceId } from '@ample-bolt/core/measures/sequences';

export interface AskedMeasure {
  readonly id: MeasureId;
  readonly group: string;
  /** What happens when it is left out; `more` is one that the garment does not use. */
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

/** Measures with what each is to the garment, in taking order. */
export function asAsked(ids: readonly MeasureId[], used: MeasuresUsed | undefined): AskedMeasure[] {
  const needOf = (id: MeasureId): AskedMeasure['need'] => {
    if (used?.requires.includes(id)) return 'required';
    if (used?.derives.includes(id)) return 'derived';
    return used?.checks.includes(id) ? 'check' : 'more';
  };
  return measureIds
    .filter((id) => ids.includes(id))
    .map((id) => ({ id, need: needOf(id), group: groupOf(id) }));
}

/** The measures of a sequence, and the one in hand wherever it was found. */
export const measuresAsked = (
  sequence: SequenceId,
  used: MeasuresUsed | undefined,
  inHand?: MeasureId,
): AskedMeasure[] => asAsked([...measuresIn(sequence, used), ...(inHand ? [inHand] : [])], used);
