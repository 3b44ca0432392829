import { describe, expect, test } from '@jest/globals';
import { sampleCloth, samplePanel } from '@ample-bolt/core/testing/sample-cloth';
import { sampleLay } from '@ample-bolt/core/testing/sample-lay';
import { planForWork } from '@ample-bolt/core/lay/plan/plan-lay';
import { forPieces, movedOn, sectionsOf, withoutSection } from './wanted-sections.ts';

const pieces = [
  samplePanel('front', 'fold', 9, 20),
  samplePanel('back', 'pair', 12, 20),
  { ...samplePanel('belt', 'pair', 4, 30), cut: { copies: 1, layers: 'single' } } as const,
];
const apart = [
  { fold: 'half', pieces: ['front', 'back'] },
  { fold: 'open', pieces: ['belt'] },
] as const;

describe('sections that are asked for', () => {
  test('begin as the lay on the table has them, or with what is single apart', () => {
    expect(sectionsOf(sampleLay('open', 900), pieces)).toEqual(apart);
    const cross = sampleLay('cross', 900, { sections: [{ fold: 'cross', from: 0, to: 900, foldLines: [450], doubled: [] }] }); // prettier-ignore
    expect(sectionsOf(cross, pieces)[0]?.fold).toBe('cross');
    // Where nothing is single there is one section to begin with.
    expect(sectionsOf(sampleLay('half', 900), pieces.slice(0, 2))).toHaveLength(1);
    const mixed = planForWork({ pieces, cloth: sampleCloth(), fold: 'mixed', seed: 1, shrinkPercent: 0, buyIn: 'yd' }, 50); // prettier-ignore
    expect(sectionsOf(mixed, pieces).map(({ fold, pieces: ids }) => [fold, [...ids].sort()])).toEqual([
      ['half', ['back', 'front']],
      ['open', ['belt']],
    ]);
  });

  test('a piece goes on from section to section, and around', () => {
    const on = movedOn(apart, 'back');
    expect(on.map(({ pieces: ids }) => ids)).toEqual([['front'], ['belt', 'back']]);
    expect(movedOn(on, 'back').map(({ pieces: ids }) => ids)).toEqual([['front', 'back'], ['belt']]);
  });

  test('no piece is lost with its section, nor when pieces come and go', () => {
    expect(withoutSection(apart, 1)).toEqual([{ fold: 'half', pieces: ['front', 'back', 'belt'] }]);
    expect(withoutSection(apart, 0)).toEqual([{ fold: 'open', pieces: ['belt', 'front', 'back'] }]);
    expect(forPieces(apart, ['front', 'belt', 'collar']).map(({ pieces: ids }) => ids)).toEqual([
      ['front', 'collar'],
      ['belt'],
    ]);
  });
});
