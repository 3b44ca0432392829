import { measureName } from '../measures/catalogue.ts';
import { ruleOf } from '../rules/catalogue.ts';
import { formatNumber, roundLength, type LengthFormat } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';
import { evaluate, type Working } from './working.ts';

/** Workings show sixteenths and half millimetres: finer than the chalk, so that a sum can be followed. */
const format = (style: 'plain' | 'typeset'): LengthFormat => ({ denominator: 16, decimals: 2, style });

export const labelOf = (leaf: Exclude<Working, { kind: 'sum' | 'quotient' | 'product' }>): string => {
  switch (leaf.kind) {
    case 'measure':
      return measureName(leaf.id);
    case 'rule':
      return ruleOf(leaf.id).label;
    case 'choice':
    case 'drawn':
    case 'correction':
      return leaf.label;
  }
};

/** A factor in as many digits as a hand would write. */
const plainNumber = (factor: number): string => String(Number(factor.toPrecision(4)));

function expression(working: Working, unit: Unit, style: 'plain' | 'typeset', inner: boolean): string {
  switch (working.kind) {
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'correction':
      return `${labelOf(working)} ${formatNumber(working.mm, unit, format(style))}`;
    case 'sum': {
      const text = shownTerms(working, unit, style)
        .map(({ sign, working: term }, index) => {
          const operator = sign < 0 ? '− ' : index === 0 ? '' : '+ ';
          return operator + expression(term, unit, style, sign < 0);
        })
        .join(' ');
      return inner ? `(${text})` : text;
    }
    case 'quotient':
      return `${expression(working.of, unit, style, true)} ÷ ${plainNumber(working.by)}`;
    case 'product':
      return `${expression(working.of, unit, style, true)} × ${plainNumber(working.by)}`;
  }
}

function leavesOf(working: Working): { mm: number; correction: boolean }[] {
  switch (working.kind) {
    case 'sum':
      return working.terms.flatMap((term) => leavesOf(term.working));
    case 'quotient':
    case 'product':
      return leavesOf(working.of);
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'correction':
      return [{ mm: working.mm, correction: working.kind === 'correction' }];
  }
}

const isLeaf = ({ kind }: Working): boolean => kind !== 'sum' && kind !== 'quotient' && kind !== 'product';

/** The terms of a sum that are shown: a change that comes to nothing is not. */
const shownTerms = (working: Extract<Working, { kind: 'sum' }>, unit: Unit, style: 'plain' | 'typeset') =>
  working.terms.filter(
    ({ working: term }) => term.kind !== 'correction' || formatNumber(term.mm, unit, format(style)) !== '0',
  );

/**
 * The trade's one-line sum: `(bust 36 + ease 2) ÷ 4 + side seam 1 = 10 1/2`.
 * `≈` stands for `=` where a term or the result was rounded, or a curve moved the sum.
 * A single term is its own result.
 */
export function renderWorking(working: Working, unit: Unit, style: 'plain' | 'typeset' = 'plain'): string {
  if (isLeaf(working)) return expression(working, unit, style, false);
  const result = evaluate(working);
  const leaves = leavesOf(working);
  const rounds = (mm: number) => Math.abs(roundLength(mm, unit, format(style)) - mm) > 1e-6;
  const exact = !rounds(result) && !leaves.some((leaf) => leaf.correction || rounds(leaf.mm));
  const text = expression(working, unit, style, false);
  const shown = formatNumber(result, unit, format(style));
  // A sum of one term that comes to itself is said once.
  if (working.kind === 'sum') {
    const [only, ...more] = shownTerms(working, unit, style);
    if (only?.sign === 1 && more.length === 0 && isLeaf(only.working) && text.endsWith(` ${shown}`))
      return text;
  }
  return `${text} ${exact ? '=' : '≈'} ${shown}`;
}
