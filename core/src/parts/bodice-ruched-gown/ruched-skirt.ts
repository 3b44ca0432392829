import type { Detail } from '../../drafting/detail.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import { slantHem } from '../../drafting/operations/panels/slant-hem.ts';
import { ruche } from '../../drafting/operations/panels/ruche.ts';
import { lineSkirt } from '../../drafting/operations/pieces/line-skirt.ts';
import { openFlat } from '../../drafting/operations/pieces/open-flat.ts';
import { draftSkirt, type Skirt } from '../../drafting/skirt/skirt.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN, type Remedy } from '../../findings/remedy.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { dartOut, joinOf } from '../../garment/join.ts';
import type { DrawInput } from '../../garment/part.ts';
import { dartSeams, edgesOf } from '../../garment/seam-parts.ts';
import { endOf } from '../../geometry/curve.ts';
import { workingOf } from '../../pieces/carry-dimensions.ts';
import { edgeOf, roleLength, type EdgeRole, type Face, type Notch, type Piece } from '../../pieces/piece.ts';
import { equalSeam, whole, type Fullness, type Seam } from '../../pieces/seam.ts';
import { otherId } from '../../pieces/other-half.ts';
import { inches } from '../../units/length.ts';
import { byRule, drawn, type Working } from '../../workings/working.ts';
import { facing, sideSeam, withZip } from '../bodice-one-shoulder/bodice-one-shoulder-recipe.ts';
import { bodiceRuchedGownChoices, type BodiceRuchedGownChosen } from './choices.ts';

/** The bodice that a ruched skirt is sewn to, and the block on the half that it was opened from. */
export interface OpenedBodice {
  readonly block: Bodice;
  readonly front: Piece;
  readonly back: Piece;
}

/** Edges of a skirt panel that was opened flat. */
const SIDE = 'side';
const ACROSS = otherId(SIDE);

/** Slashes begin this far below the tips of the waist darts, which they may not cross, mm; and end this far above the shorter hem. */
const BELOW_DARTS = inches(0.5);
const ABOVE_HEM = inches(2);

/** Both panels on the half, below the block's waist. */
function panelsOf({ body, rules, allowances }: DrawInput, chosen: BodiceRuchedGownChosen, block: Bodice) {
  const join = joinOf('waist', [block.front, block.back], []);
  if (!join) throw new Error('a block has a waist');
  const length: Working = choiceTerm(bodiceRuchedGownChoices, 'gownLength', chosen.gownLength);
  return draftSkirt(
    body,
    {
      easeHip: chosen.easeHip,
      hemBy: { choice: 'pegging', mm: chosen.pegging },
      length: length.mm,
      slit: 0,
    },
    {
      front: { waist: join.front.length, dartOut: dartOut(join.front) },
      back: { waist: join.back.length, dartOut: dartOut(join.back) },
      length,
      line: workingOf(block.front, 'waist-line') ?? drawn('waist line', join.front.start.y),
    },
    rules,
    allowances,
  );
}

/** Ends of the ruched window, mm down the sides. */
interface Window {
  readonly from: number;
  readonly to: number;
}

/** The window from below the darts of the front to as far below the hip as was asked, above the hem where that is shorter. */
function windowOf({ body }: DrawInput, chosen: BodiceRuchedGownChosen, front: Piece, uneven: number): Window {
  const tips = front.darts.map(({ legs: [leg] }) => endOf(edgeOf(front, leg).path).y);
  const from = Math.max(0, ...tips) + BELOW_DARTS;
  const side = roleLength(front, 'side');
  const lowest = side - uneven - ABOVE_HEM;
  return {
    from,
    to: Math.max(from + inches(1), Math.min(body.mm('waistToHip') + chosen.rucheBelow, lowest)),
  };
}

/** The hem can be raised by no more than leaves the hip covered, mm. */
const unevenOf = ({ body }: DrawInput, { uneven, gownLength }: BodiceRuchedGownChosen): number =>
  Math.max(0, Math.min(uneven, gownLength - body.mm('waistToHip') - inches(5)));

/** Notches of the gathered side: where the window begins and where it ends, with what the slashes opened between them. */
function windowNotches(piece: Piece, { from, to }: Window, opened: number): Piece {
  const notch = (at: number): Notch => ({ edge: SIDE, at, kind: 'double' });
  return {
    ...piece,
    notches: [...piece.notches.filter(({ edge }) => edge !== SIDE), notch(from), notch(to + opened)],
  };
}

/** A panel of another cloth or face, opened, slanted and turned to its face. */
interface Opened {
  readonly front: Piece;
  readonly back: Piece;
}

