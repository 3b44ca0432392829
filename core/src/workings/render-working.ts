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
      const text = working.terms
        .filter(
          ({ working: term }) =>
            term.kind !== 'correction' || formatNumber(term.mm, unit, format(style)) !== '0',
        )
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

/** A sum whose other terms come to nothing that is shown. */
const isOneTerm = (working: Working): boolean =>
  working.kind === 'sum' &&
  working.terms.filter(({ working: term }) => term.kind !== 'correction').length === 1 &&
  working.terms.every(
    ({ sign, working: term }) =>
      sign > 0 && (isLeaf(term) ? term.kind !== 'correction' || Math.abs(term.mm) < UNSEEN : false),
  );

/** Less than this is not shown of a sum, mm. */
const UNSEEN = 0.4;

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
  // A sum of one term that comes to itself is said once.
  if (isOneTerm(working)) return text;
  return `${text} ${exact ? '=' : '≈'} ${formatNumber(result, unit, format(style))}`;
}
