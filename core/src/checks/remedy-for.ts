import type { HandFigures } from '../pieces/hand-figure.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import type { Remedy } from '../findings/remedy.ts';
import { pieceOfFigure } from '../pieces/hand-figure.ts';

/** Takes back the figure that was set last by hand on one of the pieces; where there is none, takes a measure again. */
export function remedyFor(pieces: readonly string[], hand: HandFigures, measure: MeasureId): Remedy {
  const figure = Object.keys(hand).findLast((id) => pieces.includes(pieceOfFigure(id)));
  return figure === undefined ? { kind: 'measure-again', measure } : { kind: 'clear-figure', figure };
}
