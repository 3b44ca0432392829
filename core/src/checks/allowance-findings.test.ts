import { expect, test } from '@jest/globals';
import { seamRoles } from '../pieces/allowances.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { inches } from '../units/length.ts';
import { allowanceFindings } from './allowance-findings.ts';

test('the house as it comes has nothing unusual', () => {
  expect(allowanceFindings(ruleSet(), {})).toEqual([]);
});

test.each([
  ['forgotten', { 'allowance.side': 0 }, 'allowance.side'],
  ['doubled past what is usual', { 'allowance.side': inches(2) }, 'allowance.side'],
  ['doubled within what is usual', { 'allowance.neck': inches(0.5) }, 'allowance.neck'],
  ['of a hem that was forgotten', { 'allowance.hem': 0 }, 'allowance.hem'],
])('an allowance %s is a care with the usual range', (_, rules, subject) => {
  const [found, ...others] = allowanceFindings(ruleSet(rules), {});
  expect(others).toEqual([]);
  expect(found).toMatchObject({ code: 'allowance-unusual', severity: 'care', where: { subject } });
  expect(found?.remedy).toMatchObject({ kind: 'set-rule', rule: subject });
});

test('all seams at nothing are told one by one, a garment’s own allowances too', () => {
  const own = Object.fromEntries(seamRoles.map((role) => [role, 0]));
  // A lining hem is cut to its line.
  expect(allowanceFindings(ruleSet(), own)).toHaveLength(seamRoles.length - 1);
});
