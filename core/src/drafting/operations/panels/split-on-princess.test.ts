import { describe, expect, test } from '@jest/globals';
import { levelLength } from '../../../pieces/level-width.ts';
import { endDirection, sampleCurve, startDirection } from '../../../geometry/curve.ts';
import { angleBetween } from '../../../geometry/point.ts';
import { countSelfCrossings } from '../../../geometry/ring.ts';
import { usualObservations, type MeasureValues } from '../../../measures/measure-set.ts';
import { edgeLength, edgeOf, roleLength, stitchRing } from '../../../pieces/piece.ts';
import { ruleSet } from '../../../rules/catalogue.ts';
import { middleBody, ordinaryBody } from '../../../testing/bodies.ts';
import { missesBody, missesSizes } from '../../../testing/misses-size-table.ts';
import { inches } from '../../../units/length.ts';
import { allowancesFrom } from '../../../pieces/allowances.ts';
import { draftBodice } from '../../bodice/bodice.ts';
import { resolveBody } from '../../body.ts';
import { splitOnPrincess } from './split-on-princess.ts';

const rules = ruleSet();
function panelsOf(values: MeasureValues) {
  const person = { from: 'neckSide', observations: usualObservations, values } as const;
  const { body } = resolveBody(person, ['height', 'highBust', 'acrossChest', 'acrossBack', 'armhole'], rules);
  const choices = {
    neckline: 'round' as const,
    darted: true,
    neckWidth: inches(3),
    neckDepthFront: inches(3.5),
    neckDepthBack: inches(1.5),
    easeBust: inches(2),
    easeWaist: inches(1.5),
  };
  const bodice = draftBodice(body, choices, rules, allowancesFrom(rules, {}));
  const plan = {
    leaves: { edge: 'armhole', part: 0.42 },
    soften: inches(1.3),
    allowance: inches(0.5),
    tip: bodice.frame.bustPoint,
    sums: { tipOut: bodice.frame.sums.bustOut, half: {} },
  };
  return (['frontBlock', 'back'] as const).map((which) => ({
    block: bodice[which],
    panels: splitOnPrincess(bodice[which], 'waist-dart-1', plan),
  }));
}

const bodies: (readonly [string, MeasureValues])[] = [
  ['a middle body', middleBody],
  ['a full bust', ordinaryBody({ bust: 46, bustToWaist: 8, waistToHipRound: 10, height: 64, cup: 4 })],
  ...missesSizes.map((size) => [`size ${size.size}`, missesBody(size)] as const),
];

describe.each(bodies)('a bodice split on princess lines: %s', (_, values) => {
  const both = panelsOf(values);

  test.each(['front', 'back'])(
    '%s: both edges of the seam are of one length, with a notch on each',
    (which) => {
      const found = both[which === 'front' ? 0 : 1];
      if (!found) throw new Error('no panel');
      const { centre, side } = found.panels;
      const difference = edgeLength(edgeOf(centre, 'princess')) - edgeLength(edgeOf(side, 'princess'));
      expect(Math.abs(difference)).toBeLessThan(0.5);
      for (const piece of [centre, side])
        expect(piece.notches.some(({ edge }) => edge === 'princess')).toBe(true);
    },
  );

  test('all old edges keep their lengths, shared between the panels; the darts are gone into the seam', () => {
    for (const { block, panels } of both) {
      const { centre, side } = panels;
      for (const role of ['neck', 'shoulder', 'armhole', 'side'] as const)
        expect(roleLength(centre, role) + roleLength(side, role)).toBeCloseTo(roleLength(block, role), 6);
      // Truing slides the foot of the side panel along its leg: the waist follows within a tenth of a millimetre.
      const waists = roleLength(centre, 'waist') + roleLength(side, 'waist');
      expect(Math.abs(waists - roleLength(block, 'waist'))).toBeLessThan(0.1);
      expect([...centre.darts, ...side.darts]).toEqual([]);
      expect(roleLength(centre, 'dart') + roleLength(side, 'dart')).toBe(0);
    }
  });

  test('the side of the side panel is one edge again, smooth where its dart was closed, its notch still as high', () => {
    const [front] = both;
    if (!front) throw new Error('no front');
    const { block, panels } = front;
    const { path } = edgeOf(panels.side, 'side');
    path.slice(1).forEach((segment, index) => {
      const before = path[index];
      if (before)
        expect(Math.abs(angleBetween(endDirection([before]), startDirection([segment])))).toBeLessThan(0.02);
    });
    const above = (piece: typeof block): number => {
      const sides = piece.edges.filter(({ role }) => role === 'side');
      const notch = piece.notches.find(({ edge }) => sides.some(({ id }) => id === edge));
      const index = sides.findIndex(({ id }) => id === notch?.edge);
      return sides.slice(0, index).reduce((sum, edge) => sum + edgeLength(edge), 0) + (notch?.at ?? NaN);
    };
    expect(above(panels.side)).toBeCloseTo(above(block), 6);
  });

  test('no outline crosses itself, and no corner is left on the way past the bust point', () => {
    for (const { panels } of both)
      for (const piece of [panels.centre, panels.side]) {
        expect(countSelfCrossings(stitchRing(piece))).toBe(0);
        const path = edgeOf(piece, 'princess').path;
        path.slice(1).forEach((segment, index) => {
          const before = path[index];
          if (before)
            expect(Math.abs(angleBetween(endDirection([before]), startDirection([segment])))).toBeLessThan(
              0.02,
            );
        });
        expect(sampleCurve(path, 0.5).length).toBeGreaterThan(5);
      }
  });

  test('the width at the bust line is what it was, less what rounding took', () => {
    const [front] = both;
    if (!front) throw new Error('no front');
    const of = (piece: typeof front.block) =>
      levelLength(piece.levels.find(({ name }) => name === 'bust')?.path ?? []);
    const { centre, side, lost } = front.panels;
    expect(of(centre) + of(side) + lost).toBeCloseTo(of(front.block), 0);
    expect(lost).toBeGreaterThan(-2);
    expect(lost).toBeLessThan(25);
  });
});

test('a waist without a dart is split on a line through the tip: a dart of no width', () => {
  const straight = ordinaryBody({ bust: 38, bustToWaist: 0.5, waistToHipRound: 3, height: 66, cup: 2 });
  const [, back] = panelsOf(straight);
  if (!back) throw new Error('no back');
  expect(back.block.darts).toEqual([]);
  const { centre, side } = back.panels;
  const waists = roleLength(centre, 'waist') + roleLength(side, 'waist');
  expect(Math.abs(waists - roleLength(back.block, 'waist'))).toBeLessThan(0.1);
  const [a, b] = [edgeLength(edgeOf(centre, 'princess')), edgeLength(edgeOf(side, 'princess'))];
  expect(Math.abs(a - b)).toBeLessThan(0.01);
});
