import type { Draft } from '../drafting/draft.ts';
import { measureIds } from '../measures/catalogue.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { madeUpOn, sketchOf, type Sketch } from '../sketch/sketch.ts';
import type { Recipe, Style } from '../styles/style.ts';
import { isAsked } from '../garment/choice.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import { draftGap, type DraftGap } from './draft-gap.ts';
import { sketchGap } from './sketch-gap.ts';

/** What became of a draft when one measure or choice was moved by a little. */
export interface Nudged extends DraftGap {
  readonly what: string;
  /** Move of the garment made up, mm; drawn when it is asked. */
  readonly drawn: () => number;
  /** Whether the same is found of both drafts, and asked. */
  readonly sameFindings: boolean;
}

/** Moves a length by a little, either way. */
export type Nudge = (mm: number, sign: 1 | -1) => number;

/** By a billionth of itself, and as much again where it is nothing. */
export const billionth: Nudge = (mm, sign) => mm * (1 + sign * 1e-9) + sign * 1e-9;
/** By a tenth of a mm, which no tape shows. */
export const tenth: Nudge = (mm, sign) => mm + sign * 0.1;

const codesOf = ({ findings }: Draft): string =>
  findings
    .map(({ code }) => code)
    .sort()
    .join();

/** Of what can be moved, one in so many, beginning so many places in. */
export interface Share {
  readonly every: number;
  readonly from: number;
}
const all: Share = { every: 1, from: 0 };

/** Drafts with each measure and each length that is chosen moved, one at a time and up and down by turns; a chosen one stays within its range. */
export function nudged(
  style: Style,
  recipe: Recipe,
  input: DraftInput,
  nudge: Nudge,
  { every, from }: Share = all,
): Nudged[] {
  const isTried = (index: number) => (index + from) % every === 0;
  const whole = recipe.draft(input);
  const signOf = (index: number): 1 | -1 => (index % 2 === 0 ? 1 : -1);
  const { values: own } = input.person;
  const sketched = (draft: Draft, values: MeasureValues) => sketchOf(draft, madeUpOn(draft, values));
  let once: Sketch | undefined;
  const before = (draft: Draft) => (draft === whole ? (once ??= sketched(whole, own)) : sketched(draft, own));
  const compare = (what: string, from: Draft, to: Draft, values = own): Nudged => ({
    what,
    ...draftGap(from, to),
    drawn: () => sketchGap(before(from), sketched(to, values)),
    sameFindings: codesOf(from) === codesOf(to),
  });
  const measures = measureIds.flatMap((id, index) => {
    const mm = input.person.values[id];
    if (mm === undefined || !isTried(index)) return [];
    const values = { ...input.person.values, [id]: nudge(mm, signOf(index)) };
    return [compare(id, whole, recipe.draft({ ...input, person: { ...input.person, values } }), values)];
  });
  const chosen = recipe.chosen(input);
  const choices = Object.entries(style.choices).flatMap(([id, choice], index) => {
    const mm = chosen[id];
    if (choice.kind !== 'length' || typeof mm !== 'number' || !isAsked(choice, chosen) || !isTried(index))
      return [];
    const held = Math.min(choice.most, Math.max(choice.least, mm));
    const other = [nudge(held, signOf(index)), nudge(held, signOf(index + 1))].find(
      (to) => to >= choice.least && to <= choice.most,
    );
    if (other === undefined) return [];
    const draftOf = (to: number) => recipe.draft({ ...input, choices: { ...input.choices, [id]: to } });
    return [compare(`choice ${id}`, held === mm ? whole : draftOf(held), draftOf(other))];
  });
  return [...measures, ...choices];
}
