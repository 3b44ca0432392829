import { chosenOfParts, withParts } from '../../parts/with-parts.ts';
import { armholeFindings } from '../../checks/openings.ts';
import type { Named } from '../../checks/rounds.ts';
import { allowancesFrom, type Allowances } from '../../pieces/allowances.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import { girthOf } from '../../pieces/girth.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { assembleDraft } from '../../garment/assemble-draft.ts';
import type { Recipe, Style } from '../style.ts';
import type { DraftInput } from '../../garment/draft-input.ts';
import { zipDown } from '../../garment/zip-down.ts';
import type { Detail } from '../../drafting/detail.ts';
import type { BelowWaistChosen, FacedBodiceChosen } from './choices.ts';
import { draftBelowWaist, hemBelowWaist } from './below-waist.ts';
import { draftFacedBodice, type FacedBodice } from './faced-bodice.ts';
import { facedBodiceSeams } from './seams.ts';

/** Pieces that a style adds to a faced bodice, measured by their edges, with their seams. */
export interface AddedToBodice {
  readonly pieces: readonly Piece[];
  readonly seams: readonly Seam[];
  readonly details: readonly Detail[];
}

export interface FacedStyle<Chosen extends FacedBodiceChosen> {
  readonly style: Style;
  readonly fill: (body: Body, input: DraftInput) => Chosen;
  readonly bodice: (chosen: Chosen) => BodiceChoices;
  /** Its lower end, for a style that may go on below the waist. */
  readonly ends?: (chosen: Chosen) => BelowWaistChosen;
  readonly more?: (allowances: Allowances, faced: FacedBodice, chosen: Chosen) => AddedToBodice;
}

const nothing: AddedToBodice = { pieces: [], seams: [], details: [] };

/** The recipe of a bodice to the waist with facings, lining and stay; the zip runs through, so that the waist opens. */
export function facedRecipe<Chosen extends FacedBodiceChosen>(spec: FacedStyle<Chosen>): Recipe {
  const bodyOf = (input: DraftInput) => resolveBody(input.person, spec.style.derives, input.rules);
  const draft = (input: DraftInput): Draft => {
    const { rules } = input;
    const { body, findings } = bodyOf(input);
    const chosen = spec.fill(body, input);
    const allowances = allowancesFrom(rules, input.allowances);
    const ends = spec.ends?.(chosen);
    const { hem, findings: ofHem } = ends
      ? hemBelowWaist(body, ends, rules)
      : { hem: undefined, findings: [] };
    const toWaist = (more: number): FacedBodice => {
      const given = { bust: 0, waist: more };
      return draftFacedBodice(body, { ...spec.bodice(chosen), given }, rules, allowances);
    };
    const faced = hem
      ? draftBelowWaist(toWaist, hem, body.mm('waist') + chosen.easeWaist, rules, allowances)
      : toWaist(0);
    const added = spec.more?.(allowances, faced, chosen) ?? nothing;
    const halves = [faced.pieces.bodiceFront, faced.pieces.bodiceBack];
    const bodice = (named: Named) => [named('bodice-front'), named('bodice-back')];
    return assembleDraft(
      withParts(
        {
          pieces: [...Object.values<Piece>({ ...faced.pieces }), ...added.pieces],
          seams: [...facedBodiceSeams(faced.pieces), ...added.seams],
          girths: [
            girthOf('bust', halves, body.mm('bust'), chosen.easeBust),
            girthOf('waist', halves, body.mm('waist'), chosen.easeWaist),
            ...(hem ? [girthOf('hem', halves, hem.body, hem.ease)] : []),
          ],
          covering: ['bodice-front', 'bodice-back'],
          details: [zipDown('back', [faced.pieces.bodiceBack]), ...added.details],
          checks: (named) => armholeFindings(bodice(named), (id) => body.taken(id)),
          findings: [...faced.findings, ...ofHem, ...findings],
        },
        input,
      ),
      input,
    );
  };
  return {
    draft,
    chosen: (input) => ({ ...spec.fill(bodyOf(input).body, input), ...chosenOfParts(input) }),
  };
}
