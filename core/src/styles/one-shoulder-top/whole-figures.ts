import { levelLength } from '../../checks/level-width.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { Figure } from '../../drafting/draft.ts';
import type { FiguresOf } from '../../drafting/hand-figures.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { ownId } from '../../pieces/other-half.ts';
import { levelDown, type Dart, type Level } from '../../pieces/piece.ts';
import { capital } from '../../words/capital.ts';
import { levelName } from '../../words/names.ts';
import { chosen, divided, drawn, minus, plus, sum, type Term, type Working } from '../../workings/working.ts';
import { dartFigures, waistDartTerms } from '../dart-figures.ts';
import { edgeFigures } from '../edge-figures.ts';
import { dartWorkings, shareTerm } from '../faced-bodice/bodice-workings.ts';
import { insideFigure, type FigureContext } from '../figure-parts.ts';

type Which = 'front' | 'back';

/** (round + ease) ÷ 2: what a piece that goes from side to side must give of a round. */
const halfOf = ({ body }: FigureContext, round: 'bust' | 'waist', ease: number): Term =>
  plus(divided(sum(plus(body.term(round)), plus(chosen('ease', ease))), 2));

/** What a level's width from side to side is worked out from; open waist darts count, as they do for the chalk. */
function widthOf(
  context: FigureContext,
  choices: BodiceChoices,
  share: number,
  piece: DraftedPiece,
  which: Which,
  { name, path }: Level,
): Working {
  switch (name) {
    case 'bust':
      return sum(halfOf(context, 'bust', choices.easeBust), shareTerm(which, 2 * share));
    case 'waist':
      return sum(
        halfOf(context, 'waist', choices.easeWaist),
        shareTerm(which, share),
        ...waistDartTerms(piece),
      );
    case 'chest':
    case 'underBust':
    case 'hip':
    case 'hem':
      return drawn('as drawn', levelLength(path));
  }
}

/** What a level's depth is worked out from. */
function depthOf({ body }: FigureContext, bustLine: number, which: Which, level: Level): Working {
  switch (level.name) {
    case 'bust':
      return body.term('shoulderToBust');
    case 'waist':
      return which === 'back'
        ? body.term('backWaistLength')
        : sum(
            plus(drawn('bust line', bustLine)),
            plus(body.term('frontWaistLength')),
            minus(body.term('shoulderToBust')),
          );
    case 'chest':
    case 'underBust':
    case 'hip':
    case 'hem':
      return drawn('as drawn', levelDown(level));
  }
}

/** The darts of one half only: the other half's mirror them. */
const ofOneHalf = (drafted: DraftedPiece): DraftedPiece => {
  const isOnRight = ({ legs }: Dart): boolean =>
    (drafted.piece.edges.find(({ id }) => id === legs[0])?.path[0]?.b.x ?? 0) > 0;
  return { ...drafted, piece: { ...drafted.piece, darts: drafted.piece.darts.filter(isOnRight) } };
};

/** The figures of a piece that was opened flat: its levels from side to side, its darts, and every edge. */
export const wholeFigures =
  (context: FigureContext, choices: BodiceChoices, bodice: Bodice): FiguresOf =>
  (piece) => {
    const which = piece.piece.id.endsWith('front') ? 'front' : 'back';
    const { frame } = bodice;
    const levels = piece.piece.levels.flatMap((level): Figure[] => {
      const words = capital(levelName[level.name]);
      const width = widthOf(context, choices, frame.share, piece, which, level);
      const depth = depthOf(context, frame.bustPoint.y, which, level);
      const at = levelDown(level);
      return [
        insideFigure(
          piece,
          'length',
          level.name,
          `${words}, side to side`,
          levelLength(level.path),
          width,
          'curves of the sides',
        ),
        insideFigure(piece, 'down', `${level.name}-line`, `${words}, down`, at, depth, 'slant of the tape'),
      ];
    });
    const darts = dartFigures(ofOneHalf(piece), (id) =>
      dartWorkings(context, choices, bodice, ownId(id), which),
    );
    return [...levels, ...darts, ...edgeFigures(piece)];
  };
