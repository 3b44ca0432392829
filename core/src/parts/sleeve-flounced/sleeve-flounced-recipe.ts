import { usualSize } from '../../drafting/bodice/frame.ts';
import type { Detail } from '../../drafting/detail.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { withDimensions } from '../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import type { InnerLine, Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import {
  changed,
  divided,
  drawn,
  minus,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import { ringHem, ringPiece, type RingPlan } from '../ring/ring-piece.ts';
import { armAt, drawSetIn, type SetIn } from '../sleeve-set-in/sleeve-set-in-recipe.ts';
import { sleeveFlouncedChoices, type SleeveFlouncedChosen } from './choices.ts';

/** Flounces lie at least so far apart, mm. */
const LEAST_PITCH = inches(0.75);

/** Flounces of equal depth from the foot of the cap down to the length of the sleeve. */
interface FlouncePlan {
  readonly count: number;
  readonly depth: Working;
  readonly pitch: Working;
}

/** The pitch with which the last of equal flounces ends at the length: (length − depth) ÷ (count − 1). */
function pitchOf(run: Working, depth: Working, count: number): Working {
  const wanted = divided(sum(plus(run), minus(depth)), count - 1);
  return changed(wanted, 'kept', Math.max(0, LEAST_PITCH - wanted.mm));
}

const lineId = (index: number): string => `flounce-line-${index + 1}`;

/** The sleeve, straight, with a line for each flounce but the last, which is sewn to its end. */
function withLines({ sleeve, plan }: SetIn, { count, pitch }: FlouncePlan): Piece {
  const { cap } = plan;
  const [left, right] = [-cap.width.back, cap.width.front];
  const downs = Array.from({ length: count - 1 }, (_, index) =>
    sum(plus(drawn('foot of the cap', cap.height)), plus(times(named('pitch', pitch), index))),
  );
  const lines = downs.map(({ mm }, index): InnerLine => ({
    id: lineId(index),
    label: `Flounce ${index + 1} is sewn here`,
    path: [line(point(right, mm), point(left, mm))],
  }));
  const dimensions = downs.map((down, index): Dimension => ({
    name: `${lineId(index)}-down`,
    label: `Flounce ${index + 1}, its line down`,
    kind: 'down',
    at: { kind: 'inside', x: right, y: down.mm },
    working: down,
    follows: true,
  }));
  return withDimensions({ ...sleeve, lines }, ...dimensions);
}

/** The flounce: a part of a ring whose inner edge is as long as the sleeve is round; all of them are cut alike. */
const flounceOf = (round: Working, { depth, count }: FlouncePlan, circle: number, { allowances }: PartInput): RingPlan => ({
  id: 'flounce',
  name: 'Flounce',
  part: 'sleeve',
  copies: 2 * count,
  round,
  roundName: 'round of the sleeve',
  inner: { id: 'flare', role: 'flare', allowance: allowances.armhole, adds: 'armhole' },
  depth,
  circle,
  seam: { id: 'underarm', role: 'side', allowance: allowances.side },
  hem: allowances.circleHem,
}); // prettier-ignore

const seamOf = (index: number, to: string): Seam => ({
  id: `flounce ${index + 1} to sleeve`,
  // Half of it lies on the fold.
  a: [{ edge: 'flounce/flare', times: 2 }],
  b: [{ edge: to }],
  relation: { kind: 'equal' },
  governing: 'upperArm',
});

/** Flounces that are no deeper than they lie apart leave the sleeve bare between them. */
function coverFindings({ depth, pitch, count }: FlouncePlan, run: number): Finding[] {
  if (depth.mm > pitch.mm) return [];
  return [
    finding(
      'flounces-apart',
      { choice: 'flounceDepth' },
      {
        found: depth.mm,
        expected: pitch.mm,
        remedy: { kind: 'set-choice', choice: 'flounceDepth', mm: run / count + inches(0.5) },
      },
    ),
  ];
}

const fill = (values: PartInput['values'], { body }: Wearer): SleeveFlouncedChosen =>
  withDefaults(sleeveFlouncedChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const chosen = fill(input.values, input);
  const term = (id: 'sleeveLonger' | 'capEase' | 'easeUpperArm' | 'flounceDepth') =>
    choiceTerm(sleeveFlouncedChoices, id, chosen[id]);
  const arm = armAt(input.body, chosen.sleeveTo);
  const [count, depth] = [Number(chosen.flounces), term('flounceDepth')];
  const whole = sum(plus(arm.down), plus(term('sleeveLonger')));
  const drawTo = (length: Working): SetIn =>
    drawSetIn(input, {
      fullness: { kind: 'ease', ease: term('capEase') },
      easeUpperArm: term('easeUpperArm'),
      length,
      end: 'straight',
      ending: { role: 'flare', adds: 'armhole' },
    });
  // A straight sleeve has its cap whatever its length is.
  const cap = drawn('foot of the cap', drawTo(whole).plan.cap.height);
  const run = sum(plus(whole), minus(cap));
  const plan: FlouncePlan = { count, depth, pitch: pitchOf(run, depth, count) };
  const set = drawTo(sum(plus(cap), plus(times(named('pitch', plan.pitch), count - 1))));
  const ring = flounceOf(set.plan.end, plan, Number(chosen.flounceCircle), input);
  const places = Array.from({ length: count }, (_, index) => index);
  return {
    ...set.drawn,
    pieces: [withLines(set, plan), ringPiece(ring)],
    seams: [
      ...set.drawn.seams,
      ...places.map((index) => seamOf(index, index === count - 1 ? 'sleeve/flare' : `sleeve/${lineId(index)}`)),
    ],
    details: [
      ...set.drawn.details,
      // The upper lies over the lower.
      ...[...places].reverse().map((index): Detail => ({ kind: 'flounce', piece: ring.id, at: cap.mm + index * plan.pitch.mm, depth: depth.mm, round: ring.round.mm, hem: ringHem(ring) })),
    ],
    findings: [...set.drawn.findings, ...coverFindings(plan, run.mm)],
  };
} // prettier-ignore

export const sleeveFlouncedRecipe: PartRecipe = { draw, chosen: fill };
