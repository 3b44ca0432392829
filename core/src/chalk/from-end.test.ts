import { expect, test } from '@jest/globals';
import { placeAtLength, curveLength } from '../geometry/curve.ts';
import { distance, point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { edgeOf } from '../pieces/piece.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { chalkPiece } from './chalk-piece.ts';
import { fromEnd } from './from-end.ts';

const along = (from: [number, number], to: [number, number]) => ({
  path: [line(point(...from), point(...to))],
});

test('a place on an edge is told from the end that a hand finds, whichever way the loop runs', () => {
  // Down, and the same edge entered from below.
  expect(fromEnd(along([0, 0], [10, 100]), 30)).toEqual({ end: 'upper', mm: 30 });
  expect(fromEnd(along([10, 100], [0, 0]), 30)).toEqual({
    end: 'upper',
    mm: expect.closeTo(Math.hypot(10, 100) - 30, 9),
  });
  // Across, out from the centre and in to it.
  expect(fromEnd(along([0, 0], [100, 10]), 30)).toEqual({ end: 'inner', mm: 30 });
  expect(fromEnd(along([100, 0], [0, 0]), 30)).toEqual({ end: 'inner', mm: 70 });
  expect(fromEnd(along([-50, 0], [50, 0]), 30)).toEqual({ end: 'left', mm: 30 });
});

const body = { ...withArm(middleBody), offShoulderRound: inches(41) };

test.each(Object.values(styleBook))('every notch of the $name lies where its mark says', (style) => {
  const { pieces } = recipeOf(style).draft(draftInput(body));
  for (const drafted of pieces)
    for (const mark of chalkPiece(drafted, { startLine: 'stitch', line: 'stitch' })) {
      if (mark.kind !== 'notch') continue;
      const { path } = edgeOf(drafted.piece, mark.edge);
      const [ends, whole] = [
        [0, curveLength(path)].map((at) => placeAtLength(path, at).point),
        curveLength(path),
      ];
      const [start, finish] = ends;
      if (!start || !finish) throw new Error('an edge has two ends');
      const isStart = {
        upper: start.y <= finish.y,
        inner: Math.abs(start.x) < Math.abs(finish.x),
        left: start.x < finish.x,
      }[mark.end];
      const at = placeAtLength(path, isStart ? mark.mm : whole - mark.mm).point;
      expect([drafted.piece.id, mark.edge, distance(at, mark.points[0] ?? point(NaN, 0)) < 0.01]).toEqual([
        drafted.piece.id,
        mark.edge,
        true,
      ]);
    }
});

test('the end of a zip is told from the waist, on a skirt whose centre runs up from the hem', () => {
  const { pieces } = recipeOf({ id: 'gathered-skirt' }).draft(draftInput({ ...body, waistToHip: inches(8) }));
  const back = pieces.find(({ piece }) => piece.id === 'skirt-back');
  if (!back) throw new Error('no back');
  const [zip] = chalkPiece(back, { startLine: 'stitch', line: 'stitch' }).filter(
    (mark) => mark.kind === 'notch',
  );
  // An inch above the hip line: the rule of the house as it comes.
  expect(zip).toMatchObject({ edge: 'centre-back', end: 'upper', mm: expect.closeTo(inches(7), 6) });
});
