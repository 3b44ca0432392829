import { describe, expect, test } from '@jest/globals';
import { sampleCloth } from '@ample-bolt/core/testing/sample-cloth';
import { chalkLaid } from '@ample-bolt/core/chalk/chalk-piece';
import { keptLay } from '@ample-bolt/core/lay/model/kept-lay';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { layPiecesOn } from '@ample-bolt/core/lay/model/layable';
import { planForWork } from '@ample-bolt/core/lay/plan/plan-lay';
import { draftInput, middleBody } from '@ample-bolt/core/testing/bodies';
import { inches } from '@ample-bolt/core/units/length';
import { nextToCut, piecesToCut } from './pieces-to-cut.ts';
import { fittedDress } from '@ample-bolt/core/styles/fitted-dress';
import { recipeOf } from '@ample-bolt/core/styles/recipe-book';

const draft = recipeOf(fittedDress).draft(draftInput(middleBody));
const cloth = sampleCloth({ width: inches(60) });
const lay: Lay = planForWork(
  {
    pieces: layPiecesOn(cloth, draft.pieces),
    cloth,
    fold: 'half',
    seed: 1,
    shrinkPercent: 0,
    buyIn: 'yd',
  },
  1,
); // prettier-ignore
const lays = { outer: keptLay(lay) };
const marks = chalkLaid(draft.pieces, { startLine: 'stitch', line: 'stitch' }, [lay], [cloth]);
const namesOf = (pieces: ReturnType<typeof piecesToCut>) => pieces.map(({ drafted }) => drafted.piece.id);

describe('the cut list', () => {
  test('has what is laid, in the order in which it is chalked, the largest first', () => {
    const pieces = piecesToCut(draft, lays, [], marks);
    expect(namesOf(pieces)).toEqual([...new Set(marks.map(({ piece }) => piece))]);
    expect(namesOf(pieces)[0]).toMatch(/^skirt/);
    expect(namesOf(pieces).some((id) => id.startsWith('lining'))).toBe(false);
  });

  test('a piece is ready for the shears once its last mark is chalked', () => {
    const firstPiece = marks[0]?.piece ?? '';
    const own = marks.filter(({ piece }) => piece === firstPiece).length;
    expect(piecesToCut(draft, lays, [], marks.slice(own - 1)).filter(({ ready }) => ready)).toEqual([]);
    expect(namesOf(piecesToCut(draft, lays, [], marks.slice(own)).filter(({ ready }) => ready))).toEqual([
      firstPiece,
    ]);
  });

  test('the next to cut is the first that is chalked and not cut', () => {
    const ids = namesOf(piecesToCut(draft, lays, [], []));
    expect(nextToCut(piecesToCut(draft, lays, [], marks))).toBeUndefined();
    expect(nextToCut(piecesToCut(draft, lays, [], []))?.piece.id).toBe(ids[0]);
    expect(nextToCut(piecesToCut(draft, lays, ids.slice(0, 2), []))?.piece.id).toBe(ids[2]);
    expect(nextToCut(piecesToCut(draft, lays, ids, []))).toBeUndefined();
  });
});
