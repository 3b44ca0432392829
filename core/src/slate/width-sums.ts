import { finding, type Finding } from '../findings/finding.ts';
import { inches, mmPer } from '../units/length.ts';
import { chosen, divided, minus, plus, sum, times, type Working } from '../workings/working.ts';
import { lengthLine, outcome, type QuickSum, type SumInputs } from './quick-sum.ts';

const half = inches(0.5);

/** (round + ease) ÷ 4. */
const quarterOf = ({ term }: SumInputs): Working => divided(sum(plus(term('round')), plus(term('ease'))), 4);

/** A habit may miss by a quarter of an inch before it is worth a word. Common practice. */
const WORTH_A_WORD = inches(0.25);

export const habitFinding = (subject: string, found: number, expected: number): Finding[] =>
  Math.abs(found - expected) > WORTH_A_WORD
    ? [finding('habit-misses', { subject }, { found, expected })]
    : [];

/** A length to the nearest half of the unit that the shop works in. */
const toHalf = (mm: number, { unit }: SumInputs): number => {
  const step = mmPer(unit) / 2;
  return Math.round(mm / step) * step;
};

export const quarter: QuickSum = {
  name: 'quarter',
  title: 'A quarter, cut',
  summary: 'What one half-piece is cut across: a quarter of the round and its ease, with what is given back.',
  args: [
    { id: 'round', label: 'round', kind: 'length', positive: true },
    { id: 'ease', label: 'ease', kind: 'length', usual: 0 },
    { id: 'intake', label: 'intake', kind: 'length', usual: 0 },
    { id: 'allowance', label: 'allowance', kind: 'length', usual: 0 },
    { id: 'cuts', label: 'lines cut open', kind: 'count', usual: 0, least: 0, most: 8 },
    { id: 'join', label: 'join', kind: 'length', usual: half },
  ],
  sum: (inputs) => {
    const { term, of } = inputs;
    const width = sum(
      plus(quarterOf(inputs)),
      plus(term('intake')),
      ...(of('cuts') > 0 ? [plus(times(term('join'), 2 * of('cuts')))] : []),
      plus(term('allowance')),
    );
    return outcome([lengthLine('width', 'cut width', width.mm, width)]);
  },
};

export const foldWidth: QuickSum = {
  name: 'fold-width',
  title: 'Fold to width',
  summary: 'How deep to fold the cloth for the widest half-piece, and what stays open beside it.',
  args: [
    { id: 'round', label: 'widest round', kind: 'length', positive: true },
    { id: 'ease', label: 'ease', kind: 'length', usual: 0 },
    { id: 'allowance', label: 'allowance', kind: 'length', usual: inches(1) },
    { id: 'clothWidth', label: 'cloth width', kind: 'length', positive: true },
  ],
  sum: (inputs) => {
    const { term, of } = inputs;
    const depth = sum(plus(quarterOf(inputs)), plus(term('allowance')));
    const mm = depth.mm;
    const left = sum(plus(term('clothWidth')), minus(times(chosen('depth', mm), 2)));
    const findings =
      left.mm < 0
        ? [finding('cloth-too-narrow', { subject: 'outer' }, { found: of('clothWidth') / 2, expected: mm })]
        : [];
    return outcome(
      [lengthLine('depth', 'fold this deep', mm, depth), lengthLine('left', 'left open', left.mm, left)],
      findings,
    );
  },
};

const chestLineBy = (method: string, { term }: SumInputs): Working => {
  switch (method) {
    case 'bust-sixth':
      return sum(plus(divided(term('bust'), 6)), plus(chosen('more', inches(1.5))));
    case 'half-armhole':
      return divided(term('armhole'), 2);
    default:
      return term('fixed');
  }
};

const chestLineWords: { readonly [method: string]: string } = {
  'bust-sixth': 'bust ÷ 6 + 1½',
  'half-armhole': 'half the armhole',
};

/** What a school of chest line needs. */
const chestLineNeeds: { readonly [method: string]: string } = {
  'bust-sixth': 'bust',
  'half-armhole': 'armhole',
  fixed: 'fixed',
};

