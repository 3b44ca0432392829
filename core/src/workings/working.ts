import type { MeasureId } from '../measures/catalogue.ts';
import type { RuleId } from '../rules/catalogue.ts';

/**
 * A figure with the sum that made it: a tree down to measures, choices and house rules. Lengths in mm.
 * A correction is what the drawing itself did to the sum: a curve, or width given back.
 */
export type Working =
  | { readonly kind: 'measure'; readonly id: MeasureId; readonly mm: number }
  | { readonly kind: 'rule'; readonly id: RuleId; readonly mm: number }
  | { readonly kind: 'choice'; readonly label: string; readonly mm: number }
  | { readonly kind: 'drawn'; readonly label: string; readonly mm: number }
  | { readonly kind: 'correction'; readonly label: string; readonly mm: number }
  | { readonly kind: 'sum'; readonly terms: readonly Term[] }
  | { readonly kind: 'quotient'; readonly of: Working; readonly by: number }
  | { readonly kind: 'product'; readonly of: Working; readonly by: number };

export interface Term {
  readonly sign: 1 | -1;
  readonly working: Working;
}

export const measured = (id: MeasureId, mm: number): Working => ({ kind: 'measure', id, mm });
export const byRule = (id: RuleId, mm: number): Working => ({ kind: 'rule', id, mm });
export const chosen = (label: string, mm: number): Working => ({ kind: 'choice', label, mm });
/** A length taken from what was drawn before: a dart mouth, a level, another edge. */
export const drawn = (label: string, mm: number): Working => ({ kind: 'drawn', label, mm });
export const divided = (of: Working, by: number): Working => ({ kind: 'quotient', of, by });
export const times = (of: Working, by: number): Working => ({ kind: 'product', of, by });
export const plus = (working: Working): Term => ({ sign: 1, working });
export const minus = (working: Working): Term => ({ sign: -1, working });

/** A sum of terms. Terms that are nothing are left out, so that a working shows only what counted. */
export function sum(...terms: readonly Term[]): Working {
  const counted = terms.filter(({ working }) => Math.abs(evaluate(working)) > 1e-9);
  const [only] = counted;
  return counted.length === 1 && only?.sign === 1 ? only.working : { kind: 'sum', terms: counted };
}

/** The value of a working in mm, from its leaves. */
export function evaluate(working: Working): number {
  switch (working.kind) {
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'correction':
      return working.mm;
    case 'sum':
      return working.terms.reduce((total, term) => total + term.sign * evaluate(term.working), 0);
    case 'quotient':
      return evaluate(working.of) / working.by;
    case 'product':
      return evaluate(working.of) * working.by;
  }
}

/** Below this the drawing is said to agree with its sum: a tenth of a millimetre cannot be chalked. */
const DRAWN_AS_ADDED = 0.1;

/** The working with one more term that brings it to what was really drawn; `label` says what moved it. */
export function corrected(working: Working, drawnMm: number, label: string): Working {
  const mm = drawnMm - evaluate(working);
  if (Math.abs(mm) < DRAWN_AS_ADDED) return working;
  const terms = working.kind === 'sum' ? working.terms : [plus(working)];
  const size: Working = { kind: 'correction', label, mm: Math.abs(mm) };
  return { kind: 'sum', terms: [...terms, mm < 0 ? minus(size) : plus(size)] };
}
