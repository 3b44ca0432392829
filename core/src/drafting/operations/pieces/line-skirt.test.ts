import { describe, expect, test } from '@jest/globals';
import { countSelfCrossings } from '../../../geometry/ring.ts';
import { edgesWithRole, roleLength, stitchRing, type Piece } from '../../../pieces/piece.ts';
import { draftInput, middleBody } from '../../../testing/bodies.ts';
import { inches } from '../../../units/length.ts';
import { lineSkirt } from './line-skirt.ts';
import { plainLength } from '../../../testing/plain-length.ts';
import { fittedDress } from '../../../styles/fitted-dress.ts';
import { recipeOf } from '../../../styles/recipe-book.ts';

const { pieces } = recipeOf(fittedDress).draft(draftInput(middleBody, { slit: inches(8) }));
const panelOf = (id: string): Piece => {
  const found = pieces.find(({ piece }) => piece.id === id)?.piece;
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const plan = { shorter: plainLength(inches(2)), hemAllowance: 0, centreAllowance: inches(1) };
const centreLength = (piece: Piece): number =>
  (['fold', 'centre', 'slit'] as const).reduce((sum, role) => sum + roleLength(piece, role), 0);

describe.each(['skirt-front', 'skirt-back'])('the lining of %s', (id) => {
  const panel = panelOf(id);
  const lining = lineSkirt(panel, plan);

  test('is as much shorter as was asked, at the centre and at the side', () => {
    expect(centreLength(panel) - centreLength(lining)).toBeCloseTo(plan.shorter.mm, 6);
    expect(roleLength(panel, 'side') - roleLength(lining, 'side')).toBeCloseTo(plan.shorter.mm, 6);
  });

  test('keeps the waist with its darts, and has a hem of its own allowance', () => {
    expect(roleLength(lining, 'waist')).toBeCloseTo(roleLength(panel, 'waist'), 9);
    expect(lining.darts).toEqual(panel.darts);
    expect(edgesWithRole(lining, 'hem').map(({ allowance }) => allowance)).toEqual([0]);
    expect(countSelfCrossings(stitchRing(lining))).toBe(0);
  });

  test('stays open where the outer has its slit', () => {
    for (const { allowance } of edgesWithRole(lining, 'slit')) expect(allowance).toBe(plan.centreAllowance);
    expect(edgesWithRole(lining, 'slit').length).toBe(edgesWithRole(panel, 'slit').length);
  });
});

test('a lining cannot be shorter than there is skirt', () => {
  expect(() => lineSkirt(panelOf('skirt-front'), { ...plan, shorter: plainLength(inches(90)) })).toThrow(
    'does not reach',
  );
});