export const chestLine: QuickSum = {
  name: 'chest-line',
  title: 'Chest line',
  summary:
    'How deep the chest line lies below the start line, by school; the schools are set against each other.',
  args: [
    {
      id: 'method',
      label: 'by',
      kind: 'word',
      words: ['half-armhole', 'bust-sixth', 'fixed'],
      usual: 'half-armhole',
    },
    { id: 'armhole', label: 'armhole', kind: 'length', optional: true, positive: true },
    { id: 'bust', label: 'bust', kind: 'length', optional: true, positive: true },
    { id: 'fixed', label: 'fixed', kind: 'length', usual: inches(8.5) },
  ],
  needs: ({ word }) => [chestLineNeeds[word('method')] ?? 'fixed'],
  sum: (inputs) => {
    const method = inputs.word('method');
    const working = chestLineBy(method, inputs);
    const depth = working.mm;
    const others = ['half-armhole', 'bust-sixth'].filter(
      (other) => other !== method && inputs.has(chestLineNeeds[other] ?? ''),
    );
    const rounded = toHalf(depth, inputs);
    return outcome(
      [
        lengthLine('depth', 'chest line, down', depth, working),
        lengthLine('nearestHalf', 'to the nearest half', rounded, 'rounded to the nearest half'),
      ],
      others.flatMap((other) => {
        const expected = chestLineBy(other, inputs).mm;
        return Math.abs(depth - expected) > WORTH_A_WORD
          ? [
              finding(
                'schools-differ',
                { subject: chestLineWords[other] ?? other },
                { found: depth, expected },
              ),
            ]
          : [];
      }),
    );
  },
};

/** Intake each side of a dart's centre line, in inches, by build. Common practice: ¾ to 1 for a middle figure. */
const intakes: { readonly [build: string]: { readonly under: number; readonly waist: number } } = {
  slim: { under: 0.5, waist: 0.5 },
  middle: { under: 0.75, waist: 0.75 },
  full: { under: 1.5, waist: 1 },
};

export const dart: QuickSum = {
  name: 'dart',
  title: 'Dart intake',
  summary:
    'What a dart takes in on each side of its centre line: by habit, and derived from the quarters’ drop.',
  args: [
    { id: 'bust', label: 'bust', kind: 'length', positive: true },
    { id: 'waist', label: 'waist', kind: 'length', positive: true },
    { id: 'underBust', label: 'under bust', kind: 'length', optional: true, positive: true },
    { id: 'build', label: 'build', kind: 'word', words: ['slim', 'middle', 'full'], usual: 'middle' },
  ],
  sum: ({ term, word, has }) => {
    const build = word('build');
    const habit = intakes[build] ?? { under: 0.75, waist: 0.75 };
    const drop = (round: string) => divided(sum(plus(term('bust')), minus(term(round))), 8);
    const derived = drop('waist');
    const byHabit = (mm: number) => chosen(`by habit, ${build}`, mm);
    const under = has('underBust') ? drop('underBust') : undefined;
    return outcome(
      [
        lengthLine('under', 'under the bust, by habit', inches(habit.under), byHabit(inches(habit.under))),
        lengthLine('waist', 'at the waist, by habit', inches(habit.waist), byHabit(inches(habit.waist))),
        lengthLine('hem', 'at a top’s hem, by habit', inches(habit.waist), byHabit(inches(habit.waist))),
        lengthLine('derived', 'at the waist, derived', derived.mm, derived),
        ...(under ? [lengthLine('underDerived', 'under the bust, derived', under.mm, under)] : []),
      ],
      [
        ...habitFinding('the waist dart by habit', inches(habit.waist), derived.mm),
        ...(under ? habitFinding('the under-bust dart by habit', inches(habit.under), under.mm) : []),
      ],
    );
  },
};

/** How the excess under the bust is shared between centre and side panel. */
const centreShare = (method: string, excess: Working): Working =>
  method === 'table' ? chosen('by the hand rule', Math.min(half, excess.mm)) : times(excess, 0.4);

export const underbust: QuickSum = {
  name: 'underbust',
  title: 'Under-bust contour',
  summary: 'What the half-piece measures too much at the under-bust line, and how the two panels share it.',
  args: [
    { id: 'drawn', label: 'half-piece as drawn', kind: 'length', positive: true },
    { id: 'underBust', label: 'under bust', kind: 'length', positive: true },
    { id: 'method', label: 'shared by', kind: 'word', words: ['solved', 'table'], usual: 'solved' },
  ],
  sum: ({ term, word }) => {
    const excess = sum(plus(term('drawn')), minus(divided(term('underBust'), 4)));
    const toCentre = centreShare(word('method'), excess);
    const mm = excess.mm;
    const toSide = sum(plus(chosen('excess', mm)), minus(chosen('to the centre panel', toCentre.mm)));
    return outcome([
      lengthLine('excess', 'to take out', mm, excess),
      lengthLine('toCentre', 'from the centre panel', toCentre.mm, toCentre),
      lengthLine('toSide', 'from the side panel', toSide.mm, toSide),
    ]);
  },
};

