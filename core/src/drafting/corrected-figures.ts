import { finding, type Finding } from '../findings/finding.ts';
import type { Correction } from '../pieces/correction.ts';
import { finishPiece } from '../pieces/drafted-piece.ts';
import { pieceOfFigure, type HandFigure, type HandFigures } from '../pieces/hand-figure.ts';
import type { Piece } from '../pieces/piece.ts';
import { readingOf, type FiguresOf } from './hand-figures.ts';

/** The figures that corrections ask for on drawn pieces, as a hand would set them; those that find none, or are left out, are told. */
export function correctedFigures(
  pieces: readonly Piece[],
  figuresOf: FiguresOf,
  corrections: readonly Correction[],
  line: HandFigure['line'],
): { readonly figures: HandFigures; readonly findings: readonly Finding[] } {
  const figures: Record<string, HandFigure> = {};
  const findings: Finding[] = [];
  for (const correction of corrections) {
    const { figure: id, mm, from } = correction;
    const piece = pieces.find((each) => each.id === pieceOfFigure(id));
    const figure = piece && figuresOf(finishPiece(piece)).find((each) => each.id === id);
    if (!figure?.moves || correction.leftOut) {
      findings.push(finding('correction-left-out', { figure: id }, { found: mm, from }));
      continue;
    }
    const before = figures[id]?.mm ?? readingOf(figure, line);
    figures[id] = { mm: before + mm, why: from, ...(line && { line }) };
  }
  return { figures, findings };
}
