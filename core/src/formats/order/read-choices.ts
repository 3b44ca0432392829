import { seamRoles, type Allowances, type SeamRole } from '../../pieces/allowances.ts';
import type { Style } from '../../styles/style.ts';
import type { Choice, ChoiceValues } from '../../garment/choice.ts';
import { inches, type Unit } from '../../units/length.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { readLength } from '../../input/read-length.ts';
import type { GarmentFile, WrittenLength } from './order-file.ts';

/** An allowance wider than this is a slip, mm. */
const ALLOWANCE_BOUNDS = { least: 0, most: inches(4) };

function readAllowances(written: unknown, unit: Unit, field: string): Read<Partial<Allowances>> {
  if (typeof written !== 'object' || written === null)
    return refuse('wrong-shape', field, 'Allowances are written by seam role, such as { "side": 1 }.');
  const values: Partial<Record<SeamRole, number>> = {};
  for (const [role, value] of Object.entries(written as Record<string, WrittenLength>)) {
    if (!isSeamRole(role))
      return refuse(
        'unknown-choice',
        `${field}.${role}`,
        `${role} is not a seam role; there are ${seamRoles.join(', ')}.`,
      );
    const mm = readLength(value, unit, `${field}.${role}`, `The ${role} allowance`, ALLOWANCE_BOUNDS);
    if (!mm.ok) return mm;
    values[role] = mm.value;
  }
  return read(values);
}

const isSeamRole = (text: string): text is SeamRole => seamRoles.some((role) => role === text);

/** Reads one choice: a length in any form, or the id of an option. */
export function readChoice(
  choice: Choice,
  written: WrittenLength,
  unit: Unit,
  field: string,
): Read<number | string> {
  switch (choice.kind) {
    case 'length':
      return readLength(written, unit, field, choice.label, choice);
    case 'option': {
      const option = String(written).trim();
      return Object.hasOwn(choice.options, option)
        ? read(option)
        : refuse(
            'unknown-option',
            field,
            `${choice.label} is one of ${Object.keys(choice.options).join(', ')}.`,
          );
    }
  }
}

/** Reads a garment's choices against its style: unknown ones and those out of range are refused by name. */
export function readChoices(
  style: Style,
  garment: GarmentFile,
  unit: Unit,
  field: string,
): Read<{ choices: ChoiceValues; allowances: Partial<Allowances> }> {
  const choices: Record<string, number | string> = {};
  let allowances: Partial<Allowances> = {};
  for (const [id, written] of Object.entries(garment.choices ?? {})) {
    if (id === 'allowances') {
      const own = readAllowances(written, unit, `${field}.allowances`);
      if (!own.ok) return own;
      allowances = own.value;
      continue;
    }
    const choice = Object.hasOwn(style.choices, id) ? style.choices[id] : undefined;
    if (!choice)
      return refuse(
        'unknown-choice',
        `${field}.${id}`,
        `${id} is not a choice of ${style.id}; it has ${Object.keys(style.choices).join(', ')}.`,
      );
    if (typeof written === 'object')
      return refuse(
        'wrong-shape',
        `${field}.${id}`,
        `${choice.label} is a length, such as 3 or "3 1/2", or the name of an option.`,
      );
    const value = readChoice(choice, written, unit, `${field}.${id}`);
    if (!value.ok) return value;
    choices[id] = value.value;
  }
  return read({ choices, allowances });
}
