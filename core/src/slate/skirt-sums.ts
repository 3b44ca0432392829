import { inches } from '../units/length.ts';
import { chosen, divided, minus, plus, sum, times } from '../workings/working.ts';
import { sectorsOf } from '../lay/fold/sectors.ts';
import { piecesFor } from './piecing.ts';
import {
  countLine,
  lengthLine,
  outcome,
  type QuickSum,
  type SumArgument,
  type SumInputs,
  type SumLine,
  type SumOutcome,
} from './quick-sum.ts';
import { habitFinding } from './width-sums.ts';

const half = inches(0.5);

/** How many pieces a ring of some fraction of a circle is cut in, and the joins that makes once it is closed. */
function ringJoins(outer: number, circle: number, clothWidth: number): { joins: number; how: string } {
  if (circle > 0.5) {
    if (2 * outer <= clothWidth)
      return { joins: 0, how: 'twice the outer radius lies on the cloth: one piece, folded twice' };
    return outer <= clothWidth
      ? { joins: 2, how: 'the outer radius lies on the cloth: two halves' }
      : { joins: 4, how: 'four quarters, and they too want piecing' };
  }
  if (circle > 0.25)
    return outer <= clothWidth
      ? { joins: 1, how: 'the outer radius lies on the cloth: one half, closed by one join' }
      : { joins: 2, how: 'two quarters' };
  return { joins: 1, how: 'one piece, closed by one join' };
}

/** Where equal parts are joined, so that no join comes to centre front. */
const joinWords = (joins: readonly number[]): string =>
  joins.length === 0
    ? 'in one, without a join'
    : `joined ${joins.map((at) => `${Math.round(at)}°`).join(', ')} from centre front, on either side`;

/** The stitched inner radius: (round + extra) ÷ (2π × circle). */
const innerRadius = ({ term, of, has }: SumInputs) =>
  divided(
    has('extra') && of('extra') > 0 ? sum(plus(term('round')), plus(term('extra'))) : term('round'),
    2 * Math.PI * of('circle'),
  );

export const flare: QuickSum = {
  name: 'flare',
  title: 'Flare',
  summary: 'The radii of a skirt, sleeve or peplum cut from a circle or a part of one.',
  args: [
    { id: 'round', label: 'seam round', kind: 'length', positive: true },
    { id: 'circle', label: 'part of a circle', kind: 'ratio', usual: 1, positive: true },
    { id: 'length', label: 'length', kind: 'length', optional: true, positive: true },
    { id: 'waistAllowance', label: 'join', kind: 'length', usual: half },
    { id: 'hem', label: 'hem', kind: 'length', usual: half },
    { id: 'extra', label: 'extra for pleats', kind: 'length', usual: 0 },
    { id: 'clothWidth', label: 'cloth width', kind: 'length', optional: true, positive: true },
    { id: 'rule', label: 'habit: round ÷', kind: 'ratio', optional: true, positive: true },
  ],
  // Parts of a cloth are counted only of a ring whose outer edge is known.
  needs: ({ has }) => (has('clothWidth') ? ['length'] : []),
  sum: (inputs) => {
    const { term, of, has } = inputs;
    const stitched = innerRadius(inputs);
    const radius = stitched.mm;
    const inner = sum(plus(stitched), minus(term('waistAllowance')));
    const innerLine = lengthLine('inner', 'inner radius, cut', inner.mm, inner);
    if (!has('length')) return byHabit(inputs, [innerLine]);
    // Length runs from the join as it will be sewn; the join's own turning is not counted twice.
    const outer = sum(plus(chosen('stitched inner radius', radius)), plus(term('length')), plus(term('hem')));
    const outerMm = outer.mm;
    const circle = of('circle');
    const across =
      circle > 0.25 ? times(chosen('outer radius', outerMm), 2) : chosen('outer radius', outerMm);
    const lines: [SumLine, ...SumLine[]] = [
      innerLine,
      lengthLine('outer', 'outer radius, cut', outerMm, outer),
      lengthLine('square', 'square of cloth that holds it', across.mm, across),
    ];
    if (has('clothWidth')) {
      const { joins, how } = ringJoins(outerMm, circle, of('clothWidth'));
      lines.push(countLine('joins', 'joins', joins, how));
      const ring = { inner: inner.mm, outer: outerMm, circle, join: of('waistAllowance') };
      const parts = sectorsOf(ring, of('clothWidth'));
      if (parts)
        lines.push(countLine('parts', 'equal parts that lie on it', parts.count, joinWords(parts.joins)));
    }
    return byHabit(inputs, lines);
  },
};

