import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { roleLength } from '../../pieces/piece.ts';
import { inches } from '../../units/length.ts';
import type { Fullness } from '../../pieces/seam.ts';
import {
  chosen as chosenTerm,
  minus,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import type { CapFullness } from '../sleeve-set-in/cap-half.ts';
import type { SleeveEnding } from '../sleeve-set-in/sleeve-piece.ts';
import { armAt, drawSetIn, handFindings } from '../sleeve-set-in/sleeve-set-in-recipe.ts';
import {
  sleeveCuffedChoices,
  sleeveShirtChoices,
  type SleeveCuffedChosen,
  type SleeveShirtChosen,
} from './choices.ts';
import { cuffed, cuffLength, SLIT_AT, type CuffPlan } from './cuff.ts';

const endingOf = ({ opens }: CuffPlan): SleeveEnding => ({
  role: 'cuff',
  adds: 'strip',
  ...(opens && { notches: [{ at: SLIT_AT, marks: 'slit' }] }),
});

/** A sleeve as it goes into its cuff. */
interface IntoCuff {
  readonly cuff: CuffPlan;
  readonly cap: CapFullness;
  readonly easeUpperArm: Working;
  /** The arm to the end of the cuff. */
  readonly length: Working;
  /** The lower edge of the sleeve. */
  readonly end: Working;
  /** How so long an edge is taken into the cuff, mm. */
  readonly takenIn: (end: number) => Fullness;
}

function drawInto(input: PartInput, { cuff, cap, easeUpperArm, length, end, takenIn }: IntoCuff): DrawnPart {
  const set = drawSetIn(input, {
    fullness: cap,
    easeUpperArm,
    easeChoice: 'easeFullArm',
    length: sum(plus(length), minus(cuff.depth)),
    end,
    ending: endingOf(cuff),
  });
  const { part } = cuffed(set, cuff, takenIn(set.plan.end.mm), input);
  if (cuff.opens) return part;
  return {
    ...part,
    checks: (named) =>
      handFindings(input.body, {
        piece: 'cuff',
        found: roleLength(named('cuff').piece, 'band') / 2,
        choice: 'easeCuff',
        ease: cuff.ease,
      }),
  };
}

/** Fullness at the upper arm that goes with a cap by its gathers, mm: one that is eased in has room for little. Common practice. */
const FULLNESS: { readonly [cap in SleeveCuffedChosen['capGather']]: number } = {
  '1': inches(2.5),
  '1.5': inches(5),
  '2': inches(7),
};

function fillCuffed(values: PartInput['values'], { body }: Wearer): SleeveCuffedChosen {
  const filled = withDefaults(sleeveCuffedChoices, values, usualSize(body));
  return { ...filled, easeFullArm: filled.easeFullArm || usualSize(body) * FULLNESS[filled.capGather] };
}

function drawCuffed(input: PartInput): DrawnPart {
  const chosen = fillCuffed(input.values, input);
  const term = (id: 'easeFullCap' | 'easeFullArm' | 'sleeveLonger' | 'cuffDepth' | 'easeCuff') =>
    choiceTerm(sleeveCuffedChoices, id, chosen[id]);
  const arm = armAt(input.body, chosen.sleeveTo);
  const cuff: CuffPlan = {
    round: sum(plus(arm.round), plus(term('easeCuff'))),
    ease: chosen.easeCuff,
    depth: term('cuffDepth'),
    opens: chosen.cuffOpens === 'buttons',
  };
  const [capRatio, ratio] = [Number(chosen.capGather), Number(chosen.cuffRatio)];
  return drawInto(input, {
    cuff,
    cap: capRatio === 1 ? { kind: 'ease', ease: term('easeFullCap') } : { kind: 'gather', ratio: capRatio },
    easeUpperArm: term('easeFullArm'),
    length: sum(plus(arm.down), plus(term('sleeveLonger'))),
    end: times(named('cuff', cuffLength(cuff)), ratio),
    // A sleeve that cannot taper so far is gathered more.
    takenIn: (edge) => ({ kind: 'gather', ratio: edge / cuffLength(cuff).mm }),
  });
}

function fillShirt(values: PartInput['values'], { body }: Wearer): SleeveShirtChosen {
  const filled = withDefaults(sleeveShirtChoices, values, usualSize(body));
  return { ...filled, easeFullArm: filled.easeFullArm || usualSize(body) * FULLNESS['1'] };
}

function drawShirt(input: PartInput): DrawnPart {
  const chosen = fillShirt(input.values, input);
  const term = (id: Exclude<keyof SleeveShirtChosen, 'cuffPleats'>) =>
    choiceTerm(sleeveShirtChoices, id, chosen[id]);
  const arm = armAt(input.body, 'wrist');
  const cuff: CuffPlan = {
    round: sum(plus(arm.round), plus(term('easeCuff'))),
    ease: chosen.easeCuff,
    depth: term('cuffDepth'),
    opens: true,
  };
  const count = Number(chosen.cuffPleats);
  const pleats = chosenTerm(`${count === 1 ? 'one pleat' : `${count} pleats`}, twice deep`, 2 * count * chosen.pleatDepth, 'pleatDepth');
  return drawInto(input, {
    cuff,
    cap: { kind: 'ease', ease: term('capEase') },
    easeUpperArm: term('easeFullArm'),
    length: sum(plus(arm.down), plus(term('sleeveLonger'))),
    end: sum(plus(named('cuff', cuffLength(cuff))), plus(pleats)),
    takenIn: (edge) => ({
      kind: 'pleats',
      count,
      depth: (edge - cuffLength(cuff).mm) / (2 * count),
      towards: 'end',
    }),
  });
} // prettier-ignore

export const sleeveCuffedRecipe: PartRecipe = { draw: drawCuffed, chosen: fillCuffed };
export const sleeveShirtRecipe: PartRecipe = { draw: drawShirt, chosen: fillShirt };
