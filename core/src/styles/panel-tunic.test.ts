import { describe, expect, test } from '@jest/globals';
import { boxOf } from '../geometry/ring.ts';
import type { Cloth, Panel } from '../lay/model/cloth.ts';
import type { Fold } from '../lay/model/lay.ts';
import type { LayTask } from '../lay/model/lay-task.ts';
import { layPiecesOn } from '../lay/model/layable.ts';
import { layObstacle, planForWork } from '../lay/plan/plan-lay.ts';
import { checkLay } from '../lay/proof/check-lay.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { sampleCloth } from '../testing/sample-cloth.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { panelTunic } from './panel-tunic.ts';
import { recipeOf } from './recipe-book.ts';

expectStyleSound(panelTunic, [{ sleeve: 'none', tunicLength: inches(20) }]);

describe('a panel tunic', () => {
  // An unstitched length as it is sold, 44 in wide and about 3 yd: the panel worked in its middle. Common practice, no source.
  const panel: Panel = { piece: 'bodice-front', from: inches(6), to: inches(52), left: inches(5), right: inches(39) };
  const length: Cloth = sampleCloth({ width: inches(44), length: inches(130), panels: [panel] });
  const taskFor = (cloth: Cloth, tunicLength: number, fold: Fold = 'open'): LayTask => ({
    pieces: layPiecesOn(cloth, recipeOf(panelTunic).draft(draftInput(withArm(middleBody), { tunicLength })).pieces),
    cloth,
    fold,
    seed: 1,
    shrinkPercent: 0,
    buyIn: 'yd',
  });
  const middle = (panel.left + panel.right) / 2;

  test('has its front in the middle of the panel, and everything else beside it, within the length', () => {
    const task = taskFor(length, inches(24));
    expect(layObstacle(task)).toBeUndefined();
    const lay = planForWork(task, 200);
    expect(checkLay(lay, task.pieces, length)).toEqual([]);
    expect(lay.length).toBeLessThanOrEqual(inches(130));
    const boxes = (piece: string) =>
      lay.placements.filter((each) => each.piece === piece).map(({ polygon }) => boxOf(polygon));
    const [front] = boxes('bodice-front');
    if (!front) throw new Error('no front');
    expect((front.minX + front.maxX) / 2).toBeCloseTo(middle, 3);
    expect(front.minY).toBeGreaterThanOrEqual(panel.from);
    expect(front.maxY).toBeLessThanOrEqual(panel.to);
    expect(boxes('bodice-back')).toHaveLength(2);
    const inPanel = lay.placements.filter(({ piece, polygon }) =>
      piece !== 'bodice-front' && polygon.some(({ x, y }) => x > panel.left + 1 && x < panel.right - 1 && y > panel.from + 1 && y < panel.to - 1));
    expect(inPanel).toEqual([]);
  });

  test('that is longer than its panel is stopped before it is planned', () => {
    expect(layObstacle(taskFor(length, inches(40)))).toMatchObject({ code: 'panel-not-kept', severity: 'stop' });
  });
}); // prettier-ignore
