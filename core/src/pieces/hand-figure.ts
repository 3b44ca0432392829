import { ruleSet, type RuleOverrides, type RuleSet } from '../rules/catalogue.ts';

/** A figure set by a person, and the reason given. */
export interface HandFigure {
  readonly mm: number;
  readonly why: string;
  /** The line that it was read on; the cut line where nothing is said. */
  readonly line?: 'stitch';
}

/** The line that a shop reads its figures on, by its rules. */
export const handLine = (rules: RuleSet): HandFigure['line'] =>
  rules['school.allowance'] === 'cloth' ? 'stitch' : undefined;

/** A figure as a hand sets it in a shop with these rules. */
export function handOn(rules: RuleOverrides, mm: number, why: string): HandFigure {
  const line = handLine(ruleSet(rules));
  return { mm, why, ...(line && { line }) };
}

export type HandFigures = { readonly [id: string]: HandFigure };

/** The piece that a figure is of, by the figure's id: `bodice-front/waist` is of `bodice-front`. */
export const pieceOfFigure = (figure: string): string => figure.split('/')[0] ?? figure;
