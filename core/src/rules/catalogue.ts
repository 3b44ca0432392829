import { inches } from '../units/length.ts';

export type RuleKind = 'length' | 'ratio' | 'percent';

export interface Rule {
  readonly label: string;
  readonly kind: RuleKind;
  /** Millimetres for a length, else a plain number. */
  readonly value: number;
  readonly reason: string;
}

const length = (label: string, inchCount: number, reason: string): Rule => ({
  label,
  kind: 'length',
  value: inches(inchCount),
  reason,
});
const ratio = (label: string, value: number, reason: string): Rule => ({
  label,
  kind: 'ratio',
  value,
  reason,
});

const practice = 'Common practice; the shop may differ.';

/**
 * House rules of the fitted dress, by dotted id. Every number is a default that an order may change;
 * none stands in a formula. Lengths in mm.
 */
// prettier-ignore
export const rules = {
  'allowance.shoulder': length('shoulder seam', 0.5, practice),
  'allowance.neck': length('neck seam', 0.25, 'Common practice, ¼ to ½: a narrow turning lies flat on a curve.'),
  'allowance.armhole': length('armhole seam', 0.5, practice),
  'allowance.side': length('side seam', 1, 'Common practice, ¾ to 1½: leaves something to let out.'),
  'allowance.waist': length('waist join', 0.5, practice),
  'allowance.zip': length('zip', 1, 'Common practice, 1 to 2.'),
  'allowance.hem': length('hem', 2, practice),
  'shoulder.dropSquare': length('shoulder drop, square', 0.5, 'Common practice, ½ for square shoulders; scaled with height.'),
  'shoulder.drop': length('shoulder drop', 1, 'Common practice; scaled with height.'),
  'shoulder.dropSloping': length('shoulder drop, sloping', 1.25, 'A little past the usual 1; scaled with height.'),
  'neck.baseWidth': length('neck width', 3, 'Common practice, on the half for an adult; used when the neck was not measured.'),
  'neck.baseShare': ratio('neck base, part of the round', 1 / 5, 'Handbook habit, from memory.'),
  'armhole.ease': length('armhole ease', 1.25, 'From the team’s drafting study: sits close without cutting in.'),
  'armhole.wedge': length('armhole wedge at most', 1.25, 'Common practice, 1 to 2 for a sleeveless edge.'),
  'bust.frontShare': ratio('front share of the cup', 0.5, 'The team’s drafting study: half of what the bust stands over the high bust belongs in front.'),
  'bust.frontShareMost': length('front share at most', 1, 'The team’s drafting study.'),
  'dart.tipShort': length('tip short of the bust point', 1, 'Common practice, ¾ to 1: a dart sewn to the point shows a cone.'),
  'waist.sideNip': ratio('side’s part of the waist shaping', 0.4, 'The team’s drafting study.'),
  'waist.sideNipMost': length('side nip at most', 1.1, 'The team’s drafting study.'),
  'skirt.frontShare': length('front share at the hip', 0.25, 'Common practice: the side seam hangs a little behind the middle.'),
  'skirt.backDip': length('dip at the centre back waist', 0.25, 'Common practice.'),
  'skirt.hipDepth': length('hip depth, when not measured', 8, 'Common practice, 8 to 10 below the waist.'),
  'walking.ratio': ratio('hem round for a stride, part of the hip', 1.2, 'From memory; without it a slit is needed at knee level.'),
  'derive.heightFromLengths': ratio('height from front and back waist lengths', 2, 'Common practice: a half length is a quarter of the height.'),
  'derive.highBustBelowBust': length('high bust below bust', 2, 'Handbook habit, from memory: an ordinary cup stands about 2 over the high bust.'),
  'derive.chestBelowShoulder': length('across chest below shoulder', 2, practice),
  'derive.backBelowShoulder': length('across back below shoulder', 1, practice),
  'derive.armholeOverThird': length('armhole over a third of the bust', 3, 'Common practice: two schools of chest line, half the armhole and bust ÷ 6 + 1½, set equal.'),
  'derive.kneeFromHeight': ratio('waist to knee, part of the height', 0.35, 'From memory; measure it where the hem must hit the knee.'),
  'cloth.shrinkage': { label: 'shrinkage to buy for', kind: 'percent', value: 0, reason: 'Common practice, 3 to 5 for cotton that was not washed.' },
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof rules;

export const ruleOf = (id: RuleId): Rule => rules[id];

export const isRuleId = (id: string): id is RuleId => Object.hasOwn(rules, id);

/** All rules with their values: the defaults, with the house's or the ticket's own laid over them. */
export type RuleSet = { readonly [id in RuleId]: number };

export function ruleSet(overrides: { readonly [id in RuleId]?: number } = {}): RuleSet {
  const defaults = Object.fromEntries(Object.entries(rules).map(([id, rule]) => [id, rule.value])) as RuleSet;
  return { ...defaults, ...overrides };
}