export const offShoulder: QuickSum = {
  name: 'off-shoulder',
  title: 'Off the shoulder',
  summary: 'What each sleeve covers of the off-shoulder round, beside front and back.',
  args: [
    { id: 'round', label: 'off-shoulder round', kind: 'length', positive: true },
    { id: 'acrossChest', label: 'across chest', kind: 'length', optional: true, positive: true },
    { id: 'acrossBack', label: 'across back', kind: 'length', optional: true, positive: true },
    { id: 'frontTop', label: 'front edge, half', kind: 'length', optional: true, positive: true },
    { id: 'backTop', label: 'back edge, half', kind: 'length', optional: true, positive: true },
  ],
  needs: ({ has }) =>
    has('frontTop') || has('backTop') ? ['frontTop', 'backTop'] : ['acrossChest', 'acrossBack'],
  sum: ({ term, has, of }) => {
    const drafted = has('frontTop') && has('backTop');
    const body = drafted
      ? [minus(times(term('frontTop'), 2)), minus(times(term('backTop'), 2))]
      : [minus(term('acrossChest')), minus(term('acrossBack'))];
    const share = divided(sum(plus(term('round')), ...body), 2);
    const mm = share.mm;
    const findings =
      mm <= 0
        ? [
            finding(
              'measures-disagree',
              { measure: 'offShoulderRound', subject: 'chest-and-back' },
              { found: of('round'), expected: of('round') - 2 * mm },
            ),
          ]
        : [];
    return outcome([lengthLine('share', 'each sleeve', mm, share)], findings);
  },
};

export const crotchDepth: QuickSum = {
  name: 'crotch-depth',
  title: 'Crotch depth',
  summary: 'From the waist down to the seat, with the ease of the cut.',
  args: [
    { id: 'outseam', label: 'outseam', kind: 'length', positive: true },
    { id: 'inseam', label: 'inseam', kind: 'length', positive: true },
    { id: 'ease', label: 'ease', kind: 'length', usual: half },
  ],
  sum: ({ term }) => {
    const depth = sum(plus(term('outseam')), minus(term('inseam')), plus(term('ease')));
    return outcome([lengthLine('depth', 'crotch depth', depth.mm, depth)]);
  },
};

export const halfLength: QuickSum = {
  name: 'half-length',
  title: 'Half length',
  summary: 'Where the waist lies when only the height is known, and the hip below it.',
  args: [{ id: 'height', label: 'height', kind: 'length', positive: true }],
  sum: ({ term }) => {
    const waist = divided(term('height'), 4);
    const hip = sum(plus(chosen('half length', waist.mm)), plus(chosen('to the hip', inches(8))));
    return outcome([
      lengthLine('halfLength', 'half length', waist.mm, waist),
      lengthLine('hip', 'hip level, down', hip.mm, hip),
    ]);
  },
};

export const recut: QuickSum = {
  name: 'recut',
  title: 'Recut',
  summary: 'What to take in at a bought shirt’s half, from the centre outwards.',
  args: [
    { id: 'existing', label: 'half as it is', kind: 'length', positive: true },
    { id: 'round', label: 'round', kind: 'length', optional: true, positive: true },
    { id: 'ease', label: 'ease', kind: 'length', usual: inches(7) },
    { id: 'seam', label: 'seam', kind: 'length', usual: half },
    { id: 'target', label: 'half wanted', kind: 'length', optional: true, positive: true },
  ],
  needs: ({ has }) => (has('target') ? [] : ['round']),
  sum: (inputs) => {
    const { term, has, of } = inputs;
    const target = has('target') ? term('target') : quarterOf(inputs);
    const takeIn = sum(plus(term('existing')), minus(chosen('half wanted', target.mm)));
    const cutAt = sum(plus(chosen('half wanted', target.mm)), plus(term('seam')));
    const letOut = -takeIn.mm;
    const findings =
      letOut > of('seam')
        ? [finding('seam-too-narrow', { subject: 'side' }, { found: of('seam'), expected: letOut })]
        : [];
    return outcome(
      [
        lengthLine('target', 'half wanted', target.mm, target),
        lengthLine('takeIn', 'take in', takeIn.mm, takeIn),
        lengthLine('cutAt', 'cut here, from the centre', cutAt.mm, cutAt),
      ],
      findings,
    );
  },
};
