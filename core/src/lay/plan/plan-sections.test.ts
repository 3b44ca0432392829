import { describe, expect, test } from '@jest/globals';
import { boxOf } from '../../geometry/ring.ts';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { checkLay } from '../proof/check-lay.ts';
import { creasesOf } from '../model/lay.ts';
import { layObstacle, planForWork, planLay } from './plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';
import { sectionsObstacle } from './plan-sections.ts';
import type { WantedSection } from '../model/lay-task.ts';

const pieces = [
  samplePanel('front', 'fold', 9, 20),
  samplePanel('back', 'pair', 12, 20),
  samplePanel('sleeve', 'pair', 8, 14),
  samplePanel('pocket', 'pair', 6, 7),
];
const cloth = sampleCloth();
const task = (sections: readonly WantedSection[], change: Partial<LayTask> = {}): LayTask => ({
  pieces,
  cloth,
  fold: 'mixed',
  sections,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
  ...change,
});
const wanted: readonly WantedSection[] = [
  { fold: 'open', pieces: ['pocket'] },
  { fold: 'cross', pieces: ['sleeve'] },
  { fold: 'half', pieces: ['front', 'back'] },
];

describe('sections that a hand asks for', () => {
  const lay = planForWork(task(wanted), 400);

  test('lie in the order asked for, each with its fold and its own pieces, and are proved', () => {
    expect(checkLay(lay, pieces, cloth)).toEqual([]);
    expect(lay.sections.map(({ fold }) => fold)).toEqual(['open', 'cross', 'half']);
    for (const { piece, section, polygon } of lay.placements) {
      expect(wanted[section]?.pieces).toContain(piece);
      const { minY, maxY } = boxOf(polygon);
      expect(minY).toBeGreaterThanOrEqual((lay.sections[section]?.from ?? NaN) - 0.01);
      expect(maxY).toBeLessThanOrEqual((lay.sections[section]?.to ?? NaN) + 0.01);
    }
    // Pockets are 7 in long, a sleeve by the cross fold twice 14 in, front and back beside each other 20 in.
    expect(lay.length).toBeCloseTo(inches(7 + 28 + 20), 0);
  });

  test('a fold across lies in the middle of its own section', () => {
    const [, across] = lay.sections;
    expect(across && creasesOf(across)[0]?.at).toBeCloseTo(
      ((across?.from ?? NaN) + (across?.to ?? NaN)) / 2,
      6,
    );
  });

  test('are searched in the same way by the same seed, and only ever get shorter', () => {
    expect(planForWork(task(wanted), 400)).toEqual(lay);
    let before = Infinity;
    for (const { work, lay: found } of planLay(task(wanted))) {
      expect(found.length).toBeLessThanOrEqual(before);
      before = found.length;
      if (work > 300) break;
    }
  });

  test('what cannot be is said with its section: a piece too wide, a fold that cuts too many, a section without a piece', () => {
    const why = (sections: readonly WantedSection[], on = cloth) => {
      const obstacle = sectionsObstacle(task(sections, { cloth: on }), sections);
      return obstacle && [obstacle.section, obstacle.finding.code];
    };
    const all = pieces.map(({ id }) => id);
    expect(why(wanted)).toBeUndefined();
    expect(why([{ fold: 'half', pieces: all.slice(1) }])).toEqual([undefined, 'piece-without-section']);
    expect(why([])).toEqual([undefined, 'piece-without-section']);
    expect(why([{ fold: 'half', pieces: all }, { fold: 'open', pieces: [] }])).toEqual([1, 'section-without-piece']); // prettier-ignore
    expect(
      why([
        { fold: 'open', pieces: all.slice(1) },
        { fold: 'two', pieces: ['front'] },
      ]),
    ).toBeUndefined();
    expect(why([{ fold: 'open', pieces: all.slice(0, 3) }, { fold: 'four', pieces: ['pocket'] }])).toEqual([1, 'fold-cuts-too-many']); // prettier-ignore
    expect(why(wanted, { ...cloth, oneWay: true })).toEqual([1, 'nap-forbids-fold']);
    expect(why(wanted, { ...cloth, width: inches(20) })).toEqual([2, 'cloth-too-narrow']);
    expect(why(wanted, { ...cloth, repeat: 90, matched: true })).toEqual([
      undefined,
      'places-forbid-refolding',
    ]);
    expect(layObstacle(task(wanted, { cloth: { ...cloth, oneWay: true } }))?.code).toBe('nap-forbids-fold');
  });
});
