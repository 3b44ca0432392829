import {
  isRuleId,
  ruleOf,
  ruleSet,
  rules,
  type MethodRule,
  type RuleId,
  type RuleOverrides,
  type RuleSet,
  type RuleValue,
} from '../../rules/catalogue.ts';
import type { Unit } from '../../units/length.ts';
import { nearestOf } from '../../text/nearest.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { readLength } from '../../input/read-length.ts';
import type { OrderFile, WrittenLength } from './order-file.ts';

function readMethod(rule: MethodRule, written: WrittenLength, field: string): Read<string> {
  const known = Object.keys(rule.methods);
  const method = known.find((each) => each === written);
  return method === undefined
    ? refuse('unknown-method', field, `Rule ${rule.label} is one of ${known.join(', ')}.`)
    : read(method);
}

/** Reads one house rule: a length in any form, a plain number, or the name of a method. */
export function readRule(id: RuleId, written: WrittenLength, unit: Unit, field: string): Read<RuleValue> {
  const rule = ruleOf(id);
  switch (rule.kind) {
    case 'method':
      return readMethod(rule, written, field) as Read<RuleValue>;
    case 'length': {
      const [least, most] = rule.range;
      return readLength(written, unit, field, `Rule ${rule.label}`, { least, most });
    }
    case 'ratio':
    case 'percent':
    case 'days':
    case 'minutes': {
      const count = typeof written === 'number' ? written : Number(written.trim() || NaN);
      const [least, most] = rule.range;
      return count >= least && count <= most
        ? read(count)
        : refuse('out-of-range', field, `Rule ${rule.label} must be a number between ${least} and ${most}.`);
    }
  }
}

/** Reads rules by dotted id; only those that are written. */
export function readRuleOverrides(written: NonNullable<OrderFile['rules']>, unit: Unit): Read<RuleOverrides> {
  const values: { [id in RuleId]?: RuleValue } = {};
  for (const [id, value] of Object.entries(written)) {
    const field = `rules.${id}`;
    if (!isRuleId(id))
      return refuse(
        'unknown-rule',
        field,
        nearestOf(id, Object.keys(rules)) === undefined
          ? `${id} is not a house rule; there are ${Object.keys(rules).join(', ')}.`
          : `${id} is not a house rule; did you mean ${nearestOf(id, Object.keys(rules))}?`,
      );
    const rule = readRule(id, value, unit, field);
    if (!rule.ok) return rule;
    values[id] = rule.value;
  }
  return read(values as RuleOverrides);
}

/**
 * A person's changes to a set of rules: texts are read, null takes a rule back to what `fallback` has, or to the
 * default where it has nothing.
 */
export function readRuleChanges(
  own: RuleOverrides,
  fallback: RuleOverrides,
  changes: { readonly [id: string]: string | null },
  unit: Unit,
): Read<RuleOverrides> {
  const typed = Object.entries(changes).filter((entry): entry is [string, string] => entry[1] !== null);
  const set = readRuleOverrides(Object.fromEntries(typed), unit);
  if (!set.ok) return set;
  const back = Object.keys(changes).filter((id) => changes[id] === null);
  const kept = Object.fromEntries(Object.entries(own).filter(([id]) => !back.includes(id)));
  const restored = Object.fromEntries(Object.entries(fallback).filter(([id]) => back.includes(id)));
  return read({ ...kept, ...restored, ...set.value });
}

/** Reads house rules by dotted id over the defaults. */
export function readRules(written: OrderFile['rules'], unit: Unit): Read<RuleSet> {
  const overrides = readRuleOverrides(written ?? {}, unit);
  return overrides.ok ? read(ruleSet(overrides.value)) : overrides;
}
