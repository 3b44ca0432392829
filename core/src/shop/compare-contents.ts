import type { Cloth } from '../lay/model/cloth.ts';
import type { KeptLay } from '../lay/model/kept-lay.ts';
import { measureIds } from '../measures/catalogue.ts';
import { ruleSet, rulesThatDiffer, type RuleId, type RuleValue } from '../rules/catalogue.ts';
import type { Observations } from '../measures/measure-set.ts';
import type { EnteredById, MeasureSet, TicketContent } from './ticket.ts';

/** How a set was measured, and what the eye saw. */
export type Conditions = Pick<MeasureSet, 'from' | 'startLine' | 'takenBy' | 'undergarment'> &
  Observations & { readonly takenOn: string; readonly set: string; readonly pleats: string };

/** Parts of a ticket that are lengths by id. */
export type LengthPart = 'measure' | 'garment' | 'choice' | 'figure';

/** One difference between two states of a ticket; undefined where it was not there. Lengths in mm. */
export type ContentChange =
  | {
      readonly part: LengthPart;
      readonly id: string;
      readonly before?: number;
      readonly after?: number;
    }
  | { readonly part: 'rule'; readonly id: RuleId; readonly before: RuleValue; readonly after: RuleValue }
  | {
      readonly part: 'cloth' | 'lay';
      readonly role: string;
      readonly before?: string;
      readonly after?: string;
    }
  | {
      readonly part: 'condition';
      readonly id: keyof Conditions;
      readonly before: string;
      readonly after: string;
    }
  | { readonly part: 'option'; readonly id: string; readonly before?: string; readonly after?: string }
  | { readonly part: 'sign-off'; readonly id: string; readonly before?: string; readonly after?: string }
  | {
      readonly part: 'state' | 'title' | 'style' | 'due' | 'unit' | 'remarks' | 'cut' | 'agreed';
      readonly before: string;
      readonly after: string;
    };

type Lengths = { readonly [id: string]: number | undefined };

const lengthsOf = (entered: EnteredById): Lengths =>
  Object.fromEntries(Object.entries(entered).map(([id, { mm }]) => [id, mm]));

/** Lengths that differ by more than the finest fraction that is shown. */
const SAME = 0.01;

function lengthChanges(
  part: LengthPart,
  before: Lengths,
  after: Lengths,
  order: readonly string[] = [],
): ContentChange[] {
  const ids = [...new Set([...order, ...Object.keys(before), ...Object.keys(after)])];
  return ids.flatMap((id): ContentChange[] => {
    const [was, is] = [before[id], after[id]];
    if (was === is || (was !== undefined && is !== undefined && Math.abs(was - is) < SAME)) return [];
    return [
      { part, id, ...(was === undefined ? {} : { before: was }), ...(is === undefined ? {} : { after: is }) },
    ];
  });
}

type Texts = { readonly [key: string]: string | undefined };

