import { armholeChecks } from '../../checks/openings.ts';
import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import { usualSize, type BodiceChoices } from '../../drafting/bodice/frame.ts';
import { partAtLevel } from '../../drafting/operations/panels/part-at-level.ts';
import { pleat, type Pleated } from '../../drafting/operations/panels/pleat.ts';
import { withFairHem } from '../../drafting/operations/panels/spread.ts';
import { trimCentre } from '../../drafting/operations/panels/trim-centre.ts';
import { onFold } from '../../drafting/operations/pieces/on-fold.ts';
import { traced } from '../../drafting/operations/pieces/traced.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { bodiceRecipe, type DrawInput, type Wearer } from '../../garment/part.ts';
import { dartSeams, edgesOf, joined } from '../../garment/seam-parts.ts';
import { clamp } from '../../geometry/clamp.ts';
import { endOf, lengthTo, startOf } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { girthOf } from '../../pieces/girth.ts';
import { edgeOf, roleLength, type Face, type Piece } from '../../pieces/piece.ts';
import { whole, type Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import { changed, chosen as chosenTerm, divided, sum, type Working } from '../../workings/working.ts';
import { carriedBelow, type HemBelow } from '../bodice-darted/below-waist.ts';
import { placketOf } from '../bodice-placket/placket.ts';
import { hemHalf, withHip, type OverHip } from '../bodice-tunic/over-hip.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceShirtChoices, type BodiceShirtChosen } from './choices.ts';

/** Ease by fit, mm. Common practice: 6 slim, 7 to 8 usual, 10 old style. */
const EASE: { readonly [fit in BodiceShirtChosen['shirtFit']]: number } = {
  slim: inches(6),
  usual: inches(7.5),
  old: inches(10),
};
/** The waist of a shirt hangs looser than its chest by this, mm. Common practice. */
const WAIST_LOOSER = inches(2);
/** The pleat under the yoke lies so far out, as a part of the back there. */
const PLEAT_AT = 0.22;

const blockChoices = (chosen: BodiceShirtChosen): BodiceChoices => ({
  ...chosen,
  neckline: 'round',
  darted: chosen.darts === 'darts',
});

/** A back with darts is shaped, and has no pleat, mm. */
const pleatOf = ({ darts, backPleat }: BodiceShirtChosen): number => (darts === 'darts' ? 0 : backPleat);

/** Ease that was not set follows from the fit. */
const eased = (values: DrawInput['values'], { body }: Wearer): DrawInput['values'] => {
  const fit = values['shirtFit'] === 'slim' || values['shirtFit'] === 'old' ? values['shirtFit'] : 'usual';
  const ease = usualSize(body) * EASE[fit];
  return { easeBust: ease, easeWaist: ease + usualSize(body) * WAIST_LOOSER, easeHip: ease, ...values };
};

const fill = (values: DrawInput['values'], wearer: Wearer): BodiceShirtChosen =>
  fillChoices(bodiceShirtChoices, blockChoices)(eased(values, wearer), wearer);

/** A yoke is drawn across between these parts of the armhole's depth. */
const ACROSS_ARMHOLE = { least: 0.15, most: 0.8 };

/** How far down the yoke can be drawn: across the armhole. */
function acrossArmhole(back: Piece, down: Working): Working {
  const { path } = edgeOf(back, 'armhole');
  const [top, bottom] = [startOf(path).y, endOf(path).y].sort((a, b) => a - b) as [number, number];
  const at = (part: number) => top + part * (bottom - top);
  const kept = clamp(down.mm, at(ACROSS_ARMHOLE.least), at(ACROSS_ARMHOLE.most));
  return changed(down, 'kept', kept - down.mm);
}

/** A back parted by its yoke, and what it is sewn to that with. */
interface YokedBack extends Pleated {
  readonly yoke: Piece;
}

/** The back parted at the yoke; below it a pleat is laid in on each side of the centre. */
function yokedBack(back: Piece, down: Working, depth: number, allowance: number): YokedBack {
  const { lower, upper } = partAtLevel(back, {
    centre: down,
    end: { on: 'armhole', level: down },
    shape: 'straight',
    peak: point(0, down.mm),
    allowance,
  });
  const yoke: Piece = { ...upper, id: 'yoke-back', name: 'Yoke', part: 'yoke', cut: { copies: 2, layers: 'fold' } };
  const [top, hem] = [edgeOf(lower, 'top').path, edgeOf(lower, 'hem').path];
  if (depth <= 0) return { piece: lower, fullness: { kind: 'equal' }, yoke };
  const x = PLEAT_AT * endOf(top).x;
  const line = { from: { edge: 'top', at: lengthTo(top, 'x', x) }, to: { edge: 'hem', at: lengthTo(hem, 'x', x) } };
  const { piece, fullness } = pleat(lower, { lines: [line], depth, towards: 'end' });
  return { piece: withFairHem(piece), fullness, yoke };
} // prettier-ignore

function draw({ body, rules, allowances }: DrawInput, chosen: BodiceShirtChosen): DrawnGarment {
  const term = (id: 'yokeDown' | 'shirtLength' | 'shirtTail' | 'placket') =>
    choiceTerm(bodiceShirtChoices, id, chosen[id]);
  const block = bodiceBySchool(body, blockChoices(chosen), rules, allowances);
  const hem: HemBelow = { depth: term('shirtLength'), tail: term('shirtTail'), body: body.mm('hip'), ease: chosen.easeHip, quarter: sum() };
  const over: OverHip = { depth: chosen.shirtLength, ease: chosenTerm('ease', chosen.easeHip, 'easeHip'), flare: sum() };
  const carried = (piece: Piece, face: Face, side: number | undefined): Piece =>
    withHip(
      carriedBelow(piece, hem, hemHalf(piece, face, body, block.frame, over), side, rules, 'topHem', allowances.topHem),
      body.mm('waistToHip'),
    );
  const longFront = carried(block.front, 'front', undefined);
  const longBack = onFold(carried(block.back, 'back', roleLength(longFront, 'side')));
  const { piece: back, yoke, fullness } = yokedBack(
    longBack,
    acrossArmhole(longBack, term('yokeDown')),
    pleatOf(chosen),
    allowances.shoulder,
  );
  const width = term('placket');
  const front = trimCentre(longFront, { by: divided(width, 2), allowance: allowances.front });
  const placket = placketOf(front, { width, buttons: Number(chosen.buttons), allowance: allowances.strip });
  const toYoke: Seam = {
    id: 'back to yoke',
    a: whole(edgesOf(back, 'top')),
    b: whole(edgesOf(yoke, 'yoke')),
    relation: fullness,
    governing: 'acrossBack',
  };
  const halves = [front, back];
  const held = pleatOf(chosen) > 0 ? 'at-least' : 'closely';
  const hasHip = halves.every(({ levels }) => levels.some(({ name }) => name === 'hip'));
  return {
    pieces: [front, back, yoke, placket.piece, ...traced([placket.piece], 'stay', 0)],
    seams: [joined('shoulder', 'shoulder', front, yoke), joined('shirt side', 'side', front, back), toYoke, placket.seam, ...halves.flatMap(dartSeams)],
    girths: [
      girthOf('bust', halves, body.mm('bust'), chosen.easeBust, held),
      girthOf('waist', halves, body.mm('waist'), chosen.easeWaist, 'not'),
      ...(hasHip ? [girthOf('hip', halves, body.mm('hip'), chosen.easeHip, 'at-least')] : []),
    ],
    covering: [front.id],
    details: [placket.detail],
    besideNeck: divided(width, 2),
    checks: armholeChecks([front, back, yoke], body),
    findings: block.findings,
  };
} // prettier-ignore

export const bodiceShirtRecipe = bodiceRecipe({ fill, draw });
