import { boxOf, crossingsAt, signedArea, type Ring } from '../../geometry/ring.ts';
import { wholeOutline, type LayPiece } from '../model/layable.ts';

/** Away from a corner's own level, where it would count once or twice, mm. */
const OFF = 1e-6;

/**
 * Over how much of its length a piece lies solid across more than half of the cloth, mm. No two such stretches can lie side by side. Between
 * the levels of its corners a stretch widens or narrows evenly: it is counted where the same one is wide at both ends, never by guess.
 */
export function wideStretch(outline: Ring, usable: number): number {
  const levels = [...new Set(outline.map(({ y }) => y))].sort((a, b) => a - b);
  let sum = 0;
  levels.forEach((top, index) => {
    const bottom = levels[index + 1];
    if (bottom === undefined || bottom - top <= 4 * OFF) return;
    const [above, below] = [crossingsAt(outline, top + OFF), crossingsAt(outline, bottom - OFF)];
    const isWide = (at: number) =>
      (above[at + 1] ?? NaN) - (above[at] ?? NaN) > usable / 2 &&
      (below[at + 1] ?? NaN) - (below[at] ?? NaN) > usable / 2;
    for (let at = 0; at + 1 < above.length; at += 2)
      if (isWide(at)) {
        sum += bottom - top;
        return;
      }
  });
  return sum;
}

/**
 * No lay is shorter than its longest piece, than its area spread over the usable width, or than all stretches together that are too wide to
 * lie beside each other. Outlines are those that are cut, as they lie along the cloth. mm.
 */
export function boundOf(outlines: readonly Ring[], usable: number): number {
  const boxes = outlines.map(boxOf);
  const longest = Math.max(0, ...boxes.map(({ minY, maxY }) => maxY - minY));
  const area = outlines.reduce((sum, outline) => sum + Math.abs(signedArea(outline)), 0);
  const wide = outlines.reduce((sum, outline) => sum + wideStretch(outline, usable), 0);
  return Math.max(longest, area / usable, wide);
}

export const lengthBound = (pieces: readonly LayPiece[], usable: number): number =>
  boundOf(
    pieces.flatMap((piece) => Array.from({ length: piece.cut.copies }, () => wholeOutline(piece))),
    usable,
  );
