import { ruleOf, type RuleId, type RuleValue } from '../rules/catalogue.ts';
import { formatLength } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';

/** A rule's value as the shop says it: a length in its unit, a plain number, or the name of a method. */
export function ruleValueWords(id: RuleId, value: RuleValue, unit: Unit): string {
  const rule = ruleOf(id);
  switch (rule.kind) {
    case 'method':
      return rule.methods[value] ?? String(value);
    case 'length':
      return formatLength(Number(value), unit, { denominator: 16, style: 'typeset' });
    case 'ratio':
      return String(Math.round(Number(value) * 1000) / 1000);
    case 'percent':
      return `${value} %`;
    case 'days':
      return `${value} days`;
    case 'minutes':
      return `${value} min`;
  }
}

/** Families of rules by the first part of their ids, in the words of the house's page. */
export const ruleFamilies: { readonly [family: string]: string } = {
  school: 'Schools',
  allowance: 'Allowances',
  shoulder: 'Shoulder and neck',
  armhole: 'Armhole and bust',
  waist: 'Waist and skirt',
  trousers: 'Trousers',
  facing: 'Facing and lining',
  habit: 'Table habit',
  derive: 'Worked out when not measured',
  check: 'When a measure is pointed out',
  cloth: 'Cloth',
};

const familyOfPrefix: { readonly [prefix: string]: string } = {
  neck: 'shoulder',
  bust: 'armhole',
  dart: 'armhole',
  princess: 'armhole',
  contour: 'armhole',
  intake: 'armhole',
  strapless: 'armhole',
  cup: 'armhole',
  tummy: 'waist',
  back: 'waist',
  strip: 'facing',
  chestLine: 'habit',
  skirt: 'waist',
  walking: 'waist',
  slit: 'waist',
  tier: 'waist',
  net: 'waist',
  zip: 'waist',
  lining: 'facing',
};

/** Which family a rule is listed under. */
export function familyOf(id: RuleId): string {
  const prefix = id.split('.')[0] ?? id;
  return familyOfPrefix[prefix] ?? prefix;
}
