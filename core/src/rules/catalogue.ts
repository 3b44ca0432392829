import { inches } from '../units/length.ts';

/** A number of the trade: millimetres for a length, else plain. */
export interface NumberRule {
  readonly label: string;
  readonly kind: 'length' | 'ratio' | 'percent' | 'days' | 'minutes';
  readonly value: number;
  readonly reason: string;
  /** Between which it can be set: outside, no garment is drawn by it. */
  readonly range: readonly [least: number, most: number];
  /** Between which the trade keeps it; outside, it is pointed out on a ticket. Common practice. */
  readonly usual?: readonly [least: number, most: number];
}

/** A choice between schools of the trade. */
export interface MethodRule<Method extends string = string> {
  readonly label: string;
  readonly kind: 'method';
  readonly value: Method;
  /** Every method with the words that a person picks it by. */
  readonly methods: { readonly [method in Method]: string };
  readonly reason: string;
}

export type Rule = NumberRule | MethodRule;

type Range = readonly [least: number, most: number];

/** A length in inches with what it can be set to, and what is usual. */
const length = (
  label: string,
  inchCount: number,
  reason: string,
  range: Range = [0, 12],
  usual?: Range,
): NumberRule => ({
  label,
  kind: 'length',
  value: inches(inchCount),
  reason,
  range: [inches(range[0]), inches(range[1])],
  ...(usual && { usual: [inches(usual[0]), inches(usual[1])] as const }),
});
const ratio = (label: string, value: number, reason: string, range: Range, usual?: Range): NumberRule => ({
  label,
  kind: 'ratio',
  value,
  reason,
  range,
  ...(usual && { usual }),
});
const days = (label: string, value: number, reason: string): NumberRule => ({
  label,
  kind: 'days',
  value,
  reason,
  range: [0, 730],
});
/** An allowance is at most as wide as a deep hem; a round that checks are made by may be any. */
const ALLOWANCE: Range = [0, 4];
const ANY_ROUND: Range = [0, 120];
const method = <Method extends string>(
  label: string,
  value: NoInfer<Method>,
  methods: { readonly [method in Method]: string },
  reason: string,
): MethodRule<Method> => ({ label, kind: 'method', value, methods, reason });

const usual = 'Common practice; outside it a measure is pointed out, never refused.';
const practice = 'Common practice; the shop may differ.';

/**
 * House rules by dotted id. Every number is a default that the house or an order may change;
 * none stands in a formula. Lengths in mm.
 */
