import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { Figure } from '../../drafting/draft.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { edgeLength, edgeOf } from '../../pieces/piece.ts';
import { divided, drawn, minus, plus, sum } from '../../workings/working.ts';
import { neckAndShoulder } from '../faced-bodice/bodice-figures.ts';
import { shareTerm } from '../faced-bodice/bodice-workings.ts';
import {
  allowanceTerm,
  insideFigure,
  levelLengthOf,
  levelStart,
  outFigure,
  quarterOf,
  seamFigure,
  type FigureContext,
} from '../figure-parts.ts';
import type { FacedBodiceChosen } from '../faced-bodice/choices.ts';

const princessFigure = (piece: DraftedPiece): Figure => {
  const mm = edgeLength(edgeOf(piece.piece, 'princess'));
  return insideFigure(piece, 'length', 'princess-seam', 'Princess seam', mm, drawn('as drawn', mm), 'curve');
};

/** The centre panel: neck and shoulder, and what lies from the centre out to the seam at bust and waist. */
function centreFigures(
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const bust = levelLengthOf(piece, 'bust');
  const toPoint = which === 'front' ? divided(context.body.term('bustSpan'), 2) : drawn('to the seam', bust);
  const waist = levelLengthOf(piece, 'waist');
  const level = levelStart(piece, 'waist').y;
  return [
    ...neckAndShoulder(context, choices, bodice, piece, which),
    insideFigure(
      piece,
      'down',
      'bust-line',
      'Bust line, down',
      levelStart(piece, 'bust').y,
      sum(plus(context.body.term('shoulderToBust'))),
      'slant of the tape',
    ),
    outFigure(
      piece,
      'bust',
      'Bust, out to the seam',
      sum(plus(toPoint), allowanceTerm(context, 'princess')),
      'rounded off the bust point',
    ),
    insideFigure(
      piece,
      'down',
      'waist-line',
      'Waist line, down at the centre',
      level,
      sum(plus(context.body.term(which === 'front' ? 'frontWaistLength' : 'backWaistLength'))),
      'start of the tape',
    ),
    outFigure(
      piece,
      'waist',
      'Waist, out to the seam',
      sum(plus(drawn('to the seam', waist)), allowanceTerm(context, 'princess')),
      'curve of the waist',
    ),
    princessFigure(piece),
  ];
}

/** The side panel: from the seam out to the side; x = 0 runs through where the dart would have its tip. */
function sideFigures(
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const centre = which === 'front' ? divided(context.body.term('bustSpan'), 2) : drawn('centre panel', 0);
  const waist = levelLengthOf(piece, 'waist');
  return [
    outFigure(
      piece,
      'bust',
      'Bust, seam to side',
      sum(
        quarterOf(context, 'bust', choices.easeBust),
        shareTerm(which, bodice.frame.share),
        minus(centre),
        allowanceTerm(context, 'side'),
      ),
      'rounded off the bust point',
    ),
    outFigure(
      piece,
      'waist',
      'Waist, seam to side',
      sum(plus(drawn('seam to side', waist)), allowanceTerm(context, 'side')),
      'curve of the waist',
    ),
    princessFigure(piece),
    seamFigure(piece, 'side', 'Side seam'),
  ];
}

/** The cut dimensions of a princess panel. */
export const panelFigures = (
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  piece: DraftedPiece,
): Figure[] => {
  const which = piece.piece.id.includes('front') ? 'front' : 'back';
  return piece.piece.id.endsWith('centre')
    ? centreFigures(context, choices, bodice, piece, which)
    : sideFigures(context, choices, bodice, piece, which);
};
