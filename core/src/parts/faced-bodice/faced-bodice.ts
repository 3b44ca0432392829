import type { Finding } from '../../findings/finding.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { copyInto } from '../../drafting/operations/pieces/copy-into.ts';
import { faceBodice, facingSideDepth } from '../../drafting/operations/pieces/facing.ts';
import type { Piece } from '../../pieces/piece.ts';
import { byRule } from '../../workings/working.ts';
import type { RuleSet } from '../../rules/catalogue.ts';

/** A bodice with its facings, the lining below them and the stay behind them. */
export interface FacedBodicePieces {
  readonly bodiceFront: Piece;
  readonly bodiceBack: Piece;
  readonly facingFront: Piece;
  readonly facingBack: Piece;
  readonly liningBodiceFront: Piece;
  readonly liningBodiceBack: Piece;
  readonly stayFront: Piece;
  readonly stayBack: Piece;
}

export type InsidePieces = Omit<FacedBodicePieces, 'bodiceFront' | 'bodiceBack'>;

/** The pieces inside a bodice, where the outer ones are cut otherwise. */
export const insideOf = (pieces: FacedBodicePieces): InsidePieces => ({
  facingFront: pieces.facingFront,
  facingBack: pieces.facingBack,
  liningBodiceFront: pieces.liningBodiceFront,
  liningBodiceBack: pieces.liningBodiceBack,
  stayFront: pieces.stayFront,
  stayBack: pieces.stayBack,
});

export interface FacedBodice {
  readonly bodice: Bodice;
  readonly pieces: FacedBodicePieces;
  readonly findings: readonly Finding[];
}

/** Drafts the bodice by the school in force, parts the facings from it, and cuts lining and stay after them. */
export const draftFacedBodice = (
  body: Body,
  choices: BodiceChoices,
  rules: RuleSet,
  allowances: Allowances,
): FacedBodice => faceWholeBodice(bodiceBySchool(body, choices, rules, allowances), rules, allowances);

/** Parts the facings from a bodice, and cuts lining and stay after them. */
export function faceWholeBodice(bodice: Bodice, rules: RuleSet, allowances: Allowances): FacedBodice {
  const plan = {
    centreDepth: byRule('facing.depth', rules['facing.depth']),
    sideDepth: facingSideDepth([bodice.front, bodice.back], byRule('facing.side', rules['facing.side'])),
    allowance: allowances.facing,
  };
  const [front, back] = [faceBodice(bodice.front, 'front', plan), faceBodice(bodice.back, 'back', plan)];
  const stayFor = (facing: Piece): Piece => ({ ...copyInto(facing, 'stay'), template: facing.id });
  return {
    bodice,
    pieces: {
      bodiceFront: bodice.front,
      bodiceBack: bodice.back,
      facingFront: front.facing,
      facingBack: back.facing,
      liningBodiceFront: front.lining,
      liningBodiceBack: back.lining,
      stayFront: stayFor(front.facing),
      stayBack: stayFor(back.facing),
    },
    findings: [...bodice.findings, ...front.findings, ...back.findings],
  };
}
