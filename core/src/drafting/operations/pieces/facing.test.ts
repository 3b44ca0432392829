import { describe, expect, test } from '@jest/globals';
import { necklineShapes, type NecklineShape } from '../../bodice/neckline.ts';
import { draftBodice } from '../../bodice/bodice.ts';
import { resolveBody } from '../../body.ts';
import { allowancesFrom } from '../../../pieces/allowances.ts';
import { endDirection, endOf, sampleCurve, startDirection } from '../../../geometry/curve.ts';
import { countSelfCrossings } from '../../../geometry/ring.ts';
import { distance, dot } from '../../../geometry/point.ts';
import { usualObservations, type MeasureValues } from '../../../measures/measure-set.ts';
import { edgeLength, edgeOf, roleLength, stitchRing, type Piece } from '../../../pieces/piece.ts';
import { ruleSet } from '../../../rules/catalogue.ts';
import { middleBody, ordinaryBody } from '../../../testing/bodies.ts';
import { inches } from '../../../units/length.ts';
import { faceBodice, facingSideDepth } from './facing.ts';
import { plainLength } from '../../../testing/plain-length.ts';

const rules = ruleSet();
function bodiceOf(values: MeasureValues, neckline: NecklineShape = 'round', neckDepthFront = inches(3.5)) {
  const person = { from: 'neckSide', observations: usualObservations, values } as const;
  const { body } = resolveBody(person, ['highBust'], rules);
  const choices = {
    neckline,
    darted: true,
    neckWidth: inches(3),
    neckDepthFront,
    neckDepthBack: inches(1.5),
    easeBust: inches(2),
    easeWaist: inches(1.5),
  };
  return draftBodice(body, choices, rules, allowancesFrom(rules, {}));
}
const plan = (pieces: readonly Piece[]) => ({
  centreDepth: plainLength(inches(2.5)),
  sideDepth: facingSideDepth(pieces, plainLength(inches(2))),
  allowance: inches(0.5),
});

describe.each(Object.keys(necklineShapes) as NecklineShape[])('a facing of a %s neckline', (shape) => {
  const bodice = bodiceOf(middleBody, shape);
  const own = plan([bodice.front, bodice.back]);
  const { facing, lining, findings } = faceBodice(bodice.front, 'front', own);

  test('keeps neck, shoulder and armhole as the bodice has them, so that it sews to them edge to edge', () => {
    for (const role of ['neck', 'shoulder', 'armhole'] as const)
      expect(roleLength(facing, role)).toBeCloseTo(roleLength(bodice.front, role), 6);
  });

  test('and its lining part the side between them, and meet on edges of one length', () => {
    expect(roleLength(facing, 'side') + roleLength(lining, 'side')).toBeCloseTo(
      roleLength(bodice.front, 'side'),
      6,
    );
    expect(roleLength(facing, 'side')).toBeCloseTo(own.sideDepth.mm, 6);
    expect(edgeLength(edgeOf(facing, 'inner'))).toBeCloseTo(edgeLength(edgeOf(lining, 'inner')), 6);
  });

  test('leaves the fold square, crosses nothing, and takes no dart along', () => {
    const inner = edgeOf(facing, 'inner').path;
    const [start, end] = [startDirection(inner), endDirection(inner)];
    expect(Math.abs(dot(end, { x: 0, y: 1 })) < 1e-6 || Math.abs(dot(start, { x: 0, y: 1 })) < 1e-6).toBe(
      true,
    );
    for (const piece of [facing, lining]) expect(countSelfCrossings(stitchRing(piece))).toBe(0);
    expect(facing.darts).toEqual([]);
    expect(lining.darts.map(({ id }) => id)).toEqual(bodice.front.darts.map(({ id }) => id));
    expect(findings).toEqual([]);
  });
});

describe('how deep a facing can be', () => {
  test('the side depth leaves the lining a good part of the side above a bust dart', () => {
    const { front, back } = bodiceOf(middleBody);
    const upper = edgeLength(edgeOf(front, 'side-upper'));
    expect(facingSideDepth([front, back], plainLength(inches(20))).mm).toBeCloseTo(0.7 * upper, 6);
    expect(facingSideDepth([front, back], plainLength(inches(1))).mm).toBe(inches(1));
  });

  test('under a deep neck the lining’s darts are pulled half an inch clear of the join', () => {
    const full = ordinaryBody({ bust: 40, bustToWaist: 12, waistToHipRound: 12, height: 62, cup: 3 });
    const { front, back } = bodiceOf(full, 'v', inches(9));
    const sideDepth = facingSideDepth([front, back], plainLength(inches(0.75)));
    const deep = { ...plan([front, back]), sideDepth, centreDepth: plainLength(inches(5)) };
    const { lining, findings } = faceBodice(front, 'front', deep);
    const inner = sampleCurve(edgeOf(lining, 'inner').path, 0.5);
    expect(findings).toEqual([]);
    expect(lining.darts.length).toBeGreaterThan(0);
    for (const { legs } of lining.darts) {
      const tip = endOf(edgeOf(lining, legs[0]).path);
      expect(Math.min(...inner.map((p) => distance(p, tip)))).toBeGreaterThan(inches(0.5) - 0.5);
      expect(edgeLength(edgeOf(lining, legs[0]))).toBeCloseTo(edgeLength(edgeOf(lining, legs[1])), 6);
    }
  });

  test('the lining starts where the facing ends at the centre, and is cut from its own cloth', () => {
    const { front, back } = bodiceOf(middleBody);
    const { lining } = faceBodice(front, 'front', plan([front, back]));
    expect(lining.role).toBe('lining');
    expect(
      Math.min(
        ...stitchRing(lining)
          .filter(({ x }) => x < 1)
          .map(({ y }) => y),
      ),
    ).toBeCloseTo(0, 3);
  });
});
