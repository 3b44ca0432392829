import { levelWidth } from '../../checks/level-width.ts';
import type { Allowances } from '../../drafting/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import type { BodiceFrame } from '../../drafting/bodice/frame.ts';
import { splitOnPrincess, type PrincessPanels } from '../../drafting/operations/split-on-princess.ts';
import { point, type Point } from '../../geometry/point.ts';
import { stitchRing, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { draftFacedBodice, type FacedBodice } from '../faced-bodice/faced-bodice.ts';
import type { FacedBodiceChosen } from '../faced-bodice/choices.ts';

export interface BustierDraft {
  readonly faced: FacedBodice;
  readonly front: PrincessPanels;
  readonly back: PrincessPanels;
}

/** The waist dart that the princess line runs through, and takes the place of. */
const DART = 'waist-dart-1';
/** Redrafts stop when the finished bust is this near to what is wanted, mm. */
const SETTLED = 0.05;
const MOST_REDRAFTS = 6;

/** Where the line runs through a back without a dart: half-way out, at the chest line. */
const backTip = (frame: BodiceFrame, chest: number): Point => point(frame.waistWidth.back / 2, chest);

function split(
  body: Body,
  choices: FacedBodiceChosen,
  easeBust: number,
  rules: RuleSet,
  allowances: Allowances,
): BustierDraft {
  const faced = draftFacedBodice(body, { ...choices, easeBust, darted: true }, rules, allowances);
  const { frame, shape, frontBlock, back } = faced.bodice;
  const plan = (tip: Point) => ({
    leaves: rules['princess.armhole'],
    soften: rules['princess.soften'],
    allowance: allowances.princess,
    tip,
  });
  return {
    faced,
    front: splitOnPrincess(frontBlock, DART, plan(frame.bustPoint)),
    back: splitOnPrincess(back, DART, plan(backTip(frame, shape.chest))),
  };
}

export const panelsOf = ({ front, back }: BustierDraft): Piece[] => [
  front.centre,
  front.side,
  back.centre,
  back.side,
];

/** The finished bust over all panels, mm. */
function bustRound(draft: BustierDraft): number {
  return (
    2 *
    panelsOf(draft).reduce((sum, piece) => {
      const path = piece.levels.find(({ name }) => name === 'bust')?.path ?? [];
      return sum + levelWidth(stitchRing(piece), path);
    }, 0)
  );
}

/** Splits the bodice, and drafts it again as much wider as the rounded seams took at the bust. */
export function draftBustier(
  body: Body,
  choices: FacedBodiceChosen,
  rules: RuleSet,
  allowances: Allowances,
): BustierDraft {
  const wanted = body.mm('bust') + choices.easeBust;
  let ease = choices.easeBust;
  let draft = split(body, choices, ease, rules, allowances);
  if (rules['school.block'] === 'table') return draft;
  for (let round = 0; round < MOST_REDRAFTS; round++) {
    const lacking = wanted - bustRound(draft);
    if (Math.abs(lacking) < SETTLED) break;
    ease += lacking;
    draft = split(body, choices, ease, rules, allowances);
  }
  return draft;
}
