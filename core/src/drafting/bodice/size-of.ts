import { clamp } from '../../geometry/clamp.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { deriveMeasure } from '../../worked-out/derive.ts';
import type { Person } from '../body.ts';

/** The height at which the adult defaults hold, mm. */
export const ADULT_HEIGHT = inches(66);

/** A child's neck, widths and depths are smaller than an adult's by less than its height is: by this power of it. Our own. */
const BY_HEIGHT = 0.75;

/** The factor of an adult's default on a child of a height, mm. */
export const childSize = (height: number): number => clamp(height / ADULT_HEIGHT, 0.5, 1) ** BY_HEIGHT;

/** The factor of an adult's default on a person: a child's garment is smaller in all its lengths. */
export function sizeOf({ kind, values }: Pick<Person, 'kind' | 'values'>, rules: RuleSet): number {
  const height = values.height ?? deriveMeasure('height', values, rules)?.mm;
  return kind === 'child' && height !== undefined ? childSize(height) : 1;
}
