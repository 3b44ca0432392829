import { curveLength, endOf, reverseCurve } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { handleCurve, line } from '../../geometry/segment.ts';
import { makePiece, turnedLoop, type Piece } from '../../pieces/piece.ts';
import { byRule, changed, divided, plus, sum } from '../../workings/working.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { centreEdges, firstDartOut, sideHemDown, zipNotch, type PanelPlan } from './panel.ts';
import { skirtDimensions } from './skirt-dimensions.ts';
import { waistEdges } from '../waist-edges.ts';
import { straightWaist } from '../habit/straight-waist.ts';

export interface HabitPanelPlan extends PanelPlan {
  readonly intake: number;
  readonly dartLength: number;
}

/**
 * A skirt panel as it is chalked by hand: the waist straight across with one dart, the hip's curve drawn to the quarter
 * at the hip line, the side straight on to a level hem.
 */
export function draftHabitPanel(plan: HabitPanelPlan, allowances: Allowances): Piece {
  const top = point(plan.waist + plan.intake, 0);
  const hip = point(plan.hip, plan.hipDepth);
  const hem = point(plan.hip - plan.pegging, sideHemDown(plan));
  const down = point(0, 1);
  const side = [handleCurve(top, down, 0.3 * plan.hipDepth, hip, down, 0.42 * plan.hipDepth), line(hip, hem)];
  const meeting = firstDartOut(plan);
  const dartOut = meeting.mm + plan.intake / 2;
  const waist = straightWaist(
    top,
    0,
    dartOut,
    plan.intake,
    point(dartOut, Math.min(plan.dartLength, 0.8 * plan.hipDepth)),
  );
  const { edges, darts } = waistEdges(waist, allowances.waist);
  const hipAt = curveLength(side.slice(0, 1));
  // Drawn from the side in, as a bodice's waist is; here it is the upper edge.
  const piece = makePiece(
    turnedLoop({
      id: `skirt-${plan.which}`,
      name: `Skirt ${plan.which}`,
      role: 'outer',
      part: 'skirt',
      face: plan.which,
      cut: plan.which === 'front' ? { copies: 1, layers: 'fold' } : { copies: 2, layers: 'pair' },
      grain: down,
      edges: [
        ...edges,
        ...centreEdges(plan, allowances),
        { id: 'hem', role: 'hem', path: [line(point(0, plan.length), hem)], allowance: allowances.hem },
        { id: 'side', role: 'side', path: reverseCurve(side), allowance: allowances.side },
      ],
      notches: [{ edge: 'side', at: curveLength(side) - hipAt, kind: 'single' }, ...zipNotch(plan)],
      darts,
      levels: [
        { name: 'waist', path: [point(0, 0), top] },
        { name: 'hip', path: [point(0, hip.y), hip] },
        { name: 'hem', path: [point(0, plan.length), endOf(side)] },
      ],
      intakes: [{ operation: 'waist dart', level: 'waist', mm: plan.intake }],
    }),
  );
  const rule = plan.which === 'front' ? 'habit.waistDart' : 'habit.backDart';
  const intake = byRule(rule, plan.intake);
  const tipDown = byRule('habit.dartLength', plan.dartLength);
  const tip = Math.min(plan.dartLength, 0.8 * plan.hipDepth);
  const dimensions = skirtDimensions(piece, plan.sums, {
    rise: sum(),
    darts: {
      'waist-dart-1': {
        intake,
        tipOut: sum(plus(meeting), plus(divided(intake, 2))),
        tipDown: changed(tipDown, 'kept', tip - plan.dartLength),
      },
    },
  });
  return { ...piece, dimensions };
}
