import type { MeasureId } from '../measures/catalogue.ts';
import type { RuleId } from '../rules/catalogue.ts';
import type { Change } from './change.ts';

/**
 * A length with the sum that it was made by: a tree down to measures, choices and house rules. Lengths in mm. The point that is
 * drawn is worth its `mm`, so that drawing and sum are one expression.
 */
export type Working =
  | { readonly kind: 'measure'; readonly id: MeasureId; readonly mm: number }
  | { readonly kind: 'rule'; readonly id: RuleId; readonly mm: number }
  /** A choice by its id, or a length that the style itself sets, which has none. */
  | { readonly kind: 'choice'; readonly label: string; readonly mm: number; readonly id?: string }
  /** A length that comes of the drawing alone: nobody chooses it, and no tape sets it out. */
  | { readonly kind: 'drawn'; readonly label: string; readonly mm: number }
  /** The length of an edge that another piece has already. */
  | { readonly kind: 'edge'; readonly piece: string; readonly edge: string; readonly mm: number }
  /** Change of a sum by the drawing, with its name and its own size. */
  | { readonly kind: 'change'; readonly change: Change; readonly mm: number }
  /** A length with a name of its own, whose sum opens. */
  | { readonly kind: 'named'; readonly label: string; readonly of: Working; readonly mm: number }
  | { readonly kind: 'sum'; readonly terms: readonly Term[]; readonly mm: number }
  | { readonly kind: 'quotient'; readonly of: Working; readonly by: number; readonly mm: number }
  | { readonly kind: 'product'; readonly of: Working; readonly by: number; readonly mm: number };

export interface Term {
  readonly sign: 1 | -1;
  readonly working: Working;
}

export const measured = (id: MeasureId, mm: number): Working => ({ kind: 'measure', id, mm });
export const byRule = (id: RuleId, mm: number): Working => ({ kind: 'rule', id, mm });
export const chosen = (label: string, mm: number, id?: string): Working => ({
  kind: 'choice',
  label,
  mm,
  ...(id !== undefined && { id }),
});
export const drawn = (label: string, mm: number): Working => ({ kind: 'drawn', label, mm });
export const edgeOfPiece = (piece: string, edge: string, mm: number): Working => ({
  kind: 'edge',
  piece,
  edge,
  mm,
});
export const named = (label: string, of: Working): Working => ({
  kind: 'named',
  label,
  of,
  mm: of.mm,
});
export const divided = (of: Working, by: number): Working => ({
  kind: 'quotient',
  of,
  by,
  mm: of.mm / by,
});
export const times = (of: Working, by: number): Working => ({
  kind: 'product',
  of,
  by,
  mm: of.mm * by,
});
export const plus = (working: Working): Term => ({ sign: 1, working });
export const minus = (working: Working): Term => ({ sign: -1, working });

/** A length that comes of the drawing, as a term of the sign that it has; mm. */
export const drawnTerm = (label: string, mm: number): Term =>
  mm < 0 ? minus(drawn(label, -mm)) : plus(drawn(label, mm));

/** Less than this is nothing, mm. */
const NOTHING = 1e-9;

/** A sum of terms. Terms that are nothing are left out, so that a working shows only what counted. */
export function sum(...terms: readonly Term[]): Working {
  const counted = terms.filter(({ working }) => Math.abs(working.mm) > NOTHING);
  const [only] = counted;
  if (counted.length === 1 && only?.sign === 1) return only.working;
  const mm = counted.reduce((total, { sign, working }) => total + sign * working.mm, 0);
  return { kind: 'sum', terms: counted, mm };
}

const termsOf = (working: Working): readonly Term[] =>
  working.kind === 'sum' ? working.terms : [plus(working)];

/** The working with terms added after its own. */
export const added = (working: Working, ...terms: readonly Term[]): Working =>
  sum(...termsOf(working), ...terms);

/** The working after the drawing has changed it by `mm`; changes by one name are told as one. */
export function changed(working: Working, change: Change, mm: number): Working {
  const terms = termsOf(working);
  const isSame = ({ working: term }: Term): boolean => term.kind === 'change' && term.change === change;
  const before = terms.filter(isSame).reduce((total, { sign, working: term }) => total + sign * term.mm, 0);
  const whole = before + mm;
  const size: Working = { kind: 'change', change, mm: Math.abs(whole) };
  return sum(...terms.filter((term) => !isSame(term)), whole < 0 ? minus(size) : plus(size));
}

/** The smaller of two, mm: what sets a limit shows its own sum where it does. */
export const atMost = (working: Working, limit: Working): Working =>
  working.mm <= limit.mm ? working : limit;

export const atLeast = (working: Working, limit: Working): Working =>
  working.mm >= limit.mm ? working : limit;

/** Every leaf of a working, with the sign and the factor that it counts by. */
export interface Leaf {
  readonly leaf: Exclude<Working, { kind: 'named' | 'sum' | 'quotient' | 'product' }>;
  readonly factor: number;
}

export function leavesOf(working: Working, factor = 1): Leaf[] {
  switch (working.kind) {
    case 'measure':
    case 'rule':
    case 'choice':
    case 'drawn':
    case 'edge':
    case 'change':
      return [{ leaf: working, factor }];
    case 'named':
      return leavesOf(working.of, factor);
    case 'sum':
      return working.terms.flatMap((term) => leavesOf(term.working, term.sign * factor));
    case 'quotient':
      return leavesOf(working.of, factor / working.by);
    case 'product':
      return leavesOf(working.of, factor * working.by);
  }
}

/** Whether nothing of a length was measured, chosen or ruled: it comes of the drawing alone. */
export const isAsDrawn = (working: Working): boolean =>
  leavesOf(working).every(({ leaf }) => leaf.kind === 'drawn' || leaf.kind === 'change');
