import { capital } from '../text/capital.ts';
import type { EdgeEnd, Heading, Mark, Place, PointName, Swing } from '../chalk/mark.ts';
import { formatNumber, type LengthFormat } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';
import { subtract, type Point } from '../geometry/point.ts';
import { dartLabel } from '../pieces/dart-dimensions.ts';
import { levelKind, levelPointWords } from '../pieces/level.ts';
import { ownId } from '../pieces/other-half.ts';
import type { Later } from '../pieces/piece.ts';
import { pieceName, roleName } from './names.ts';
import { edgeName } from '../pieces/edge-name.ts';

/** Numbers at the table are to the nearest ⅛ in, or half a centimetre. Common practice. */
export function chalkNumber(mm: number, unit: Unit, style: LengthFormat['style'] = 'plain'): string {
  return formatNumber(unit === 'cm' ? Math.round(mm / 5) * 5 : mm, unit, {
    denominator: 8,
    style: style ?? 'plain',
  });
}

const pointNames: { readonly [name in PointName]: string } = {
  ...levelPointWords,
  'neck-point': 'Neck at the shoulder',
  'neck-centre': 'Depth of the neck',
  'shoulder-tip': 'Tip of the shoulder',
  'seam-armhole': 'Seam at the armhole',
  'cap-top': 'Top of the cap',
  'bust-point': 'Bust point',
  'top-start': 'Top edge, inner end',
  'top-end': 'Top edge, outer end',
  'front-top': 'Top of the front edge',
  'front-foot': 'Foot of the front edge',
  'inner-centre': 'Edge to the lining, at the centre',
  'inner-side': 'Edge to the lining, at the side',
  'slit-top': 'Top of the slit',
  corner: 'Corner',
  button: 'Button',
};

/** `Corner of the hem`; `Corner of waist and side`. */
const cornerWords = (edges: readonly string[]): string =>
  `Corner of ${edges.length === 1 ? 'the ' : ''}${edges.map(edgeName).join(' and ')}`;

/** When an edge is cut that is left for later. */
const laterWords: { readonly [after in Later['after']]: string } = {
  'panels-joined': 'to be cut once the panels are joined',
};

/** Nearer to it than this a point lies on the centre line, mm. */
const ON_CENTRE = 0.5;

export interface MarkWords {
  readonly title: string;
  /** What to do, without the big figures. */
  readonly text: string;
  /** The figures to read from two metres, each with its word. */
  readonly figures: readonly { readonly value: string; readonly word: string }[];
}

const originWords: { readonly [from in Mark['from']]: string } = {
  centre: 'centre',
  grain: 'grain line',
};

const headingWords = (heading: Heading, origin: string): string =>
  heading
    .split('-')
    .map((part) =>
      part === 'away'
        ? `away from the ${origin}`
        : part === 'back'
          ? `back to the ${origin}`
          : `to the ${part}`,
    )
    .join(' and ');

const directions = ({ downs, outs, alongFrom }: Place): string => {
  if (alongFrom === 'block') return 'Down runs from its upper edge.';
  const origin = alongFrom === 'start' ? 'start of the cloth' : alongFrom;
  const onBias = downs.includes('-') ? 'On the bias, halfway between length and width: down' : 'Down';
  return `${onBias} runs ${headingWords(downs, origin)}, across ${headingWords(outs, origin)}.`;
};

const edgeWords: { readonly [from in Place['alongFrom'] | Place['acrossFrom']]: string } = {
  start: 'from the start',
  'cross fold': 'from the cross fold',
  fold: 'from the fold',
  'left selvedge': 'from the left selvedge',
  block: 'in from the block’s edge',
};

type FigureWords = (mm: number, word: string) => MarkWords['figures'][number];

const placeFigures = (place: Place, figure: FigureWords): MarkWords['figures'] => [
  figure(place.fromStart, edgeWords[place.alongFrom]),
  ...(place.onFold ? [] : [figure(place.across, edgeWords[place.acrossFrom])]),
];

/** The points of a mark as outs and downs from where its piece starts, mm. */
export const fromOrigin = ({ points, origin }: Pick<Mark, 'points' | 'origin'>): Point[] =>
  points.map((p) => subtract(p, origin));

/** The cloth that a piece which is not laid yet takes above its start line and beside its centre. */
function roomWords(
  { above, beside }: NonNullable<Extract<Mark, { kind: 'start-line' }>['room']>,
  from: Mark['from'],
  length: Say['length'],
): string {
  const side =
    beside > 0
      ? `the ${originWords[from]} ${length(beside)} in from its edge`
      : `the ${originWords[from]} on the fold`;
  return ` Not laid yet: draw it at least ${length(above)} below the start of the cloth, ${side}.`;
}