const textChanges = (before: Texts, after: Texts): { key: string; before?: string; after?: string }[] =>
  [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((key) => {
    const [was, is] = [before[key], after[key]];
    if (was === is) return [];
    return [
      { key, ...(was === undefined ? {} : { before: was }), ...(is === undefined ? {} : { after: is }) },
    ];
  });

const clothText = ({ name, width, selvedge, length, oneWay, colour, ...rest }: Cloth): string =>
  [
    name,
    colour,
    width,
    selvedge,
    length ?? 'to buy',
    oneWay ? 'one way' : 'either way',
    JSON.stringify(rest),
  ].join(', ');

const clothTexts = (cloths: readonly Cloth[]): Texts =>
  Object.fromEntries(cloths.map((cloth) => [cloth.role, clothText(cloth)]));

/** A number that changes with where pieces lie: two lays of one fold and length are told apart by it. */
const placesOf = ({ placements }: KeptLay): number =>
  placements.reduce((sum, { x, y }, index) => sum + (index + 1) * (x + 2 * y), 0);

const layTexts = ({ lays }: TicketContent): Texts =>
  Object.fromEntries(
    Object.entries(lays).map(([role, lay]) => [
      role,
      `${lay.fold}, ${lay.length.toFixed(1)}, ${placesOf(lay).toFixed(1)}`,
    ]),
  );

const figureLengths = ({ figures }: TicketContent): Lengths =>
  Object.fromEntries(Object.entries(figures).map(([id, { mm }]) => [id, mm]));

const choiceLengths = ({ choices }: TicketContent): Lengths =>
  Object.fromEntries(
    Object.entries(choices ?? {}).flatMap(([id, choice]) => ('mm' in choice ? [[id, choice.mm]] : [])),
  );

const optionTexts = ({ choices }: TicketContent): Texts =>
  Object.fromEntries(
    Object.entries(choices ?? {}).flatMap(([id, choice]) =>
      'option' in choice ? [[id, choice.option]] : [],
    ),
  );

const signOffTexts = ({ signedOff }: TicketContent): Texts =>
  Object.fromEntries(Object.entries(signedOff).map(([key, { why }]) => [key, why]));

function plainChanges(before: TicketContent, after: TicketContent): ContentChange[] {
  const agreed = ({ choices }: TicketContent) => (choices === null ? 'not agreed' : 'agreed');
  const parts = [
    ['state', before.state, after.state],
    ['title', before.title, after.title],
    ['style', before.styleId, after.styleId],
    ['due', before.dueOn, after.dueOn],
    ['unit', before.unit, after.unit],
    ['remarks', before.remarks, after.remarks],
    ['agreed', agreed(before), agreed(after)],
    ['cut', before.cut.join(', '), after.cut.join(', ')],
  ] as const;
  return parts
    .filter(([, was, is]) => was !== is)
    .map(([part, was, is]): ContentChange => ({ part, before: was, after: is }));
}

/** The day of a set of which nothing is taken. */
const NOT_YET = 'not yet';

function conditionChanges(before: TicketContent, after: TicketContent): ContentChange[] {
  const conditions = ({
    measures: { revision, from, startLine, takenOn, takenBy, undergarment, observations, garment },
  }: TicketContent): Conditions => ({
    set: String(revision),
    takenOn: takenOn ?? NOT_YET,
    takenBy,
    undergarment,
    pleats: String(garment.pleats),
    from,
    startLine,
    ...observations,
  });
  const [was, is] = [conditions(before), conditions(after)];
  return (
    (Object.keys(was) as (keyof Conditions)[])
      // The first measure dates the set; that is no change of its own.
      .filter((id) => was[id] !== is[id] && was[id] !== NOT_YET && is[id] !== NOT_YET)
      .map((id): ContentChange => ({ part: 'condition', id, before: was[id], after: is[id] }))
  );
}

/** Everything in which two states of a ticket differ, but for the chalk; in the order in which a shop works. */
export function compareContents(before: TicketContent, after: TicketContent): ContentChange[] {
  const [wasRules, isRules] = [ruleSet(before.rules), ruleSet(after.rules)];
  return [
    ...plainChanges(before, after),
    ...lengthChanges(
      'measure',
      lengthsOf(before.measures.values),
      lengthsOf(after.measures.values),
      measureIds,
    ),
    ...lengthChanges(
      'garment',
      lengthsOf(before.measures.garment.values),
      lengthsOf(after.measures.garment.values),
    ),
    ...conditionChanges(before, after),
    ...lengthChanges('choice', choiceLengths(before), choiceLengths(after)),
    ...textChanges(optionTexts(before), optionTexts(after)).map(({ key, ...change }): ContentChange => ({
      part: 'option',
      id: key,
      ...change,
    })),
    ...lengthChanges('figure', figureLengths(before), figureLengths(after)),
    ...rulesThatDiffer(wasRules, isRules).map((id): ContentChange => ({
      part: 'rule',
      id,
      before: wasRules[id],
      after: isRules[id],
    })),
    ...textChanges(signOffTexts(before), signOffTexts(after)).map(({ key, ...change }): ContentChange => ({
      part: 'sign-off',
      id: key,
      ...change,
    })),
    ...textChanges(clothTexts(before.cloths), clothTexts(after.cloths)).map(
      ({ key, ...change }): ContentChange => ({
        part: 'cloth',
        role: key,
        ...change,
      }),
    ),
    ...textChanges(layTexts(before), layTexts(after)).map(({ key, ...change }): ContentChange => ({
      part: 'lay',
      role: key,
      ...change,
    })),
  ];
}
