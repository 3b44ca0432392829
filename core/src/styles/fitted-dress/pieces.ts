import type { Finding } from '../../findings/finding.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import { lineSkirt } from '../../drafting/operations/pieces/line-skirt.ts';
import { draftSkirt, type Skirt } from '../../drafting/skirt/skirt.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { draftFacedBodice, type FacedBodicePieces } from '../faced-bodice/faced-bodice.ts';
import { byRule, chosen, minus, named, plus, sum } from '../../workings/working.ts';
import type { FittedDressChosen } from './choices.ts';

/** Everything that the dress is sewn from, each piece in its own cloth. */
export interface DressPieces extends FacedBodicePieces {
  readonly skirtFront: Piece;
  readonly skirtBack: Piece;
  readonly liningSkirtFront: Piece;
  readonly liningSkirtBack: Piece;
}

export interface DressDraft {
  readonly bodice: Bodice;
  readonly skirt: Skirt;
  readonly pieces: DressPieces;
  readonly findings: readonly Finding[];
}

/** Drafts the faced bodice, and the skirt that joins its waist, lined above the hem. */
export function draftDress(
  body: Body,
  choices: FittedDressChosen,
  rules: RuleSet,
  allowances: Allowances,
): DressDraft {
  const {
    bodice,
    pieces: above,
    findings,
  } = draftFacedBodice(body, { ...choices, darted: true }, rules, allowances);
  const skirtChoices = {
    easeHip: choices.easeHip,
    pegging: choices.pegging,
    length: choices.length - bodice.frame.waist.front,
    slit: choices.slit,
  };
  const { sums } = bodice.frame;
  const joined = {
    above: sums.waistWidth,
    length: sum(
      plus(chosen('length', choices.length, 'length')),
      minus(named('waist line', sums.waist.front)),
    ),
  };
  const skirt = draftSkirt(body, skirtChoices, bodice, joined, rules, allowances);
  const lining = {
    shorter: byRule('lining.shorter', rules['lining.shorter']),
    hemAllowance: allowances.liningHem,
    centreAllowance: allowances.zip,
  };
  const { bodiceFront, bodiceBack, facingFront, facingBack, liningBodiceFront, liningBodiceBack, ...stays } =
    above;
  return {
    bodice,
    skirt,
    // In the order in which they are cut: outer, lining, stay.
    pieces: {
      bodiceFront,
      bodiceBack,
      skirtFront: skirt.front,
      skirtBack: skirt.back,
      facingFront,
      facingBack,
      liningBodiceFront,
      liningBodiceBack,
      liningSkirtFront: lineSkirt(skirt.front, lining),
      liningSkirtBack: lineSkirt(skirt.back, lining),
      ...stays,
    },
    findings: [...findings, ...skirt.findings],
  };
}
