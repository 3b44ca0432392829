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
import { changed, divided, plus, sum, times, type Working } from '../../workings/working.ts';
import { inches } from '../../units/length.ts';
import { sleeveSetInChoices, type SleeveSetInChosen } from './choices.ts';
import { capHalf, setIn } from './cap-half.ts';
import { sleevePiece, type SleevePlan } from './sleeve-piece.ts';
import { solveCap } from './sleeve-cap.ts';
import { equalSeam } from '../../pieces/seam.ts';

/** Of the arm's length, down to the elbow, and to half-way above it. Common practice. */
const DOWN = { elbow: 0.56, short: 0.32 };

/** The shortest underarm seam, mm. */
const LEAST_UNDERARM = inches(1);

/** The arm where the sleeve ends: how far down it is, and how round. */
function armAt(body: Body, to: SleeveSetInChosen['sleeveTo']): { down: Working; round: Working } {
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
function capFindings({ cap, width }: SleevePlan, ease: number): Finding[] {
  if (cap.off === 0) return [];
  const found = width.mm + cap.off;
  const place = { piece: 'sleeve', choice: 'easeUpperArm' } as const;
  const detail = {
    found,
    expected: width.mm,
    remedy: { kind: 'set-choice', choice: 'easeUpperArm', mm: Math.max(0, ease + cap.off) },
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
  const expected = body.taken('hand');
  const { piece } = named('sleeve');
  const found = roleLength(piece, ending.role);
  if (expected === undefined || found >= expected) return [];
  return [
    finding(
      'opening-too-small',
      { piece: piece.id, subject: 'sleeve end', measure: 'hand' },
      {
        found,
        expected,
        remedy: { kind: 'set-choice', choice: 'easeSleeveEnd', mm: ease + expected - found },
      },
    ),
  ];
}

/** The sleeve down the arm: as wide as the upper arm to the foot of its cap, then tapering to its end. */
const hanging = ({ cap, width, length, end }: SleevePlan, { id }: Piece): Detail => ({
  kind: 'sleeve',
  piece: id,
  girths: [
    [0, width.mm],
    [cap.height, width.mm],
    [length.mm, end.mm],
  ],
  underarm: length.mm - cap.height,
  gather: 1,
});

const fill = (values: PartInput['values'], { body }: Wearer): SleeveSetInChosen =>
  withDefaults(sleeveSetInChoices, values, usualSize(body));

/** A set-in sleeve as it was planned and drawn, down to an end that is turned up, or that something is sewn to. */
export function drawSetIn(
  input: PartInput,
  chosen: SleeveSetInChosen,
  ending: SleevePlan['ending'],
): { readonly plan: SleevePlan; readonly sleeve: Piece; readonly drawn: DrawnPart } {
  const { body, join } = input;
  const term = (id: Exclude<keyof SleeveSetInChosen, 'sleeveTo'>) =>
    choiceTerm(sleeveSetInChoices, id, chosen[id]);
  const halves = {
    front: capHalf(join.front, 'front', term('capEase')),
    back: capHalf(join.back, 'back', term('capEase')),
  };
  const width = sum(plus(body.term('upperArm')), plus(term('easeUpperArm')));
  const arm = armAt(body, chosen.sleeveTo);
  const cap = solveCap({ front: halves.front.length.mm, back: halves.back.length.mm }, width.mm);
  const wanted = sum(plus(arm.down), plus(term('sleeveLonger')));
  const least = cap.height + LEAST_UNDERARM;
  const plan: SleevePlan = {
    cap,
    halves,
    width,
    length: changed(wanted, 'kept', Math.max(0, least - wanted.mm)),
    end: sum(plus(arm.round), plus(term('easeSleeveEnd'))),
    ending,
  };
  const sleeve = sleevePiece(plan, input);
  const drawn: DrawnPart = {
    pieces: [sleeve],
    seams: [
      setIn('front', halves.front),
      setIn('back', halves.back),
      equalSeam('sleeve underarm', ['sleeve/underarm-front'], ['sleeve/underarm-back'], 'armLength'),
    ],
    girths: [
      girthOf(
        'upperArm',
        [sleeve],
        body.mm('upperArm'),
        chosen.easeUpperArm,
        cap.off < 0 ? 'not' : 'at-least',
      ),
      girthOf('sleeveHem', [sleeve], arm.round.mm, chosen.easeSleeveEnd),
    ],
    details: [hanging(plan, sleeve)],
    checks: (named) => endFindings(body, plan, chosen.easeSleeveEnd, named),
    findings: [...capFindings(plan, chosen.easeUpperArm), ...lengthFindings(wanted.mm, least)],
    marks: [...halves.front.marks, ...halves.back.marks],
  };
  return { plan, sleeve, drawn };
}

const draw = (input: PartInput): DrawnPart =>
  drawSetIn(input, fill(input.values, input), { role: 'hem', adds: 'topHem' }).drawn;

export const sleeveSetInRecipe: PartRecipe = { draw, chosen: fill };
