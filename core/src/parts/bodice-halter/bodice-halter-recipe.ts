import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { cutAway } from '../../drafting/operations/edges/cut-away.ts';
import { girthOf, type Girth } from '../../pieces/girth.ts';
import { roleLength, type Piece } from '../../pieces/piece.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { traced } from '../../drafting/operations/pieces/traced.ts';
import { dartSeams, joined } from '../../garment/seam-parts.ts';
import type { ChoiceValues } from '../../garment/choice.ts';
import { bodiceRecipe, type DrawInput, type Wearer } from '../../garment/part.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceHalterChoices, type BodiceHalterChosen } from './choices.ts';
import { backBand, waistLeftOut } from './back-band.ts';
import { neckTies, tiesOf } from './ties.ts';

const bodiceChoices = (chosen: BodiceHalterChosen): BodiceChoices => ({ ...chosen, darted: true });

/** Choices with defaults filled in: unless chosen, the strap starts at the base of the neck. */
const filled = fillChoices(bodiceHalterChoices, bodiceChoices);

/** What hangs from it hangs from a band behind, unless the back is chosen. */
const fill = (values: ChoiceValues, wearer: Wearer): BodiceHalterChosen => {
  const hangs = (values['skirt'] ?? 'none') !== 'none';
  return filled(
    values['halterBack'] === undefined && hangs ? { ...values, halterBack: 'band' } : values,
    wearer,
  );
};

/** The front's part of a round, with its half of the ease. A low armhole may cut into the bust line: what is left there is told alone. */
const inFront = (front: Piece, level: 'bust' | 'waist', finished: number, ease: number): Girth => ({
  ...girthOf(level, [front], finished - ease / 2, ease / 2, level === 'bust' ? 'not' : 'closely'),
  face: 'front',
});

/** What goes behind: ties laced across an open back, or a band above the waist; in both the neck is tied. */
function behind(
  cut: Piece,
  backWaist: number,
  back: Piece,
  { rules, allowances }: DrawInput,
  chosen: BodiceHalterChosen,
) {
  const width = choiceTerm(bodiceHalterChoices, 'tieWidth', chosen.tieWidth);
  if (chosen.halterBack === 'laced') {
    const tied = tiesOf(
      cut,
      Number(chosen.loops),
      2 * backWaist,
      width,
      rules['strip.longest'],
      allowances.strip,
    );
    return { ...tied, band: undefined, seams: [] };
  }
  const neck = neckTies(cut, width, allowances.strip);
  const depth = choiceTerm(bodiceHalterChoices, 'backBand', chosen.backBand);
  const { piece, seam, details } = backBand(cut, back, waistLeftOut(back, backWaist), depth, allowances);
  return {
    front: cut,
    band: piece,
    strips: [neck.piece],
    details: [...neck.details, ...details],
    seams: [seam],
  };
}

/** The front of the block cut away to its strap; the back, which only balanced its side, is left out. */
function draw(input: DrawInput, chosen: BodiceHalterChosen): DrawnGarment {
  const { body, rules, allowances } = input;
  const block = bodiceBySchool(body, bodiceChoices(chosen), rules, allowances);
  const { bustWidth, waistWidth } = block.frame;
  const cut = cutAway(block.front, {
    strap: choiceTerm(bodiceHalterChoices, 'strap', chosen.strap),
    lower: choiceTerm(bodiceHalterChoices, 'lower', chosen.lower),
  });
  const { front, band, strips, details, seams } = behind(cut, roleLength(block.back, 'waist'), block.back, input, chosen);
  const bands = band ? [band] : [];
  const shown = [front, ...bands];
  const [lining, stay] = [traced(shown, 'lining', allowances.liningHem), traced(shown, 'stay', 0)];
  const [liningFront] = lining;
  return {
    pieces: [front, ...bands, ...strips, ...lining, ...stay],
    seams: [
      ...dartSeams(front),
      ...seams,
      ...lining.flatMap(dartSeams),
      ...(liningFront
        ? [
            joined('lining to neck', 'neck', liningFront, front),
            joined('lining to armhole', 'armhole', liningFront, front),
          ]
        : []),
    ],
    girths: [
      inFront(front, 'bust', 2 * bustWidth.front, chosen.easeBust),
      // Laced across the back, it closes to whatever the ties are drawn to: the front alone is held to its part of the body.
      band
        ? girthOf('waist', [front, band], body.mm('waist'), chosen.easeWaist)
        : inFront(front, 'waist', 2 * waistWidth.front, chosen.easeWaist),
    ],
    covering: [front.id],
    details,
    checks: () => [],
    findings: block.findings,
  };
} // prettier-ignore

export const bodiceHalterRecipe = bodiceRecipe({ fill, draw });
