import type { Finding } from '../../checks/finding.ts';
import type { Allowances } from '../../drafting/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import { draftBodice, type Bodice } from '../../drafting/bodice/bodice.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { draftHabitBodice } from '../../drafting/habit/habit-bodice.ts';
import { copyInto } from '../../drafting/operations/copy-into.ts';
import { faceBodice, facingSideDepth } from '../../drafting/operations/facing.ts';
import type { Piece } from '../../pieces/piece.ts';
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

export interface FacedBodice {
  readonly bodice: Bodice;
  readonly pieces: FacedBodicePieces;
  readonly findings: readonly Finding[];
}

function bodiceBySchool(body: Body, choices: BodiceChoices, rules: RuleSet, allowances: Allowances): Bodice {
  switch (rules['school.block']) {
    case 'solved':
      return draftBodice(body, choices, rules, allowances);
    case 'table':
      return draftHabitBodice(body, choices, rules, allowances);
  }
}

/** Drafts the bodice by the school in force, parts the facings from it, and cuts lining and stay after them. */
export function draftFacedBodice(
  body: Body,
  choices: BodiceChoices,
  rules: RuleSet,
  allowances: Allowances,
): FacedBodice {
  const bodice = bodiceBySchool(body, choices, rules, allowances);
  const plan = {
    centreDepth: rules['facing.depth'],
    sideDepth: facingSideDepth([bodice.front, bodice.back], rules['facing.side']),
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