/** The mouth of a dart, and the way that its edge is cut. */
function mouthWords(mark: Extract<Mark, { kind: 'dart' }>, length: Say['length']): string {
  const [first, , second] = fromOrigin(mark);
  if (!first || !second) return '';
  const at = ({ x, y }: Point) => `${length(x)}, ${length(y)}`;
  const roof = mark.pressed
    ? `Fold it towards the ${mark.pressed} before that edge is cut, so that its roof is cut with it.`
    : 'Its roof is in the chalk already.';
  return ` Its mouth, across and down: ${at(first)} and ${at(second)}. ${roof}`;
}

const endWords: { readonly [end in EdgeEnd]: string } = {
  upper: 'upper end',
  inner: 'end nearer the centre',
  left: 'left end',
};

const notchName = ({ notch, marks }: Extract<Mark, { kind: 'notch' }>): string => {
  if (marks === 'loop') return 'Notch for a loop';
  if (marks) return `Notch for the ${marks}`;
  return notch === 'double' ? 'Double notch' : 'Notch';
};

/** How figures are told: a length, a figure with its word, and one that may lie above the start line or left of the centre. */
interface Say {
  readonly length: (mm: number) => string;
  readonly figure: FigureWords;
  readonly down: (mm: number) => MarkWords['figures'][number];
  readonly out: (mm: number, word?: string) => MarkWords['figures'][number];
}

function sayIn(unit: Unit, style: LengthFormat['style']): Say {
  const length = (mm: number) => chalkNumber(mm, unit, style);
  const figure = (mm: number, word: string) => ({ value: length(mm), word });
  return {
    length,
    figure,
    down: (mm) => (mm < 0 && length(-mm) !== length(0) ? figure(-mm, 'up') : figure(Math.abs(mm), 'down')),
    out: (mm, word = 'across') =>
      mm < -ON_CENTRE ? figure(-mm, `${word} to the left`) : figure(Math.max(0, mm), word),
  };
}

/** Words for the point from which the tape is swung along an arc. */
function swingWords({ down, out }: Swing, from: Mark['from'], { length }: Say): string {
  const height = down < 0 ? `${length(-down)} above the start line` : `${length(down)} down`;
  const across =
    Math.abs(out) < ON_CENTRE
      ? `on the ${originWords[from]}`
      : `${length(Math.abs(out))} ${out < 0 ? 'to the left' : 'across'}`;
  return `An arc: hold the tape ${height}, ${across}, and swing it from end to end.`;
}

