import { finding, type Finding } from '../findings/finding.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import { deriveMeasure } from '../worked-out/derive.ts';
import type { ClientKind, MeasuredFrom, MeasureValues, Observations } from '../measures/measure-set.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import { measured, type Working } from '../workings/working.ts';

/** The measures of a person for a draft: every one has a value and says where it comes from. */
export interface Body {
  readonly kind: ClientKind;
  readonly from: MeasuredFrom;
  readonly observations: Observations;
  /** The measure in mm. Throws for one that the style neither requires nor derives. */
  mm(id: MeasureId): number;
  /** The measure in mm, or undefined when it was not taken. */
  taken(id: MeasureId): number | undefined;
  /** The measure as a term of a working: measured, or worked out from others. */
  term(id: MeasureId): Working;
}

export interface Person {
  /** An adult unless it is said. */
  readonly kind?: ClientKind;
  readonly from: MeasuredFrom;
  readonly observations: Observations;
  readonly values: MeasureValues;
}

/** The body of a person: taken measures as they are, missing ones worked out with a note for each. */
export function resolveBody(
  person: Person,
  derives: readonly MeasureId[],
  rules: RuleSet,
): { body: Body; findings: Finding[] } {
  const terms = new Map<MeasureId, Working>();
  const findings: Finding[] = [];
  for (const id of derives) {
    if (person.values[id] !== undefined) continue;
    const working = deriveMeasure(id, person.values, rules);
    if (!working) continue;
    terms.set(id, working);
    findings.push(
      finding(
        'measure-derived',
        { measure: id },
        { found: working.mm, remedy: { kind: 'measure-again', measure: id } },
      ),
    );
  }
  const term = (id: MeasureId): Working => {
    const mm = person.values[id];
    const working = mm === undefined ? terms.get(id) : measured(id, mm);
    if (!working) throw new Error(`the draft needs ${id}, which the style neither requires nor derives`);
    return working;
  };
  return {
    body: {
      kind: person.kind ?? 'adult',
      from: person.from,
      observations: person.observations,
      term,
      mm: (id) => term(id).mm,
      taken: (id) => person.values[id],
    },
    findings,
  };
}
