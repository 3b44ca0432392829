import type { Body } from '../../drafting/body.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import type { ChoiceValues } from '../../garment/choice.ts';
import { bodiceRecipe, type BodiceRecipe, type DrawInput, type Wearer } from '../../garment/part.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { draftPrincessShell, type PrincessShell } from './princess-shell.ts';
import { shellGirths } from './shell-girths.ts';
import type { ShellPlan } from './shell-plan.ts';

/** A drafted shell, with what it was drafted from. */
export interface ShellContext {
  readonly body: Body;
  readonly allowances: Allowances;
  readonly rules: RuleSet;
  readonly plan: ShellPlan;
  readonly shell: PrincessShell;
}

/** The garment that a bodice makes of its drafted shell. */
export interface ShellGarment extends Pick<
  DrawnGarment,
  'seams' | 'details' | 'covering' | 'besideNeck' | 'hangsAbove' | 'findings'
> {
  /** The panels as they are cut from the outer cloth: their figures are those of a shell. */
  readonly panels: readonly Piece[];
  /** Facings, lining, stay, net, strips. */
  readonly others: readonly Piece[];
  /** Checks of its own on the finished pieces: openings, coverage of a strapless edge. */
  readonly checks?: DrawnGarment['checks'];
}

/** A bodice of princess panels: what is chosen, what shell it asks for, and what becomes of it. */
export interface ShellBodice<Chosen extends ChoiceValues> {
  readonly fill: (values: ChoiceValues, wearer: Wearer) => Chosen;
  readonly plan: (body: Body, chosen: Chosen, rules: RuleSet, allowances: Allowances) => ShellPlan;
  readonly finish: (context: ShellContext, chosen: Chosen) => ShellGarment;
}

/** The recipe of a bodice of princess panels. */
export function shellRecipe<Chosen extends ChoiceValues>(spec: ShellBodice<Chosen>): BodiceRecipe {
  const draw = ({ body, rules, allowances }: DrawInput, chosen: Chosen): DrawnGarment => {
    const plan = spec.plan(body, chosen, rules, allowances);
    const shell = draftPrincessShell(body, plan, rules, allowances);
    const context: ShellContext = { body, allowances, rules, plan, shell };
    const { panels, others, findings, ...garment } = spec.finish(context, chosen);
    return {
      checks: () => [],
      ...garment,
      pieces: [...panels, ...others],
      girths: shellGirths(context, panels),
      findings: [...shell.findings, ...findings],
    };
  };
  return bodiceRecipe({ fill: spec.fill, draw });
}
