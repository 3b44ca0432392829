import { chosenOfParts, withParts } from '../../parts/with-parts.ts';
import type { Finding } from '../../findings/finding.ts';
import { allowancesFrom, type Allowances } from '../../pieces/allowances.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Detail } from '../../drafting/detail.ts';
import type { Draft } from '../../drafting/draft.ts';
import { clothRoles, type Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import type { Named } from '../../checks/rounds.ts';
import { assembleDraft } from '../../garment/assemble-draft.ts';
import type { Recipe, Style } from '../style.ts';
import type { DraftInput } from '../../garment/draft-input.ts';
import type { ChoiceValues } from '../../garment/choice.ts';
import { draftPrincessShell, type PrincessShell } from './princess-shell.ts';
import type { ShellPlan } from './shell-plan.ts';
import { shellGirths } from './shell-girths.ts';

/** A drafted shell, with what it was drafted from. */
export interface ShellContext {
  readonly body: Body;
  readonly allowances: Allowances;
  readonly rules: RuleSet;
  readonly plan: ShellPlan;
  readonly shell: PrincessShell;
}

/** The garment that a style makes of its drafted shell. */
export interface ShellGarment {
  /** The panels as they are cut from the outer cloth: their figures are those of a shell. */
  readonly panels: readonly Piece[];
  /** Facings, lining, stay, net, strips. */
  readonly others: readonly Piece[];
  readonly seams: readonly Seam[];
  readonly details: readonly Detail[];
  readonly covering: readonly string[];
  /** Checks of the style itself on its finished pieces: openings, coverage of a strapless edge. */
  readonly checks?: (named: Named) => readonly Finding[];
  readonly findings: readonly Finding[];
}

/** A style of princess panels: what is chosen, what shell it asks for, and what becomes of it. */
export interface ShellStyle<Chosen extends ChoiceValues> {
  readonly style: Style;
  readonly fill: (body: Body, input: DraftInput) => Chosen;
  readonly plan: (body: Body, chosen: Chosen, rules: RuleSet, allowances: Allowances) => ShellPlan;
  readonly finish: (context: ShellContext, chosen: Chosen) => ShellGarment;
}

/** The recipe of a style of princess panels. */
export function shellRecipe<Chosen extends ChoiceValues>(spec: ShellStyle<Chosen>): Recipe {
  const bodyOf = (input: DraftInput) => resolveBody(input.person, spec.style.derives, input.rules);
  const draft = (input: DraftInput): Draft => {
    const { rules } = input;
    const { body, findings } = bodyOf(input);
    const chosen = spec.fill(body, input);
    const allowances = allowancesFrom(rules, input.allowances);
    const plan = spec.plan(body, chosen, rules, allowances);
    const shell = draftPrincessShell(body, plan, rules, allowances);
    const context: ShellContext = { body, allowances, rules, plan, shell };
    const garment = spec.finish(context, chosen);
    return assembleDraft(
      withParts(
        {
          pieces: [...garment.panels, ...garment.others].sort(
            (a, b) => clothRoles.indexOf(a.role) - clothRoles.indexOf(b.role),
          ),
          seams: garment.seams,
          girths: shellGirths(context, garment.panels),
          covering: garment.covering,
          details: garment.details,
          checks: (named) => garment.checks?.(named) ?? [],
          findings: [...shell.findings, ...garment.findings, ...findings],
        },
        input,
      ),
      input,
    );
  };
  return {
    draft,
    chosen: (input) => ({ ...spec.fill(bodyOf(input).body, input), ...chosenOfParts(input) }),
  };
}
