import { coverageOf, straplessFindings } from '../../checks/coverage.ts';
import type { Finding } from '../../checks/finding.ts';
import type { Round } from '../../checks/rounds.ts';
import { allowancesFrom } from '../../drafting/allowances.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft, Figure, WornPart } from '../../drafting/draft.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { clothRoles, type Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import type { Working } from '../../workings/working.ts';
import { assembleDraft, type Named } from '../assemble-draft.ts';
import { dartFigures, type DartWorkings } from '../figure-parts.ts';
import { edgeFigures } from '../edge-figures.ts';
import type { ChoiceValues, DraftInput, Recipe, Style } from '../style.ts';
import { shellPanelFigures, type ShellContext } from './panel-figures.ts';
import { draftPrincessShell } from './princess-shell.ts';
import type { ShellPlan } from './shell-plan.ts';
import { shellRounds } from './shell-rounds.ts';

/** What a style makes of its drafted shell. */
export interface ShellGarment {
  /** The panels as they are cut from the outer cloth: their figures are those of a shell. */
  readonly panels: readonly Piece[];
  /** Lining, stay, net, strips: measured by their edges. */
  readonly others: readonly Piece[];
  /** Sums of edges of the other pieces, by piece and edge. */
  readonly sums: { readonly [piece: string]: { readonly [edge: string]: Working } };
  readonly seams: readonly Seam[];
  readonly worn: (named: Named) => readonly WornPart[];
  readonly covering: readonly string[];
  /** Figures of the neck and shoulder, on panels that have them. */
  readonly neck?: (piece: DraftedPiece, which: 'front' | 'back') => Figure[];
  /** The sums of a dart that a style draws into a panel. */
  readonly dart?: (dartId: string) => DartWorkings;
  /** Where the rounds are not measured on the panels as they are. */
  readonly rounds?: (named: Named) => Round[];
  /** The choice that sets a strapless edge, with its level now, mm down: what it covers is checked. */
  readonly strapless?: { readonly choice: string; readonly level: number };
  readonly openings: (named: Named) => readonly Finding[];
  readonly findings: readonly Finding[];
}

/** A style of princess panels: what is chosen, what shell it asks for, and what becomes of it. */
export interface ShellStyle<Chosen extends ChoiceValues> {
  readonly style: Style;
  readonly fill: (body: Body, input: DraftInput) => Chosen;
  readonly plan: (body: Body, chosen: Chosen, rules: RuleSet) => ShellPlan;
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
    const plan = spec.plan(body, chosen, rules);
    const shell = draftPrincessShell(body, plan, rules, allowances);
    const context: ShellContext = { body, allowances, rules, plan, shell };
    const garment = spec.finish(context, chosen);
    const isPanel = (id: string) => garment.panels.some((panel) => panel.id === id);
    const panels = (named: Named) => garment.panels.map(({ id }) => named(id));
    return assembleDraft(
      {
        pieces: [...garment.panels, ...garment.others].sort(
          (a, b) => clothRoles.indexOf(a.role) - clothRoles.indexOf(b.role),
        ),
        figuresOf: (piece) =>
          isPanel(piece.piece.id)
            ? [
                ...shellPanelFigures(context, piece, garment.neck),
                ...(garment.dart ? dartFigures(piece, garment.dart) : []),
              ]
            : edgeFigures(piece, garment.sums[piece.piece.id]),
        seams: garment.seams,
        rounds: garment.rounds ?? ((named) => shellRounds(context, panels(named))),
        covering: garment.covering,
        worn: garment.worn,
        openings: (named) => [
          ...garment.openings(named),
          ...(garment.strapless
            ? straplessFindings(
                coverageOf(garment.covering.map((id) => named(id).piece)),
                garment.strapless.choice,
                garment.strapless.level,
              )
            : []),
        ],
        findings: [...shell.findings, ...garment.findings, ...findings],
      },
      input,
    );
  };
  return { draft, chosen: (input) => spec.fill(bodyOf(input).body, input) };
}
