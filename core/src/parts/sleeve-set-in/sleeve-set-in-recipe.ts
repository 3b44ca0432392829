import { finding, type Finding } from '../../findings/finding.ts';
import type { Named } from '../../checks/rounds.ts';
import type { Body } from '../../drafting/body.ts';
import type { WornPart } from '../../drafting/draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import { joinEdges, type JoinEdge, type JoinSide } from '../../garment/join.ts';
import { pitchedSide, type PitchedSide } from '../../garment/join-notches.ts';
import type { DrawnPart, PartInput, PartRecipe } from '../../garment/part.ts';
import { reverseCurve } from '../../geometry/curve.ts';
import { add, distance, point, rotate, type Point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { girthOf } from '../../pieces/girth.ts';
import { makePiece, type Notch, type Piece } from '../../pieces/piece.ts';
import type { Fullness, Seam } from '../../pieces/seam.ts';
import { roleLength } from '../../pieces/piece.ts';
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
import { halfCap, solveCap, type SleeveCap } from './sleeve-cap.ts';

/** So much of the ease in the cap goes to the front. The team's drafting study. */
const EASE_IN_FRONT = 0.45;
/** Of the arm's length, down to the elbow, and to half-way above it. Common practice. */
const DOWN = { elbow: 0.56, short: 0.32 };

/** The shortest underarm seam, mm. */
const LEAST_UNDERARM = inches(1);

type Face = 'front' | 'back';

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

/** One half of the cap against its half of the armhole: flat on it up to the pitch, and eased in evenly from there to the shoulder. */
interface CapHalf extends PitchedSide {
  readonly side: JoinSide;
  readonly ease: Working;
  /** The length of the half cap. */
  readonly length: Working;
}

function capHalf(side: JoinSide, face: Face, capEase: Working): CapHalf {
  const ease = times(capEase, face === 'front' ? EASE_IN_FRONT : 1 - EASE_IN_FRONT);
  return {
    side,
    ease,
    length: sum(plus(side.length), plus(ease)),
    ...pitchedSide(side, face === 'front' ? 'single' : 'double'),
  };
}

/** Length along the half cap, from the underarm, that goes with a length along its armhole; mm. */
const onCap = ({ pitch, side, ease }: CapHalf, at: number): number =>
  at <= pitch ? at : at + (ease.mm * (at - pitch)) / (side.length.mm - pitch);

/** Fullness of the cap from notch to notch, from the underarm up. */
function fullnessOf(half: CapHalf): Fullness[] {
  const stops = [0, ...half.notches, half.side.length.mm];
  return stops.slice(1).map((to, index): Fullness => {
    const from = stops[index] ?? 0;
    const mm = onCap(half, to) - onCap(half, from) - (to - from);
    return mm < 1e-9 ? { kind: 'equal' } : { kind: 'ease', mm };
  });
}

const setIn = (face: Face, half: CapHalf): Seam => ({
  id: `sleeve to armhole, ${face}`,
  a: [`sleeve/cap-${face}`],
  b: joinEdges(half.side),
  // From the underarm up: the loop of the sleeve runs up the back of the cap and down its front, and that of a bodice down.
  relation: {
    kind: 'between-notches',
    fullness: fullnessOf(half),
    reversed: { a: face === 'front', b: true },
  },
  governing: 'armhole',
});

interface SleevePlan {
  readonly cap: SleeveCap;
  readonly halves: { readonly [face in Face]: CapHalf };
  readonly length: Working;
  readonly end: Working;
  readonly width: Working;
}

function capNotches({ halves }: SleevePlan): Notch[] {
  const frontLength = halves.front.length.mm;
  return [
    ...halves.back.notches.map((at): Notch => ({
      edge: 'cap-back',
      at: onCap(halves.back, at),
      kind: 'double',
    })),
    { edge: 'cap-front', at: 0, kind: 'single', marks: 'shoulder seam' },
    ...halves.front.notches.map((at): Notch => ({
      edge: 'cap-front',
      at: frontLength - onCap(halves.front, at),
      kind: 'single',
    })),
  ];
}

function sleevePiece(plan: SleevePlan, { allowances }: PartInput): Piece {
  const { cap, length, end } = plan;
  const { width, height } = cap;
  const narrower = (width.front + width.back - end.mm) / 2;
  const [frontArm, backArm] = [point(width.front, height), point(-width.back, height)];
  const [frontEnd, backEnd] = [
    point(width.front - narrower, length.mm),
    point(-width.back + narrower, length.mm),
  ];
  const piece = makePiece({
    id: 'sleeve',
    name: 'Sleeve',
    role: 'outer',
    part: 'sleeve',
    cut: { copies: 2, layers: 'pair' },
    grain: point(0, 1),
    edges: [
      {
        id: 'cap-back',
        role: 'armhole',
        path: halfCap('back', width.back, height),
        allowance: allowances.armhole,
      },
      {
        id: 'cap-front',
        role: 'armhole',
        path: reverseCurve(halfCap('front', width.front, height)),
        allowance: allowances.armhole,
      },
      {
        id: 'underarm-front',
        role: 'underarm',
        path: [line(frontArm, frontEnd)],
        allowance: allowances.side,
      },
      { id: 'hem', role: 'hem', path: [line(frontEnd, backEnd)], allowance: allowances.hem },
      { id: 'underarm-back', role: 'underarm', path: [line(backEnd, backArm)], allowance: allowances.side },
    ],
    notches: capNotches(plan),
    darts: [],
    levels: [
      { name: 'upperArm', path: [backArm, frontArm] },
      { name: 'sleeveHem', path: [backEnd, frontEnd], along: 'hem' },
    ],
    intakes: [],
    dimensions: [],
  });
  return { ...piece, dimensions: sleeveDimensions(plan) };
}

/** Cut dimensions of the upper arm line: its depth, its width in front, its whole width. */
function upperArmDimensions({ cap, halves, width }: SleevePlan): Dimension[] {
  const drawnWidth = cap.width.front + cap.width.back;
  const across = sum(plus(width), drawnTerm('no cap is so narrow or wide', drawnWidth - width.mm));
  const frontMore = cap.width.front - drawnWidth / 2;
  const third = divided(sum(plus(halves.front.side.length), plus(halves.back.side.length)), 3);
  return [
    {
      name: 'cap-height',
      label: 'Upper arm line, down',
      kind: 'down',
      at: { kind: 'level', level: 'upperArm', end: 'side' },
      working: sum(plus(third), drawnTerm('so that cap and armhole meet', cap.height - third.mm)),
      follows: true,
    },
    {
      name: 'front-width',
      label: 'Upper arm line, out to the front seam',
      kind: 'out',
      at: { kind: 'corner', of: 'armhole', end: 'end' },
      working: sum(
        plus(divided(named('upper arm, whole', across), 2)),
        drawnTerm(frontMore < 0 ? 'narrower in front by' : 'wider in front by', frontMore),
      ),
      adds: 'side',
    },
    {
      name: 'upper-arm',
      label: 'Upper arm, seam to seam',
      kind: 'length',
      at: { kind: 'width', level: 'upperArm' },
      working: across,
      follows: true,
    },
  ];
}

function sleeveDimensions(plan: SleevePlan): Dimension[] {
  const { halves, length, end } = plan;
  const run = (face: Face): Dimension => ({
    name: `cap-${face}-edge`,
    label: `Cap, ${face}`,
    kind: 'length',
    at: { kind: 'edge', edge: `cap-${face}` },
    working: halves[face].length,
  });
  return [
    ...upperArmDimensions(plan),
    run('front'),
    run('back'),
    {
      name: 'end-edge',
      label: 'Lower end, seam to seam',
      kind: 'length',
      at: { kind: 'run', of: 'hem' },
      working: end,
    },
    {
      name: 'length',
      label: 'Lower end, down from the top of the cap',
      kind: 'down',
      at: { kind: 'corner', of: 'hem', end: 'start' },
      working: length,
      adds: 'hem',
    },
  ];
}

/** A cap that the arm asks wider or narrower than its armhole allows. */
function capFindings({ cap, width }: SleevePlan): Finding[] {
  if (cap.off === 0) return [];
  const found = width.mm + cap.off;
  const place = { piece: 'sleeve', choice: 'easeUpperArm' } as const;
  const detail = {
    found,
    expected: width.mm,
    remedy: { kind: 'set-choice', choice: 'easeUpperArm' },
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
function endFindings(body: Body, named: Named): Finding[] {
  const expected = body.taken('hand');
  const { piece } = named('sleeve');
  const found = roleLength(piece, 'hem');
  if (expected === undefined || found >= expected) return [];
  return [
    finding(
      'sleeve-end-small',
      { piece: piece.id, measure: 'hand' },
      { found, expected, remedy: { kind: 'set-choice', choice: 'easeSleeveEnd' } },
    ),
  ];
}

/** Angle of a hanging arm from upright, radians. */
const ARM_HANGS = 0.24;

/** A point of a join as its piece hangs: what is drawn of a piece has a point for each of its stitch line. */
function hung(p: Point, run: JoinEdge | undefined, named: Named, others: readonly WornPart[]): Point {
  const part = others.find(({ piece }) => piece === run?.piece);
  if (!run || !part) return p;
  const gaps = named(run.piece).stitch.map((each) => distance(each, p));
  return part.ring[gaps.indexOf(Math.min(...gaps))] ?? p;
}

/** The sleeve as it hangs beside the body, drawn flat: from the tip of the shoulder and the underarm down the arm. */
function hanging(
  face: Face,
  { end, length }: SleevePlan,
  side: JoinSide,
  named: Named,
  others: readonly WornPart[],
): WornPart {
  const tip = hung(side.end, side.runs.at(-1), named, others);
  const underarm = hung(side.start, side.runs[0], named, others);
  const along = (out: number, down: number) => add(tip, rotate(point(out, down), point(0, 0), -ARM_HANGS));
  const ring = [tip, along(0, length.mm), along(-end.mm / 2, length.mm), underarm];
  return { piece: 'sleeve', half: face, ring, by: point(0, 0), onFold: false };
}

const fill = (values: PartInput['values']): SleeveSetInChosen => withDefaults(sleeveSetInChoices, values);

function draw(input: PartInput): DrawnPart {
  const { body, join } = input;
  const chosen = fill(input.values);
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
  };
  const sleeve = sleevePiece(plan, input);
  return {
    pieces: [sleeve],
    seams: [
      setIn('front', halves.front),
      setIn('back', halves.back),
      {
        id: 'sleeve underarm',
        a: ['sleeve/underarm-front'],
        b: ['sleeve/underarm-back'],
        relation: { kind: 'equal' },
        governing: 'armLength',
      },
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
    worn: (named, others) => [
      hanging('front', plan, join.front, named, others),
      hanging('back', plan, join.back, named, others),
    ],
    checks: (named) => endFindings(body, named),
    findings: [...capFindings(plan), ...lengthFindings(wanted.mm, least)],
    marks: [...halves.front.marks, ...halves.back.marks],
  };
}

export const sleeveSetInRecipe: PartRecipe = { draw, chosen: (_, values) => fill(values) };
