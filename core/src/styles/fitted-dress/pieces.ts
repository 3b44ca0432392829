import type { Finding } from '../../checks/finding.ts';
import type { Allowances } from '../../drafting/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import { draftBodice, type Bodice } from '../../drafting/bodice/bodice.ts';
import { draftHabitBodice } from '../../drafting/habit/habit-bodice.ts';
import { copyInto } from '../../drafting/operations/copy-into.ts';
import { faceBodice, facingSideDepth } from '../../drafting/operations/facing.ts';
import { lineSkirt } from '../../drafting/operations/line-skirt.ts';
import { draftSkirt, type Skirt } from '../../drafting/skirt/skirt.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import type { FittedDressChosen } from './choices.ts';

export type Chosen = FittedDressChosen;

/** Everything that the dress is sewn from, each piece in its own cloth. */
export interface DressPieces {
  readonly bodiceFront: Piece;
  readonly bodiceBack: Piece;
  readonly skirtFront: Piece;
  readonly skirtBack: Piece;
  readonly facingFront: Piece;
  readonly facingBack: Piece;
  readonly liningBodiceFront: Piece;
  readonly liningBodiceBack: Piece;
  readonly liningSkirtFront: Piece;
  readonly liningSkirtBack: Piece;
  readonly stayFront: Piece;
  readonly stayBack: Piece;
}

export interface DressDraft {
  readonly bodice: Bodice;
  readonly skirt: Skirt;
  readonly pieces: DressPieces;
  readonly findings: readonly Finding[];
}

function bodiceBySchool(body: Body, choices: Chosen, rules: RuleSet, allowances: Allowances): Bodice {
  switch (rules['school.block']) {
    case 'solved':
      return draftBodice(body, choices, rules, allowances);
    case 'table':
      return draftHabitBodice(body, choices, rules, allowances);
  }
}

/** Drafts the outer, parts the facings from it, and cuts lining and stay after them. */
export function draftDress(body: Body, choices: Chosen, rules: RuleSet, allowances: Allowances): DressDraft {
  const bodice = bodiceBySchool(body, choices, rules, allowances);
  const skirtChoices = {
    easeHip: choices.easeHip,
    pegging: choices.pegging,
    length: choices.length - bodice.frame.waist.front,
    slit: choices.slit,
  };
  const skirt = draftSkirt(body, skirtChoices, bodice, rules, allowances);
  const facing = {
    centreDepth: rules['facing.depth'],
    sideDepth: facingSideDepth([bodice.front, bodice.back], rules['facing.side']),
    allowance: allowances.facing,
  };
  const [front, back] = [faceBodice(bodice.front, 'front', facing), faceBodice(bodice.back, 'back', facing)];
  const lining = {
    shorter: rules['lining.shorter'],
    hemAllowance: allowances.liningHem,
    centreAllowance: allowances.zip,
  };
  return {
    bodice,
    skirt,
    pieces: {
      bodiceFront: bodice.front,
      bodiceBack: bodice.back,
      skirtFront: skirt.front,
      skirtBack: skirt.back,
      facingFront: front.facing,
      facingBack: back.facing,
      liningBodiceFront: front.lining,
      liningBodiceBack: back.lining,
      liningSkirtFront: lineSkirt(skirt.front, lining),
      liningSkirtBack: lineSkirt(skirt.back, lining),
      stayFront: { ...copyInto(front.facing, 'stay'), template: front.facing.id },
      stayBack: { ...copyInto(back.facing, 'stay'), template: back.facing.id },
    },
    findings: [...bodice.findings, ...skirt.findings, ...front.findings, ...back.findings],
  };
}