/** Every kind of mark with its words. */
const worded: {
  readonly [Kind in Mark['kind']]: (mark: Extract<Mark, { kind: Kind }>, say: Say) => MarkWords;
} = {
  block: (mark, { figure }) => ({
    title: mark.copy === 0 ? 'A block to fuse' : 'The next block',
    text: `Its corner is here${mark.onFold ? ', its side on the fold' : ''}. Cut the block out and fuse it; its piece is chalked in it only then.`,
    figures: [
      ...placeFigures(mark, figure),
      figure(mark.width, mark.onFold ? 'wide, on the fold' : 'wide'),
      figure(mark.height, 'long'),
    ],
  }),
  place: (mark, { length, figure }) => ({
    title: 'Where it starts',
    text: `${mark.onFold ? 'Centre on the fold. ' : ''}Start line and ${originWords[mark.from]} cross here. ${mark.below > 0 ? `It begins ${length(mark.below)} below the start line of the figures; down is measured from its own top. ` : ''}${directions(mark)}${mark.bothSides ? ' Chalk every mark on both sides of the centre.' : ''}`,
    figures: placeFigures(mark, figure),
  }),
  again: (mark, { figure }) => ({
    title: `The ${mark.copy === 1 ? 'second' : 'next'} copy`,
    text: `${mark.mirrored ? 'Mirrored: cut the first, turn it face down and chalk around it' : 'Cut the first and chalk around it'}, or chalk all its marks again from here. ${directions(mark)}`,
    figures: placeFigures(mark, figure),
  }),
  trace: (mark, { length, figure }) => ({
    title: `${mark.pinned ? 'With' : 'Around'} the ${pieceName(mark.template).toLowerCase()}`,
    text: `${mark.pinned ? 'It is pinned under it: cut through both at once.' : 'Cut it first, lay it on this cloth with the grain, and chalk around it.'} Allowances are in it.${mark.trims.map(({ role, mm }) => ` Then cut the ${roleName[role]} ${length(mm)} shorter.`).join('')}`,
    figures: mark.trims.map(({ role, mm }) => figure(mm, `off the ${roleName[role]}`)),
  }),
  'start-line': (mark, { length, figure }) => ({
    title: 'Start line',
    text: `Square across from the ${originWords[mark.from]}, as wide as the piece.${mark.below > 0 ? ` It is the top of this piece, ${length(mark.below)} below the start line of the figures.` : ''}${mark.room ? roomWords(mark.room, mark.from, length) : ''}`,
    figures: [figure(mark.out, 'across')],
  }),
  level: (mark, { figure }) => ({
    title: capital(levelKind(mark.level).words),
    text: 'Square across, from the start line.',
    figures: [figure(mark.down, 'down')],
  }),
  point: (mark, { down, out }) => ({
    title: mark.meet ? cornerWords(mark.meet) : pointNames[mark.name],
    text: `From the start line and from the ${originWords[mark.from]}.${mark.name === 'button' ? ' Its hole goes on the front that laps over.' : ''}`,
    figures: [out(mark.out), down(mark.down)],
  }),
  slope: (mark, { figure }) => ({
    title: capital(edgeName(mark.edge)),
    text: 'A straight line between its two marks.',
    figures: [figure(mark.mm, 'long')],
  }),
  curve: (mark, say) => ({
    title: capital(edgeName(mark.edge)),
    text: mark.swing
      ? swingWords(mark.swing, mark.from, say)
      : `A fair curve through ${mark.points.length} marks; check it with the tape on edge.`,
    figures: [
      ...(mark.swing ? [say.figure(mark.swing.radius, 'to swing')] : []),
      say.figure(mark.mm, 'along'),
    ],
  }),
  line: (mark, { length, figure, out, down }) => {
    const [first, ...rest] = fromOrigin(mark);
    const last = rest.at(-1) ?? first;
    return {
      title: mark.label,
      text: `Inside the piece${last ? `, to ${length(Math.abs(last.x))} ${last.x < -ON_CENTRE ? 'to the left' : 'across'}, ${length(last.y)} down` : ''}${mark.points.length > 2 ? `, through ${mark.points.length} marks` : ''}.`,
      figures: [...(first ? [out(first.x), down(first.y)] : []), figure(mark.mm, 'along')],
    };
  },
  dart: (mark, { figure, length, out }) => ({
    title: dartLabel(ownId(mark.dart)),
    text:
      mark.foot === undefined
        ? `Both legs from the mouth to the tip.${mouthWords(mark, length)}`
        : 'Widest at the waist; legs from there to both tips.',
    figures: [
      figure(mark.intake, 'wide'),
      out(mark.out, 'tip across'),
      figure(mark.down, 'tip down'),
      ...(mark.foot === undefined ? [] : [figure(mark.foot, 'lower tip down')]),
    ],
  }),
  allowance: (mark, { length, figure }) => ({
    title: `Allowance, ${roleName[mark.role]}`,
    text: `${
      mark.side === 'outside'
        ? 'Outside the stitch line, all along. This is the line to cut.'
        : 'Inside the cut line, all along: where it is sewn. It is in the chalk already.'
    }${mark.later ? ` Write “later” here: ${length(mark.later.reserve)} of it is a reserve, ${laterWords[mark.later.after]}.` : ''}`,
    figures: [figure(mark.mm, mark.side)],
  }),
  notch: (mark, { figure }) => ({
    title: `${notchName(mark)}, ${edgeName(mark.edge)}`,
    text: `Along the edge, from its ${endWords[mark.end]}.`,
    figures: [figure(mark.mm, 'along')],
  }),
  label: (mark) => ({
    title: 'Label it',
    text: `Write ${pieceName(mark.piece)}, ${mark.copies === 1 ? 'one' : mark.copies}, grain and top before the next piece is cut.`,
    figures: [],
  }),
};

/** Words of the Chalk station for a mark. */
export function markWords(mark: Mark, unit: Unit, style: LengthFormat['style'] = 'plain'): MarkWords {
  // The table pairs each kind with its words, which the types of a lookup by kind cannot follow.
  const say = worded[mark.kind] as (mark: Mark, say: Say) => MarkWords;
  return say(mark, sayIn(unit, style));
}

/** One line for lists, files and paper. */
export function markLine(mark: Mark, unit: Unit): string {
  const { title, text, figures } = markWords(mark, unit);
  const numbers = figures.map(({ value, word }) => `${value} ${word}`).join(', ');
  const through =
    mark.kind === 'curve' || (mark.kind === 'line' && mark.points.length > 2)
      ? ` Across and down: ${fromOrigin(mark)
          .map(({ x, y }) => `${chalkNumber(x, unit)}, ${chalkNumber(y, unit)}`)
          .join('; ')}.`
      : '';
  return (numbers ? `${title}: ${numbers}. ${text}` : `${title}. ${text}`) + through;
}
