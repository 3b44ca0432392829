import type { Finding } from '../findings/finding.ts';
import type { Unit } from '../units/length.ts';
import { chosen, type Working } from '../workings/working.ts';

/** What an argument of a quick sum is. Lengths are in mm inside; a ratio and a count are plain; a word is one of a few. */
export type SumArgument = {
  readonly id: string;
  readonly label: string;
  /** May be left out though it has no usual value. */
  readonly optional?: boolean;
} & (
  | { readonly kind: 'length' | 'ratio'; readonly usual?: number; readonly positive?: boolean }
  | { readonly kind: 'count'; readonly usual?: number; readonly least: number; readonly most: number }
  | { readonly kind: 'percent'; readonly usual?: number }
  | { readonly kind: 'word'; readonly words: readonly string[]; readonly usual: string }
);

export type Quantity =
  | { readonly kind: 'length'; readonly mm: number }
  | { readonly kind: 'purchase'; readonly amount: number; readonly unit: 'yd' | 'm'; readonly mm: number }
  | { readonly kind: 'count'; readonly count: number };

/** One line of what a sum gives: its figure and how it came about. */
export interface SumLine {
  readonly key: string;
  readonly label: string;
  readonly quantity: Quantity;
  /** The sum as a tree, or in words where it is no sum of lengths. */
  readonly working: Working | string;
}

export interface SumOutcome {
  /** The first line is the sum's value. */
  readonly lines: readonly [SumLine, ...SumLine[]];
  readonly findings: readonly Finding[];
}

/** The arguments of one sum as read: asked for by id, each in its own kind. */
export interface SumInputs {
  readonly unit: Unit;
  readonly has: (id: string) => boolean;
  /** A length in mm, a ratio or a count; throws when the sum does not have it, which is a fault of the recipe. */
  readonly of: (id: string) => number;
  readonly word: (id: string) => string;
  /** A length as a term of a working, named by its label. */
  readonly term: (id: string) => Working;
}

/** A sum that people do in their heads at the table, as data: what it asks for, and how it goes. */
export interface QuickSum {
  readonly name: string;
  readonly title: string;
  readonly summary: string;
  readonly args: readonly SumArgument[];
  /** Which of the optional arguments this sum cannot do without, given the others. */
  readonly needs?: (inputs: SumInputs) => readonly string[];
  /** The unit of its results, where that is not the unit asked in. */
  readonly resultsIn?: (inputs: SumInputs) => Unit;
  readonly sum: (inputs: SumInputs) => SumOutcome;
}

export const lengthLine = (key: string, label: string, mm: number, working: Working | string): SumLine => ({
  key,
  label,
  quantity: { kind: 'length', mm },
  working,
});

export const countLine = (key: string, label: string, count: number, working: string): SumLine => ({
  key,
  label,
  quantity: { kind: 'count', count },
  working,
});

export const outcome = (
  lines: readonly [SumLine, ...SumLine[]],
  findings: readonly Finding[] = [],
): SumOutcome => ({ lines, findings });

/** Inputs from values that are known to fit the sum's arguments. */
export function sumInputs(
  args: readonly SumArgument[],
  values: { readonly [id: string]: number | string },
  unit: Unit,
): SumInputs {
  const argOf = (id: string): SumArgument => {
    const found = args.find((each) => each.id === id);
    if (!found) throw new Error(`the sum asks for ${id}, which is not one of its arguments`);
    return found;
  };
  const value = (id: string): number | string | undefined => values[id] ?? argOf(id).usual;
  const of = (id: string): number => {
    const found = value(id);
    if (typeof found !== 'number') throw new Error(`${id} is missing`);
    return found;
  };
  return {
    unit,
    has: (id) => value(id) !== undefined,
    of,
    word: (id) => String(value(id)),
    term: (id) => chosen(argOf(id).label, of(id)),
  };
}
