import { describe, expect, test } from '@jest/globals';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import type { Cloth, Panel } from '../model/cloth.ts';
import type { Fold } from '../model/lay.ts';
import { onPanels } from './on-panels.ts';
import { layoutTasks } from './fold-layout.ts';

const front = samplePanel('front', 'fold', 9, 22);
const back = samplePanel('back', 'pair', 10, 20);
/** A panel so wide and long around a middle, in inches, its start 3 in from that of the cloth. */
const panelAt = (middle: number, wide: number, long: number, piece: string): Panel => ({
  from: inches(3),
  to: inches(3 + long),
  left: inches(middle - wide / 2),
  right: inches(middle + wide / 2),
  piece,
});

function held(panels: readonly Panel[], fold: Fold, change: Partial<Cloth> = {}) {
  const cloth = sampleCloth(change);
  const [task] = layoutTasks([front, back], cloth, fold);
  if (!task) throw new Error('it can be laid without panels');
  const items = onPanels(task.items, task.layout, { ...cloth, panels });
  return items?.flatMap((item) =>
    item.held
      ? [
          {
            piece: item.piece,
            copy: item.copy,
            x: item.held.x + task.layout.origin,
            y: item.held.y,
            fold: item.held.orientation.onFold !== null,
          },
        ]
      : [],
  );
}

describe('a panel and its piece', () => {
  test('on open cloth the whole piece lies with its middle on the motif’s, along as across', () => {
    const [place, ...others] = held([panelAt(20, 20, 24, 'front')], 'open') ?? [];
    expect(others).toEqual([]);
    expect(place?.x).toBeCloseTo(inches(20 - 9), 6);
    expect(place?.y).toBeCloseTo(inches(3 + 1), 6);
    expect(place).toMatchObject({ piece: 'front', fold: false });
  });

  test('on folded cloth half of it lies on the fold, where the motif is folded through its middle', () => {
    expect(held([panelAt(22.5, 20, 24, 'front')], 'half')).toEqual([
      expect.objectContaining({ piece: 'front', fold: true }),
    ]);
    expect(held([panelAt(21, 20, 24, 'front')], 'half')).toBeUndefined();
  });

  test('cut through two layers a pair cannot lie on one motif', () => {
    expect(held([panelAt(12, 12, 22, 'back')], 'half')).toBeUndefined();
    expect(held([panelAt(12, 12, 22, 'back')], 'open')).toEqual([
      expect.objectContaining({ piece: 'back', copy: 0 }),
    ]);
  });

  test('two panels of the same piece take two of its copies', () => {
    const places = held([panelAt(8, 12, 22, 'back'), panelAt(30, 12, 22, 'back')], 'open') ?? [];
    expect(places.map(({ copy }) => copy)).toEqual([0, 1]);
  });

  test.each([
    ['narrow', panelAt(20, 17, 24, 'front')],
    ['short', panelAt(20, 20, 21, 'front')],
    ['near the edge', panelAt(8, 20, 24, 'front')],
  ])('too %s for its piece there is no way to lay it so', (_, panel) => {
    expect(held([panel], 'open')).toBeUndefined();
  });

  test('of a piece that is not cut nothing is held', () => {
    expect(held([panelAt(20, 20, 24, 'train')], 'open')).toEqual([]);
  });
});
