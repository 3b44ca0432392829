import { measureIds, measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { styleOf } from '@ample-bolt/core/styles/style-book';

export interface AskedMeasure {
  readonly id: MeasureId;
  readonly group: string;
  /** What happens when it is left out. */
  readonly need: 'required' | 'derived' | 'check';
}

const groupOf = (id: MeasureId): string => {
  const { kind } = measureOf(id);
  if (id === 'armhole') return 'Arm';
  if (id.startsWith('waistTo')) return 'Below the waist';
  return kind === 'round' ? 'Rounds' : 'Across and down';
};

/** The measures that a style uses, in taking order. */
export function measuresAsked(styleId: string): AskedMeasure[] {
  const style = styleOf(styleId);
  if (!style) return [];
  const needOf = (id: MeasureId): AskedMeasure['need'] | undefined => {
    if (style.requires.includes(id)) return 'required';
    if (style.derives.includes(id)) return 'derived';
    return style.checks.includes(id) ? 'check' : undefined;
  };
  return measureIds.flatMap((id) => {
    const need = needOf(id);
    return need ? [{ id, need, group: groupOf(id) }] : [];
  });
}
