import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { cutAway } from '../../drafting/operations/edges/cut-away.ts';
import { girthOf, type Girth } from '../../pieces/girth.ts';
import { roleLength, type Piece } from '../../pieces/piece.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { traced } from '../../drafting/operations/pieces/traced.ts';
import { dartSeams, joined } from '../../garment/seam-parts.ts';
import { bodiceRecipe, type DrawInput } from '../../garment/part.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceHalterChoices, type BodiceHalterChosen } from './choices.ts';
import { tiesOf } from './ties.ts';

const bodiceChoices = (chosen: BodiceHalterChosen): BodiceChoices => ({ ...chosen, darted: true });

/** Choices with defaults filled in: unless chosen, the strap starts at the base of the neck. */
const fill = fillChoices(bodiceHalterChoices, bodiceChoices);

/** The front's part of a round, with its half of the ease. A low armhole may cut into the bust line: what is left there is told alone. */
const inFront = (front: Piece, level: 'bust' | 'waist', finished: number, ease: number): Girth => ({
  ...girthOf(level, [front], finished - ease / 2, ease / 2, level === 'bust' ? 'not' : 'closely'),
  face: 'front',
});

/** The front of the block cut away to its strap; the back, which only balanced its side, is left out. */
function draw({ body, rules, allowances }: DrawInput, chosen: BodiceHalterChosen): DrawnGarment {
  const block = bodiceBySchool(body, bodiceChoices(chosen), rules, allowances);
  const { bustWidth, waistWidth } = block.frame;
  const openBack = 2 * roleLength(block.back, 'waist');
  const cut = cutAway(block.front, {
    strap: choiceTerm(bodiceHalterChoices, 'strap', chosen.strap),
    lower: choiceTerm(bodiceHalterChoices, 'lower', chosen.lower),
  });
  const { front, strips, details } = tiesOf(
    cut,
    Number(chosen.loops),
    openBack,
    choiceTerm(bodiceHalterChoices, 'tieWidth', chosen.tieWidth),
    rules['strip.longest'],
    allowances.strip,
  );
  const [lining, stay] = [traced([front], 'lining', allowances.liningHem), traced([front], 'stay', 0)];
  return {
    pieces: [front, ...strips, ...lining, ...stay],
    seams: [
      ...dartSeams(front),
      ...lining.flatMap(dartSeams),
      ...lining.flatMap((inside) => [
        joined('lining to neck', 'neck', inside, front),
        joined('lining to armhole', 'armhole', inside, front),
      ]),
    ],
    // Laced across the back, it closes to whatever the ties are drawn to: the front alone is held to its part of the body.
    girths: [
      inFront(front, 'bust', 2 * bustWidth.front, chosen.easeBust),
      inFront(front, 'waist', 2 * waistWidth.front, chosen.easeWaist),
    ],
    covering: [front.id],
    details,
    checks: () => [],
    findings: block.findings,
  };
}

export const bodiceHalterRecipe = bodiceRecipe({ fill, draw });
