import type { InputFault } from '@ample-bolt/core/input/input-fault';
import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import { readCloths } from '@ample-bolt/core/formats/order/read-cloths';
import type { HandFigures } from '@ample-bolt/core/pieces/hand-figure';
import { readFigures } from '@ample-bolt/core/formats/order/read-figures';
import { readRuleChanges } from '@ample-bolt/core/formats/order/read-rules';
import { ruleSet, type RuleOverrides } from '@ample-bolt/core/rules/catalogue';
import { readChoices } from '@ample-bolt/core/formats/order/read-choices';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import { readMeasures } from '@ample-bolt/core/measures/read-measure';
import { readGarmentMeasures } from '@ample-bolt/core/worked-out/sample-garment';
import type { EnteredById, EnteredChoices } from '@ample-bolt/core/shop/ticket';
import { styleBook, styleOf } from '@ample-bolt/core/styles/style-book';
import type { Style } from '@ample-bolt/core/styles/style';
import type { Unit } from '@ample-bolt/core/units/length';
import { withUnit } from '@ample-bolt/core/units/with-unit';
import { badInput, Problem } from './problem.ts';

type Typed = { readonly [id: string]: string };

function accepted<T>(read: { ok: true; value: T } | { ok: false; fault: InputFault }): T {
  if (!read.ok) throw badInput(read.fault);
  return read.value;
}

/** Fields that were left empty are not entered. */
const filled = (typed: Typed): Typed =>
  Object.fromEntries(Object.entries(typed).filter(([, text]) => text.trim() !== ''));

function entered(
  typed: Typed,
  lengths: { readonly [id: string]: number | undefined },
  unit: Unit,
): EnteredById {
  return Object.fromEntries(
    Object.entries(typed).map(([id, text]) => [id, { mm: lengths[id] ?? 0, typed: withUnit(text, unit) }]),
  );
}

/** Lengths as typed laid over those that stand; one that is typed empty is taken away. */
export function laidOver(
  own: EnteredById,
  typed: Typed = {},
  read: (typed: Typed) => EnteredById,
): EnteredById {
  const isEmptied = (id: string) => typed[id]?.trim() === '';
  return Object.fromEntries(Object.entries({ ...own, ...read(typed) }).filter(([id]) => !isEmptied(id)));
}

export const readMeasureEntries = (typed: Typed, unit: Unit): EnteredById =>
  entered(filled(typed), accepted(readMeasures(filled(typed), unit)), unit);

export const readGarmentEntries = (typed: Typed, unit: Unit): EnteredById =>
  entered(filled(typed), accepted(readGarmentMeasures(filled(typed), unit)), unit);

export function knownStyle(id: string): Style {
  const style = styleOf(id);
  if (!style)
    throw new Problem(
      422,
      'unknown-style',
      `${id} is not in the style book; there is ${Object.keys(styleBook).join(', ')}.`,
      { field: 'styleId' },
    );
  return style;
}

export function readChoiceEntries(styleId: string, typed: Typed, unit: Unit): EnteredChoices {
  const present = filled(typed);
  const { choices } = accepted(
    readChoices(knownStyle(styleId), { style: styleId, choices: present }, unit, 'choices'),
  );
  return Object.fromEntries(
    Object.entries(choices).map(([id, value]) => [
      id,
      typeof value === 'string'
        ? { option: value, typed: value }
        : { mm: value, typed: withUnit(present[id] ?? '', unit) },
    ]),
  );
}

/** Figures as typed laid over those that are set; null takes one back. The reason is kept as written. */
export function readFigureEntries(
  own: HandFigures,
  typed: { readonly [id: string]: { readonly value: string; readonly why: string } | null },
  unit: Unit,
  rules: RuleOverrides,
): HandFigures {
  const back = Object.keys(typed).filter((id) => typed[id] === null);
  const kept = Object.entries(own).filter(([id]) => !back.includes(id));
  const written = Object.fromEntries(
    Object.entries(typed).flatMap(([id, entry]) => (entry === null ? [] : [[id, entry] as const])),
  );
  return { ...Object.fromEntries(kept), ...accepted(readFigures(written, unit, 'figures', ruleSet(rules))) };
}

/** Rules as typed laid over the ticket's; null takes one back to what the house has today. */
export const readRuleEntries = (
  own: RuleOverrides,
  today: RuleOverrides,
  typed: { readonly [id: string]: string | null },
  unit: Unit,
): RuleOverrides => accepted(readRuleChanges(own, today, typed, unit));

export const readClothEntries = (files: readonly ClothFile[], unit: Unit): Cloth[] =>
  accepted(readCloths(files, unit));