/** What a habit's divisor misses the round by, where one is compared. */
function byHabit({ of, has }: SumInputs, lines: readonly [SumLine, ...SumLine[]]): SumOutcome {
  if (!has('rule')) return outcome(lines);
  const wanted = of('round') + of('extra');
  const drawn = (2 * Math.PI * of('circle') * wanted) / of('rule');
  const miss = sum(plus(chosen('round by the habit', drawn)), minus(chosen('round wanted', wanted)));
  return outcome(
    [...lines, lengthLine('miss', 'the habit misses by', miss.mm, miss)],
    habitFinding(`round ÷ ${of('rule')}`, drawn, wanted),
  );
}

/** A strip as long as `of`, pieced across the cloth. */
const pieces = (length: number, { of }: SumInputs): number => piecesFor(length, of('clothWidth'), of('join'));

const PIECED = 'cloth widths sewn in a row, two joins lost at each seam, rounded up';

const stripArgs: readonly SumArgument[] = [
  { id: 'clothWidth', label: 'cloth width', kind: 'length', positive: true },
  { id: 'join', label: 'join', kind: 'length', usual: half },
];

export const gather: QuickSum = {
  name: 'gather',
  title: 'Gathered strip',
  summary: 'How long a strip is gathered to a seam, and how many cloth widths make it.',
  args: [
    { id: 'seam', label: 'seam', kind: 'length', positive: true },
    { id: 'ratio', label: 'ratio', kind: 'ratio', usual: 2, positive: true },
    ...stripArgs,
  ],
  sum: (inputs) => {
    const strip = times(inputs.term('seam'), inputs.of('ratio'));
    const mm = strip.mm;
    return outcome([
      lengthLine('strip', 'strip', mm, strip),
      countLine('pieces', 'pieces', pieces(mm, inputs), PIECED),
    ]);
  },
};

export const tiers: QuickSum = {
  name: 'tiers',
  title: 'Gathered tiers',
  summary: 'Tiers of one depth, each gathered to the one above it.',
  args: [
    { id: 'round', label: 'round at the top', kind: 'length', positive: true },
    { id: 'length', label: 'length', kind: 'length', positive: true },
    { id: 'count', label: 'tiers', kind: 'count', usual: 3, least: 1, most: 12 },
    { id: 'ratio', label: 'ratio', kind: 'ratio', usual: 1.5, positive: true },
    ...stripArgs,
  ],
  sum: (inputs) => {
    const { term, of } = inputs;
    const depth = divided(term('length'), of('count'));
    const cutDepth = sum(plus(chosen('depth', depth.mm)), plus(times(term('join'), 2)));
    const lines = Array.from({ length: of('count') }, (_, index): SumLine[] => {
      const above = index === 0 ? 'round at the top' : `tier ${index}`;
      const width = times(chosen(above, of('round') * of('ratio') ** index), of('ratio'));
      const mm = width.mm;
      return [
        lengthLine(`width${index + 1}`, `tier ${index + 1}, wide`, mm, width),
        countLine(`pieces${index + 1}`, `tier ${index + 1}, pieces`, pieces(mm, inputs), PIECED),
      ];
    });
    return outcome([
      lengthLine('depth', 'depth of a tier', depth.mm, depth),
      lengthLine('cutDepth', 'depth, cut', cutDepth.mm, cutDepth),
      ...lines.flat(),
    ]);
  },
};

export const flounce: QuickSum = {
  name: 'flounce',
  title: 'Flounce',
  summary:
    'Rings cut open and sewn in a row, so that the inner edge lies flat on a seam and the outer falls in folds.',
  args: [
    { id: 'seam', label: 'seam', kind: 'length', positive: true },
    { id: 'innerRadius', label: 'inner radius, stitched', kind: 'length', usual: inches(2), positive: true },
    { id: 'visible', label: 'visible', kind: 'length', positive: true },
    { id: 'join', label: 'join', kind: 'length', usual: half },
    { id: 'hem', label: 'hem', kind: 'length', usual: half },
  ],
  sum: ({ term, of }) => {
    const outer = sum(plus(term('innerRadius')), plus(term('visible')), plus(term('hem')));
    const inner = sum(plus(term('innerRadius')), minus(term('join')));
    const edge = sum(plus(times(term('innerRadius'), 2 * Math.PI)), minus(times(term('join'), 2)));
    const perRing = edge.mm;
    const findings = perRing <= 0 ? habitFinding('a ring so small', perRing, of('seam')) : [];
    return outcome(
      [
        lengthLine('outer', 'outer radius, cut', outer.mm, outer),
        lengthLine('inner', 'inner radius, cut', inner.mm, inner),
        lengthLine('edgePerRing', 'edge of one ring', perRing, edge),
        countLine(
          'rings',
          'rings',
          perRing > 0 ? Math.ceil(of('seam') / perRing - 1e-9) : 0,
          'seam ÷ edge of one ring, rounded up',
        ),
      ],
      findings,
    );
  },
};
