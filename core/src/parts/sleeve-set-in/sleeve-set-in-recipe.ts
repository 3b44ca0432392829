import { usualSize } from '../../drafting/bodice/frame.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import type { Named } from '../../checks/rounds.ts';
import type { Body } from '../../drafting/body.ts';
import type { Detail } from '../../drafting/detail.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, Wearer, PartRecipe } from '../../garment/part.ts';
import { girthOf } from '../../pieces/girth.ts';
import { roleLength, type Piece } from '../../pieces/piece.ts';
import {
  changed,
  divided,
  drawnTerm,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import { inches } from '../../units/length.ts';
import { sleeveSetInChoices, type SleeveSetInChosen } from './choices.ts';
import { capHalf, setIn, type CapFullness } from './cap-half.ts';
import { sleevePiece, type SleeveEnding, type SleevePlan } from './sleeve-piece.ts';
import { solveCap } from './sleeve-cap.ts';
import { equalSeam } from '../../pieces/seam.ts';

/** Of the arm's length, down to the elbow, and to half-way above it. Common practice. */
const DOWN = { elbow: 0.56, short: 0.32 };

/** The shortest underarm seam, mm. */
const LEAST_UNDERARM = inches(1);

/** The arm where the sleeve ends: how far down it is, and how round. */
export function armAt(body: Body, to: SleeveSetInChosen['sleeveTo']): { down: Working; round: Working } {
  const [arm, upper, wrist] = [body.term('armLength'), body.term('upperArm'), body.term('wrist')];
  const elbow =
    body.taken('elbow') === undefined ? divided(sum(plus(upper), plus(wrist)), 2) : body.term('elbow');
  switch (to) {
    case 'wrist':
      return { down: arm, round: wrist };
    case 'elbow':
      return {
        down:
          body.taken('shoulderToElbow') === undefined ? times(arm, DOWN.elbow) : body.term('shoulderToElbow'),
        round: elbow,
      };
    case 'short':
      return { down: times(arm, DOWN.short), round: divided(sum(plus(upper), plus(elbow)), 2) };
  }
}

/** A cap that the arm asks wider or narrower than its armhole allows. */
function capFindings({ cap, width }: SleevePlan, ease: number, choice: string): Finding[] {
  if (cap.off === 0) return [];
  const found = width.mm + cap.off;
  const place = { piece: 'sleeve', choice } as const;
  const detail = {
    found,
    expected: width.mm,
    remedy: { kind: 'set-choice', choice, mm: Math.max(0, ease + cap.off) },
  } as const;
  return [cap.off > 0 ? finding('sleeve-wider', place, detail) : finding('sleeve-too-narrow', place, detail)];
}

/** A sleeve that would end above its underarm is drawn a little longer than its cap. */
const lengthFindings = (wanted: number, least: number): Finding[] =>
  wanted >= least
    ? []
    : [
        finding(
          'sleeve-above-underarm',
          { piece: 'sleeve', choice: 'sleeveTo' },
          {
            found: wanted,
            expected: least,
            remedy: { kind: 'set-option', choice: 'sleeveTo', option: 'elbow' },
          },
        ),
      ];

/** A closed end must pass the hand, where that was measured. */
function endFindings(body: Body, { ending }: SleevePlan, ease: number, named: Named): Finding[] {
  const found = roleLength(named('sleeve').piece, ending.role);
  return handFindings(body, { piece: 'sleeve', found, choice: 'easeSleeveEnd', ease });
}

/** A closed end of a sleeve against the hand, where that was measured; `ease` is what was chosen for it by its choice, mm. */
export function handFindings(
  body: Body,
  {
    piece,
    found,
    choice,
    ease,
  }: { readonly piece: string; readonly found: number; readonly choice: string; readonly ease: number },
): Finding[] {
  const expected = body.taken('hand');
  if (expected === undefined || found >= expected) return [];
  return [
    finding(
      'opening-too-small',
      { piece, subject: 'sleeve end', measure: 'hand' },
      {
        found,
        expected,
        remedy: { kind: 'set-choice', choice, mm: ease + expected - found },
      },
    ),
  ];
}

/** Length of a cap that is gathered ÷ its armhole; what is eased in does not puff. */
const capRatio = ({ front, back }: SleevePlan['halves']): number =>
  front.fullness.kind === 'ease'
    ? 1
    : (front.length.mm + back.length.mm) / (front.side.length.mm + back.side.length.mm);

/** The sleeve down the arm: as wide as the upper arm to the foot of its cap, then tapering to its end. */
const hanging = ({ cap, halves, width, length, end }: SleevePlan, { id }: Piece): Detail => ({
  kind: 'sleeve',
  piece: id,
  girths: [
    [0, width.mm],
    [cap.height, width.mm],
    [length.mm, end.mm],
  ],
  underarm: length.mm - cap.height,
  gather: capRatio(halves),
});

/**
 * An underarm seam comes in by no more than this for each mm of it, and of a short one by less: its lower edge, square to both
 * seams, bows up between them, at most half the way to the upper arm. Such a sleeve is wider at its end than is asked.
 */
const mostTaper = (underarm: number, width: number): number => Math.min(0.36, (2 * underarm) / width);

/** The lean of an underarm seam that would come in by so much on its way down, mm; of a seam at least as long as the shortest. */
function taperOf(narrower: number, down: number, width: number): number {
  const underarm = Math.max(down, LEAST_UNDERARM);
  return Math.atan(Math.min(mostTaper(underarm, width), narrower / underarm));
}

const fill = (values: PartInput['values'], { body }: Wearer): SleeveSetInChosen =>
  withDefaults(sleeveSetInChoices, values, usualSize(body));

/** The lengths of a sleeve that is set in, as they are asked; mm. */
export interface SleeveWish {
  readonly fullness: CapFullness;
  /** Its ease over the upper arm, and the choice that sets it where that is another than usual. */
  readonly easeUpperArm: Working;
  readonly easeChoice?: string;
  readonly length: Working;
  /** Its lower edge: straight, it is as wide as the upper arm. */
  readonly end: Working | 'straight';
  readonly ending: SleeveEnding;
}

/** A lower end that a sleeve so wide, with an underarm so long, can taper to; mm. */
const noNarrower = (end: Working, width: number, underarm: number): Working =>
  changed(end, 'kept', Math.max(0, width - 2 * mostTaper(underarm, width) * underarm - end.mm));

/** A set-in sleeve as it was planned and drawn. */
export interface SetIn {
  readonly plan: SleevePlan;
  readonly sleeve: Piece;
  readonly drawn: DrawnPart;
}

/** Draws a sleeve of one piece into the armhole; what its lower end is held to is for its caller to say. */
export function drawSetIn(input: PartInput, wish: SleeveWish): SetIn {
  const { body, join } = input;
  const { fullness, easeUpperArm, ending } = wish;
  const halves = {
    front: capHalf(join.front, 'front', fullness),
    back: capHalf(join.back, 'back', fullness),
  };
  const asked = sum(plus(body.term('upperArm')), plus(easeUpperArm));
  const narrower = wish.end === 'straight' ? 0 : (asked.mm - wish.end.mm) / 2;
  const cap = solveCap({ front: halves.front.length.mm, back: halves.back.length.mm }, asked.mm, (height) =>
    taperOf(narrower, wish.length.mm - height, asked.mm),
  );
  const least = cap.height + LEAST_UNDERARM;
  const length = changed(wish.length, 'kept', Math.max(0, least - wish.length.mm));
  const end =
    wish.end === 'straight'
      ? sum(plus(named('upper arm', asked)), drawnTerm('no cap is so narrow or wide', cap.off))
      : noNarrower(wish.end, asked.mm + cap.off, length.mm - cap.height);
  const plan: SleevePlan = { cap, halves, width: asked, length, end, ending };
  const sleeve = sleevePiece(plan, input);
  const drawn: DrawnPart = {
    pieces: [sleeve],
    seams: [
      setIn('front', halves.front),
      setIn('back', halves.back),
      equalSeam('sleeve underarm', ['sleeve/underarm-front'], ['sleeve/underarm-back'], 'armLength'),
    ],
    girths: [
      girthOf('upperArm', [sleeve], body.mm('upperArm'), easeUpperArm.mm, cap.off < 0 ? 'not' : 'at-least'),
    ],
    details: [hanging(plan, sleeve)],
    checks: () => [],
    findings: [
      ...capFindings(plan, easeUpperArm.mm, wish.easeChoice ?? 'easeUpperArm'),
      ...lengthFindings(wish.length.mm, least),
    ],
    marks: [...halves.front.marks, ...halves.back.marks],
  };
  return { plan, sleeve, drawn };
}

/** A sleeve as wide at its end as the arm there with its ease; it must pass the hand. */
export function drawToArm(input: PartInput, chosen: SleeveSetInChosen, ending: SleeveEnding): SetIn {
  const { body } = input;
  const term = (id: Exclude<keyof SleeveSetInChosen, 'sleeveTo'>) =>
    choiceTerm(sleeveSetInChoices, id, chosen[id]);
  const arm = armAt(body, chosen.sleeveTo);
  const set = drawSetIn(input, {
    fullness: { kind: 'ease', ease: term('capEase') },
    easeUpperArm: term('easeUpperArm'),
    length: sum(plus(arm.down), plus(term('sleeveLonger'))),
    end: sum(plus(arm.round), plus(term('easeSleeveEnd'))),
    ending,
  });
  const { plan, sleeve, drawn } = set;
  return {
    ...set,
    drawn: {
      ...drawn,
      girths: [
        ...drawn.girths,
        girthOf('sleeveHem', [sleeve], arm.round.mm, chosen.easeSleeveEnd, 'at-least'),
      ],
      checks: (named) => endFindings(body, plan, chosen.easeSleeveEnd, named),
    },
  };
}

const draw = (input: PartInput): DrawnPart =>
  drawToArm(input, fill(input.values, input), { role: 'hem', adds: 'topHem' }).drawn;

export const sleeveSetInRecipe: PartRecipe = { draw, chosen: fill };
