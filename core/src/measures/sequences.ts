import { measureIds, type MeasureId } from './catalogue.ts';

/** Which measures are taken one after the other: what the ticket's style uses, or a set that a shop takes as a habit. */
export type SequenceId = 'style' | 'dress' | 'bodice' | 'trousers' | 'full' | 'recut' | 'child';

export const sequenceNames: { readonly [id in SequenceId]: string } = {
  style: 'This style',
  dress: 'Dress',
  bodice: 'Bodice',
  trousers: 'Trousers',
  recut: 'Recut',
  child: 'Child',
  full: 'Whole tape',
};

export const sequenceIds = Object.keys(sequenceNames) as SequenceId[];

const bodice: readonly MeasureId[] = [
  'shoulder', 'acrossChest', 'acrossBack', 'bustSpan', 'shoulderToBust', 'shoulderToUnderBust', 'frontWaistLength', 'backWaistLength',
  'neck', 'highBust', 'bust', 'underBust', 'waist', 'armhole', 'upperArm', 'wrist', 'armLength',
]; // prettier-ignore

/** Measures that shops take by habit for a kind of work. Common practice, no source. */
// prettier-ignore
const habits: { readonly [id in Exclude<SequenceId, 'style' | 'full'>]: readonly MeasureId[] } = {
  bodice,
  dress: [...bodice, 'hip', 'waistToHip', 'waistToKnee', 'fullLength', 'heelHeight'],
  trousers: ['height', 'waist', 'highHip', 'hip', 'waistToHip', 'waistToKnee', 'waistToFloor', 'inseam', 'crotchDepth', 'crotchLength', 'trouserWaist', 'trouserWaistDrop', 'thigh', 'knee', 'calf', 'ankle', 'foot'],
  recut: ['shoulder', 'acrossBack', 'frontWaistLength', 'bust', 'underBust', 'waist', 'hip', 'armhole', 'upperArm', 'wrist', 'armLength', 'shoulderToHip'],
  // No bust measures: a child's chest and waist are close.
  child: ['height', 'shoulder', 'acrossChest', 'acrossBack', 'frontWaistLength', 'backWaistLength', 'neck', 'bust', 'waist', 'hip', 'head', 'armhole', 'upperArm', 'wrist', 'armLength', 'waistToHip', 'waistToKnee', 'waistToFloor', 'inseam'],
};

/** Measures that a style uses: those that it is drafted from, those worked out when not taken, those only compared. */
export interface MeasuresUsed {
  readonly requires: readonly MeasureId[];
  readonly derives: readonly MeasureId[];
  readonly checks: readonly MeasureId[];
}

/** The measures of a sequence in taking order. */
export function measuresIn(sequence: SequenceId, style: MeasuresUsed | undefined): MeasureId[] {
  switch (sequence) {
    case 'full':
      return [...measureIds];
    case 'style': {
      const used = style ? [...style.requires, ...style.derives, ...style.checks] : [];
      return measureIds.filter((id) => used.includes(id));
    }
    case 'dress':
    case 'bodice':
    case 'trousers':
    case 'recut':
    case 'child':
      return measureIds.filter((id) => habits[sequence].includes(id));
  }
}
