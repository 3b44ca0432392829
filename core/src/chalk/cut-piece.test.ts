import { describe, expect, test } from '@jest/globals';
import { endOf, startOf } from '../geometry/curve.ts';
import { distance, point } from '../geometry/point.ts';
import { signedArea } from '../geometry/ring.ts';
import { edgeOf, stitchRing } from '../pieces/piece.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { plainBodice } from '../styles/plain-bodice.ts';
import type { Style } from '../styles/style.ts';
import { styleBook } from '../styles/style-book.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { distanceToRing } from '../geometry/distance-to-ring.ts';
import { inches } from '../units/length.ts';
import { markWords } from '../words/mark-words.ts';
import { chalkPiece } from './chalk-piece.ts';
import { cutPiece } from './cut-piece.ts';

const onPattern = { startLine: 'stitch', line: 'cut' } as const;
const piecesOf = (style: Style) => recipeOf(style).draft(draftInput(middleBody)).pieces;

describe('a piece by its cut line', () => {
  test.each(Object.values(styleBook))('$name: encloses what the cut line encloses', (style) => {
    for (const { piece, outline } of piecesOf(style)) {
      const area = Math.abs(signedArea(stitchRing(cutPiece(piece))));
      expect([piece.id, Math.abs(area / Math.abs(signedArea(outline)) - 1) < 0.01]).toEqual([piece.id, true]);
    }
  });

  test('every point that is chalked by its measures lies on the line of the shears', () => {
    for (const drafted of piecesOf(fittedDress)) {
      const marks = chalkPiece(drafted, onPattern).filter(
        (mark) => mark.kind === 'point' && mark.name !== 'bust-point',
      );
      for (const { points } of marks)
        for (const p of points) expect([p, distanceToRing(p, drafted.outline) < 0.6]).toEqual([p, true]);
    }
  });

  test.each(Object.values(styleBook))(
    '$name: a curve of the cut line is chalked by as many points as it bends, and joined they lie on it',
    (style) => {
      for (const drafted of piecesOf(style)) {
        const curves = chalkPiece(drafted, onPattern).flatMap((mark) =>
          mark.kind === 'curve' ? [mark] : [],
        );
        for (const { edge, points } of curves)
          points.slice(1).forEach((to, index) => {
            const from = points[index] ?? to;
            const middle = point((from.x + to.x) / 2, (from.y + to.y) / 2);
            const off = distanceToRing(middle, drafted.outline);
            expect([drafted.piece.id, edge, off < 8]).toEqual([drafted.piece.id, edge, true]);
          });
      }
    },
  );

  test('edges follow each other, and notches stay on their edge', () => {
    const [front] = piecesOf(plainBodice);
    if (!front) throw new Error('no front');
    const cut = cutPiece(front.piece);
    cut.edges.forEach(({ path }, index) => {
      const next = cut.edges[(index + 1) % cut.edges.length];
      expect(next && distance(endOf(path), startOf(next.path))).toBeLessThan(0.01);
    });
    expect(cut.notches.length).toBe(front.piece.notches.length);
    for (const { edge } of cut.notches) expect(() => edgeOf(cut, edge)).not.toThrow();
  });

  test('the chalk then says that the sewing line lies inside', () => {
    const [front] = piecesOf(plainBodice);
    if (!front) throw new Error('no front');
    const side = chalkPiece(front, onPattern).find(
      (mark) => mark.kind === 'allowance' && mark.role === 'side',
    );
    expect(side && markWords(side, 'in')).toMatchObject({ figures: [{ value: '1', word: 'inside' }] });
    expect(side?.kind === 'allowance' && side.mm).toBeCloseTo(inches(1), 6);
  });
});