// prettier-ignore
export const rules = {
  'school.block': method('how blocks are drafted', 'solved', { solved: 'calculated', table: 'hand rule' }, 'Calculated measures what it drew and gives back what a curve took; the table habit is what is chalked by hand: quarters, straight sides, a fixed hollow at half the armhole.'),
  'school.chestLine': method('chest line by the hand rule', 'half-armhole', { 'half-armhole': 'half the armhole', 'bust-sixth': 'bust ÷ 6 + 1½', fixed: 'fixed' }, 'Common practice, by school; the solved block finds the depth that fits the measured armhole.'),
  'school.allowance': method('allowances are added', 'both', { both: 'to the figures', pattern: 'on the pattern', cloth: 'on the cloth' }, 'Common practice, by shop. To the figures: they are on the cut line, and both lines are chalked. On the pattern: figures and chalk are on the cut line alone. On the cloth: figures are on the stitch line, and the allowance is chalked outside it.'),
  'school.shoulder': method('shoulder is drawn', 'slope', { slope: 'by its slope', drop: 'by a fixed drop' }, 'By slope: so much down for each inch out from the neck base, by the shoulders that the eye saw. By a fixed drop: common practice at the table, ½ to 1.'),
  'school.neckCut': method('neck and shoulder are cut', 'with-piece', { 'with-piece': 'with the piece', later: 'later, with a reserve' }, 'Common practice: some shops cut neck and shoulder slope only after the panels are joined.'),
  'chestLine.fixed': length('fixed chest line', 8.5, 'Common practice, 8, 8½ or 9 by size.', [4, 14], [6, 11]),
  'allowance.shoulder': length('shoulder seam', 0.5, practice, ALLOWANCE, [0.25, 1]),
  'allowance.neck': length('neck seam', 0.25, 'Common practice, ¼ to ½: a narrow turning lies flat on a curve.', ALLOWANCE, [0.25, 0.5]),
  'allowance.armhole': length('armhole seam', 0.5, practice, ALLOWANCE, [0.25, 0.75]),
  'allowance.side': length('side seam', 1, 'Common practice, ¾ to 1½: leaves something to let out.', ALLOWANCE, [0.5, 1.5]),
  'allowance.princess': length('princess seam', 0.5, practice, ALLOWANCE, [0.25, 1]),
  'allowance.waist': length('waist join', 0.5, practice, ALLOWANCE, [0.25, 1]),
  'allowance.fork': length('fork of trousers', 0.5, practice, ALLOWANCE, [0.375, 1]),
  'allowance.inseam': length('inseam', 0.75, 'Common practice, ½ to 1.', ALLOWANCE, [0.375, 1.25]),
  'allowance.zip': length('zip', 1, 'Common practice, 1 to 2.', ALLOWANCE, [0.5, 2]),
  'allowance.hem': length('hem', 2, practice, ALLOWANCE, [0.75, 4]),
  'allowance.top': length('top edge', 0.5, practice, ALLOWANCE, [0.25, 1]),
  'allowance.front': length('front edge', 0.5, practice, ALLOWANCE, [0.25, 1]),
  'allowance.topHem': length('hem of a top', 1, practice, ALLOWANCE, [0.5, 2]),
  'allowance.circleHem': length('hem of a circle', 0.5, 'Common practice: a wide hem does not lie flat where it curves.', ALLOWANCE, [0.25, 1]),
  'allowance.strip': length('bands, collars and ties', 0.5, practice, ALLOWANCE, [0.25, 0.75]),
  'allowance.overlay': length('net laid over, all round', 0.5, 'Common practice: traced with ½ all round.', ALLOWANCE, [0.25, 1]),
  'allowance.join': length('join of a piece cut in two to save cloth', 0.5, practice, ALLOWANCE, [0.25, 1]),
  'allowance.reserve': length('reserve of an edge that is cut later', 0.5, practice, ALLOWANCE, [0.25, 2]),
  'allowance.slit': length('slit', 2, 'Common practice: as wide as the hem is deep, so that the corner turns square.', ALLOWANCE, [0.5, 4]),
  'allowance.facing': length('facing to lining join', 0.5, practice, ALLOWANCE, [0.25, 0.75]),
  'allowance.liningHem': length('lining hem', 0, 'Common practice: the lining’s hem is cut to its line and overlocked.', ALLOWANCE, [0, 2]),
  'shoulder.slopeSquare': ratio('shoulder slope, square, down for each inch out', 0.27, 'About 15°; published blocks have 18 to 22° for ordinary shoulders, from memory.', [0, 0.8], [0.15, 0.4]),
  'shoulder.slope': ratio('shoulder slope, down for each inch out', 0.34, 'About 19°; published blocks have 18 to 22°, from memory.', [0, 0.8], [0.2, 0.5]),
  'shoulder.slopeSloping': ratio('shoulder slope, sloping, down for each inch out', 0.42, 'About 23°; published blocks have 18 to 22° for ordinary shoulders, from memory.', [0, 0.8], [0.25, 0.6]),
  'shoulder.dropSquare': length('shoulder drop, square', 0.5, 'Common practice, ½ for square shoulders; scaled with height.', [0, 3], [0, 1]),
  'shoulder.drop': length('shoulder drop', 1, 'Common practice; scaled with height.', [0, 3], [0.5, 2]),
  'shoulder.dropSloping': length('shoulder drop, sloping', 1.25, 'A little past the usual 1; scaled with height.', [0, 3], [0.75, 2.5]),
  'shoulder.backEase': length('back shoulder longer than the front, eased in', 0.25, 'Published blocks have ¼ to ½, from memory: it rounds over the shoulder blade. By the hand rule the back is copied from the front, without it.', [0, 1], [0, 0.5]),
  'neck.baseWidth': length('neck width', 3, 'Common practice, on the half for an adult; used when the neck was not measured.', [1.5, 5], [2.5, 4]),
  'neck.baseShare': ratio('neck base, part of the round', 1 / 5, 'Handbook habit, from memory.', [0.1, 0.3], [0.15, 0.25]),
  'armhole.ease': length('armhole ease', 1.25, 'From the team’s drafting study: sits close without cutting in.', [0, 4], [0.5, 2.5]),
  'strapless.armholeLess': length('underarm of a strapless top, armhole drawn shorter by', 1.75, 'Our own: without a sleeve or shoulder the edge sits close under the arm.', [0, 4]),
  'armhole.wedge': length('armhole wedge at most', 1.25, 'Common practice, 1 to 2 for a sleeveless edge.', [0, 3], [0, 2]),
  'bust.frontShare': ratio('front share of the cup', 0.5, 'The team’s drafting study: half of what the bust stands over the high bust belongs in front.', [0, 1]),
  'bust.frontShareMost': length('front share at most', 1, 'The team’s drafting study.', [0, 3]),
  'bust.overHighBust': length('bust over the high bust that needs no shaping above it', 2, 'Handbook habit, from memory: blocks are drafted for a bust about 2 over the high bust; a fuller one is narrower at the underarm.', [0, 6]),
  'dart.backAboveBust': length('back waist dart ends above the bust line by', 0, 'Common practice: about the chest line or 1 below it. Above the bust line it takes cloth that the side has to give back.', [0, 4]),
  'check.sideLength': length('side seam off the side length', 0.5, 'Our own: the tape starts one inch under the armpit, where the block’s chest line lies.', ANY_ROUND),
  'princess.armhole': ratio('princess seam leaves the armhole, part of it from the tip', 0.42, 'Common practice, 3 to 3½ along it, or its middle.', [0.2, 0.8], [0.3, 0.6]),
  'princess.soften': length('princess seam softened off the bust point', 1.3, 'The team’s drafting study; common practice ½ to 1 off the point, so that no cone shows.', [0, 3], [0.5, 2]),
  'contour.overBust': length('taken out of a strapless top edge, on the half', 0.75, 'Common practice, a wedge of 1 to 2 in all: the top edge stands away above the bust with no shoulder to hold it.', [0, 2], [0, 1]),
  'cup.lessThanUnderBust': length('cup seam above the under bust', 0.5, 'Common practice: its radius is bust line to under bust, less up to 1.', [0, 2], [0, 1]),
  'intake.slim': length('intake under the bust by build, slim, each side of the seam', 0.5, 'Common practice.', [0, 3]),
  'intake.middle': length('intake under the bust by build, middle, each side of the seam', 0.875, 'Common practice, ¾ to 1.', [0, 3]),
  'intake.full': length('intake under the bust by build, full, each side of the seam', 1.5, 'Common practice.', [0, 3]),
  'tummy.closes': length('intake closes below the waist on a rounded tummy', 5, 'Common practice: within about 5, so that the cloth is not tight there.', [1, 12]),
  'back.nip': length('centre back nipped at the waist', 0.5, 'Common practice, ½ to ¾: stops the zip bulging in the hollow of the back.', [0, 1.5], [0, 0.75]),
  'strip.longest': length('longest strip cut in one', 43, 'The usable width of the narrowest usual cloth; a longer one is pieced.', [10, 120]),
  'dart.tipShort': length('tip short of the bust point', 1, 'Common practice, ¾ to 1: a dart sewn to the point shows a cone.', [0, 3], [0.5, 1.5]),
  'waist.sideNip': ratio('side’s part of the waist shaping', 0.4, 'The team’s drafting study.', [0, 1]),
  'waist.sideNipMost': length('side nip at most', 1.1, 'The team’s drafting study.', [0, 3]),
  'skirt.frontShare': length('front share at the hip', 0.25, 'Common practice: the side seam hangs a little behind the middle.', [0, 2], [0, 0.75]),
  'tier.widest': length('strip of a tier at most', 40, 'Common practice: tiers are pieced from widths of cloth, and narrow cloth is 44 wide.', [12, 120], [30, 60]),
  'net.widest': length('strip of net at most', 58, 'Common practice: net lies 60 to 108 wide, and loses a little at each selvedge.', [12, 130], [40, 106]),
  'trousers.frontFork': ratio('front fork, of the front at the hip', 0.25, 'A quarter of the front at the hip: a handbook rule, from memory.', [0.1, 0.4], [0.2, 0.3]),
  'trousers.backFork': ratio('back fork, of the back at the hip', 0.5, 'Half of the back at the hip: a handbook rule, from memory.', [0.25, 0.75], [0.4, 0.55]),
  'trousers.backShare': length('back wider at the hip than the front by', 0.5, 'Common practice: the seat is rounder than the front.', [0, 3], [0, 1.5]),
  'trousers.legShare': length('back wider on the leg than the middle by', 0.5, 'Common practice: back from front, and ½ more on the leg.', [0, 2], [0.25, 0.75]),
  'trousers.seatSlant': length('slant of the seat seam at the waist', 1, 'Common practice, 1 to 2, more on a full seat.', [0, 3.5], [0.5, 2]),
  'trousers.backRise': length('seat seam above the waist line', 1, 'Common practice, ¾ to 1½: room to bend.', [0, 3], [0.5, 1.75]),
  'trousers.sitting': length('more crotch depth under a bodice, at least', 1, 'Common practice, 1 to 1½: a bodice cannot ride up when its wearer sits.', [0, 3], [0.75, 2]),
  'skirt.backDip': length('dip at the centre back waist', 0.25, 'Common practice.', [0, 2], [0, 0.75]),
  'skirt.hipDepth': length('hip depth, when not measured', 8, 'Common practice, 8 to 10 below the waist.', [4, 14], [7, 11]),
  'facing.depth': length('facing, deep at the neck', 2.5, 'Common practice, 2 to 3.', [1, 6], [1.5, 4]),
  'facing.side': length('facing, deep at the side', 2, 'Common practice, 1½ to 2½.', [0.5, 6], [1, 3]),
  'lining.shorter': length('lining shorter than the skirt', 2, 'Common practice: it must not show below the hem.', [0, 6], [0.5, 3]),
  'zip.aboveHip': length('zip ends above the hip line', 1, 'Common practice: the hip must pass, and the zip must not buckle over the seat.', [0, 5]),
  'slit.opening': ratio('stride gained per length of slit', 1, 'Geometry: at full stride each edge of the slit swings out by half its length.', [0.25, 4]),
  'habit.armholeHollow': length('hollow at half the armhole, by habit', 0.5, 'Common practice, ½ slim to 1 full.', [0, 2], [0.25, 1.5]),
  'habit.armholeHollowFull': length('hollow at half the armhole, full build', 1, 'Common practice.', [0, 2.5], [0.25, 1.5]),
  'habit.waistDart': length('waist dart by habit', 1.25, 'Common practice, 1 to 1½.', [0, 4], [0.5, 2]),
  'habit.backDart': length('back waist dart by habit', 1, 'Common practice, ½ each side.', [0, 4], [0.5, 1.5]),
  'habit.underBustCentre': length('shaping under the bust on the centre panel, by habit', 0.5, 'Common practice: ½ to the centre panel and the rest to the side panel.', [0, 3]),
  'habit.dartLength': length('skirt dart below the waist, by habit', 5, 'Common practice.', [1, 12]),
  'walking.ratio': ratio('hem round for a stride, part of the hip', 1.2, 'From memory; without it a slit is needed at knee level.', [1, 3]),
  'derive.heightFromLengths': ratio('height from front and back waist lengths', 2, 'Common practice: a half length is a quarter of the height.', [1, 3]),
  'derive.highBustBelowBust': length('high bust below bust', 2, 'Handbook habit, from memory: an ordinary cup stands about 2 over the high bust.'),
  'derive.offShoulderOverBust': length('off-shoulder round over the bust', 5, 'From memory: both upper arms lie in it; measure it for the garment.'),
  'derive.underBustBelowHighBust': length('under bust below high bust', 2.5, 'From memory; measure it where the garment is shaped there.'),
  'derive.chestBelowShoulder': length('across chest below shoulder', 2, practice),
  'derive.backBelowShoulder': length('across back below shoulder', 1, practice),
  'derive.armholeOverThird': length('armhole over a third of the bust', 3, 'Common practice: two schools of chest line, half the armhole and bust ÷ 6 + 1½, set equal.'),
  'derive.spanOfBust': ratio('bust span, of the bust', 0.2, 'Common practice: a fifth of the bust; measure it where darts or seams run to the bust point.', [0.12, 0.3], [0.18, 0.23]),
  'derive.bustPointOverQuarter': length('bust point over a quarter of the bust', 1, 'Common practice; measure it where the garment is shaped there.', [0, 3]),
  'derive.backShorter': length('back waist length below the front’s', 0.75, 'Common practice: a front is as long as the back or up to 3 longer, over the bust.', [0, 3]),
  'derive.heightFromOutseam': ratio('height, of the outseam', 1.62, 'The waist lies a little over three fifths up. The team’s guess.', [1.4, 1.9]),
  'derive.ordinaryHeight': length('height where no length was measured', 66, 'Common practice: blocks are drawn for it.', [48, 78]),
  'derive.kneeFromHeight': ratio('waist to knee, part of the height', 0.35, 'From memory; measure it where the hem must hit the knee.', [0.2, 0.5]),
  'check.roundLeast': length('a round at least', 14, usual, ANY_ROUND),
  'check.roundMost': length('a round at most', 80, usual, ANY_ROUND),
  'check.cupLeast': length('bust over under bust at least', 1.5, usual, ANY_ROUND),
  'check.cupMost': length('bust over under bust at most', 9, usual, ANY_ROUND),
  'check.bustOverHighBust': length('bust over high bust at most', 8, usual, ANY_ROUND),
  'check.underBustLeast': length('under bust below the bust point at least', 2.5, 'Common practice, 3 to 3½ usual.', ANY_ROUND),
  'check.underBustMost': length('under bust below the bust point at most', 4.5, 'Common practice, 3 to 3½ usual.', ANY_ROUND),
  'check.waistLeast': length('waist below the under bust at least', 2, 'Common practice, 3 usual.', ANY_ROUND),
  'check.waistMost': length('waist below the under bust at most', 5, 'Common practice, 3 usual.', ANY_ROUND),
  'check.frontOverBack': length('front waist length over the back’s at most', 3, usual, ANY_ROUND),
  'check.halfLength': length('half length off a quarter of the height', 1.5, usual, ANY_ROUND),
  'check.hipDepthLeast': length('waist to hip at least', 7, 'Common practice, 8 to 10 usual.', ANY_ROUND),
  'check.hipDepthMost': length('waist to hip at most', 11, 'Common practice, 8 to 10 usual.', ANY_ROUND),
  'check.crotchLeast': length('outseam over inseam at least', 7, usual, ANY_ROUND),
  'check.crotchMost': length('outseam over inseam at most', 16, usual, ANY_ROUND),
  'check.crotch': length('crotch depth off outseam less inseam', 0.5, usual, ANY_ROUND),
  'check.derived': length('a measure off what it would be worked out as', 2.5, 'Our own: a worked-out measure is a guess, and most bodies lie nearer to it.', ANY_ROUND),
  'check.roundChange': length('a round’s change since the last set', 2, 'Common practice, within the days below.', ANY_ROUND),
  'check.changeDays': days('a change is soon within', 90, 'Common practice.'),
  'check.childDays': days('a child’s set is old after', 60, 'Common practice: children outgrow a set in about two months.'),
  'cloth.shrinkage': { label: 'shrinkage to buy for', kind: 'percent', value: 0, range: [0, 50], reason: 'Common practice, 3 to 5 for cotton that was not washed.' },
  'cloth.minutesPerOutline': { label: 'minutes to chalk and cut an outline', kind: 'minutes', value: 6, range: [0, 120], reason: 'For choosing between plans; time a few of your own and put in what your table takes.' },
  'cloth.minutesPerFold': { label: 'minutes to fold the cloth and square it', kind: 'minutes', value: 5, range: [0, 120], reason: 'For choosing between plans; slippery cloth takes longer.' },
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof rules;

export const ruleOf = (id: RuleId): Rule => rules[id];

export const isRuleId = (id: string): id is RuleId => Object.hasOwn(rules, id);

type ValueOf<R> = R extends MethodRule<infer Method> ? Method : number;

/** All rules with their values: the defaults, with the house's or the ticket's own laid over them. */
export type RuleSet = { readonly [id in RuleId]: ValueOf<(typeof rules)[id]> };
export type RuleValue = RuleSet[RuleId];
export type RuleOverrides = Partial<RuleSet>;

export const ruleIds = Object.keys(rules) as RuleId[];

/** A value as near as its rule lets it be: one that was kept before the rule had its range. */
function withinRange(id: RuleId, value: RuleValue): RuleValue {
  const rule = ruleOf(id);
  if (rule.kind === 'method' || typeof value !== 'number') return value;
  const [least, most] = rule.range;
  return Math.min(Math.max(value, least), most);
}

export function ruleSet(overrides: RuleOverrides = {}): RuleSet {
  const defaults = Object.fromEntries(Object.entries(rules).map(([id, rule]) => [id, rule.value])) as RuleSet;
  const own = Object.entries(overrides).map(([id, value]) => [id, withinRange(id as RuleId, value)]);
  return { ...defaults, ...Object.fromEntries(own) } as RuleSet;
}

/** Rules that two sets hold different values for, in the catalogue's order. Differences of rounding do not count. */
export const rulesThatDiffer = (a: RuleSet, b: RuleSet): RuleId[] =>
  ruleIds.filter((id) => {
    const [one, other] = [a[id], b[id]];
    return typeof one === 'number' && typeof other === 'number'
      ? Math.abs(one - other) > 1e-6
      : one !== other;
  });