export function ruchedSkirt(input: DrawInput, chosen: BodiceRuchedGownChosen, bodice: OpenedBodice) {
  const { body, rules, allowances } = input;
  const half = panelsOf(input, chosen, bodice.block);
  const uneven = unevenOf(input, chosen);
  const window = windowOf(input, chosen, half.front, uneven);
  const count = Number(chosen.ruches);
  const strip = (window.to - window.from) / count;
  const downs = Array.from({ length: count }, (_, index) => window.from + (index + 0.5) * strip);
  const opened = count * chosen.rucheOpen;

  const slanted = (piece: Piece, allowance: number): Piece =>
    withZip(slantHem(openFlat(piece), { raised: SIDE, other: ACROSS, by: uneven, allowance }), allowances);
  const turned = (piece: Piece, face: Face): Piece => facing(piece, face, chosen);

  const ruched = ruche(slanted(half.front, allowances.hem), {
    side: SIDE,
    across: ACROSS,
    downs,
    open: chosen.rucheOpen,
  });
  const front = turned(windowNotches(ruched, window, opened), 'front');
  const back = turned(windowNotches(slanted(half.back, allowances.hem), window, 0), 'back');

  const plan = {
    shorter: byRule('lining.shorter', rules['lining.shorter']),
    hemAllowance: allowances.liningHem,
    centreAllowance: allowances.zip,
  };
  const lining: Opened = {
    front: turned(slanted(lineSkirt(half.front, plan), allowances.liningHem), 'front'),
    back: turned(slanted(lineSkirt(half.back, plan), allowances.liningHem), 'back'),
  };
  const zipEnd = body.mm('waistToHip') - rules['zip.aboveHip'];
  return {
    panels: [front, back],
    pieces: [front, back, lining.front, lining.back],
    seams: [
      ...seamsOf('', { front, back }, bodice, ruchedSeam(front, back, window, opened)),
      ...seamsOf(
        'lining ',
        lining,
        {
          front: { ...bodice.front, id: `lining-${bodice.front.id}` },
          back: { ...bodice.back, id: `lining-${bodice.back.id}` },
        },
        sideSeam('lining ruched side', lining.front, lining.back, false),
      ),
    ],
    zip: { edges: [`${front.id}/${ACROSS}`], to: zipEnd },
    detail: detailOf(chosen, [front, back], half, bodice, { uneven, window }),
    findings: half.findings.flatMap(strideByHem(body.mm('waistToKnee'), chosen)),
  };
}

/** A stride is let through on the side where the hem is raised: raised to the knee it needs no slit. */
const strideByHem =
  (knee: number, { gownLength, uneven }: BodiceRuchedGownChosen) =>
  (each: Finding): Finding[] => {
    if (each.code !== 'hem-below-stride') return [each];
    if (gownLength - uneven <= knee + TYPED_WITHIN) return [];
    const { most } = bodiceRuchedGownChoices.uneven;
    const remedy: Remedy =
      gownLength - knee <= most
        ? { kind: 'set-choice', choice: 'uneven', mm: gownLength - knee }
        : { kind: 'set-choice', choice: 'gownLength', mm: knee + uneven };
    const { found, expected } = each;
    return [finding('hem-below-stride', { choice: 'uneven' }, { found, expected, remedy })];
  };

/** Gathered between its notches to the other side, plain above and below. */
function ruchedSeam(front: Piece, back: Piece, { from, to }: Window, opened: number): Seam {
  const fullness: readonly Fullness[] = [
    { kind: 'equal' },
    { kind: 'gather', ratio: (to - from + opened) / (to - from) },
    { kind: 'equal' },
  ];
  return {
    id: 'ruched side',
    a: whole([`${front.id}/${SIDE}`]),
    // Of two pieces that face each other one has this side on its other hand.
    b: [{ edge: `${back.id}/${SIDE}`, reversed: true }],
    relation: { kind: 'between-notches', fullness },
    governing: 'waistToHip',
  };
}

/** The seams of both panels, and those that sew them to the bodice. */
const seamsOf = (of: '' | 'lining ', { front, back }: Opened, bodice: Opened, ruched: Seam): Seam[] => [
  ruched,
  sideSeam(`${of}skirt bare side`, front, back, true),
  equalSeam(`${of}waist front`, edgesOf(bodice.front, 'waist'), edgesOf(front, 'waist'), 'waist'),
  equalSeam(`${of}waist back`, edgesOf(bodice.back, 'waist'), edgesOf(back, 'waist'), 'waist'),
  ...[front, back].flatMap(dartSeams),
];

/** The skirt as it hangs: over the hip to its slanted hem, gathered on the side of the shoulder. */
function detailOf(
  { gownLength, shoulder }: BodiceRuchedGownChosen,
  panels: readonly Piece[],
  half: Pick<Skirt, 'front' | 'back'>,
  bodice: OpenedBodice,
  { uneven, window }: { readonly uneven: number; readonly window: Window },
): Detail {
  const around = ({ front, back }: { readonly front: Piece; readonly back: Piece }, role: EdgeRole) =>
    roleLength(front, role) + roleLength(back, role);
  return {
    kind: 'skirt',
    pieces: panels.map(({ id }) => id),
    length: gownLength,
    waist: around(bodice, 'waist'),
    // As wide as it would hang with a level hem.
    hem: 2 * around(half, 'hem'),
    zip: 0,
    slanted: { hand: shoulder, by: uneven, ruched: window },
  };
}
