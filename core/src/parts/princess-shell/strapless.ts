import { coverageOf, straplessFindings } from '../../checks/coverage.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN } from '../../findings/remedy.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { BodiceChoices, BodiceFrame } from '../../drafting/bodice/frame.ts';
import type { DropPlan, TopShape } from '../../drafting/operations/panels/part-at-level.ts';
import { clamp } from '../../geometry/clamp.ts';
import { endOf, startOf } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import { inches } from '../../units/length.ts';
import type { Named } from '../../checks/rounds.ts';
import { changed, plus, sum, type Working } from '../../workings/working.ts';

/** A top edge all round, as it is chosen; mm. */
export interface StraplessPlan {
  readonly shape: { readonly front: TopShape; readonly back: TopShape };
  /** Down from the start line, over the bust. */
  readonly level: Working;
  /** Fall of a sweetheart, or of a back's V, below that at the centre. */
  readonly dip: { readonly front: Working; readonly back: Working };
  /** Height of the front's edge above the back's. */
  readonly backLower: Working;
  /** End of the edge: below the underarm on the side, or on the armhole at its level. */
  readonly ends: { readonly on: 'side'; readonly down: Working } | { readonly on: 'armhole' };
  readonly allowance: number;
}

/** A top edge as it is chosen, with its ease. */
interface ChosenEdge {
  readonly topEdge: 'straight' | 'sweetheart';
  readonly dip: number;
  readonly easeBust: number;
  readonly easeWaist: number;
}

/** The block that a top edge is drawn on, `size` of an adult's: what lies above the edge is cut away, and drafted on an ordinary round neck. */
export const blockUnder = ({ easeBust, easeWaist }: ChosenEdge, size: number): BodiceChoices => ({
  neckline: 'round',
  darted: true,
  neckWidth: size * inches(3),
  neckDepthFront: size * inches(2.25),
  neckDepthBack: size * inches(0.75),
  easeBust,
  easeWaist,
});

/** Fall of a top edge at the centre, mm: of a sweetheart alone. */
export const dipOf = ({ topEdge, dip }: ChosenEdge): number => (topEdge === 'sweetheart' ? dip : 0);

/** A top edge stays this far above the bust line, mm: seams run from it, and a back's that sags between its ends is still above the line that holds the garment. */
const ABOVE_BUST = inches(1);

/** The lowest level that a top edge can be cut at, in front or behind: clear above the bust line even at its dip, mm down. */
export const lowestTop = ({ bustPoint }: Pick<BodiceFrame, 'bustPoint'>, dip: number): number =>
  bustPoint.y - ABOVE_BUST - dip;

/** An edge that ends on an armhole stays this far from both its ends, mm. */
const ON_ARMHOLE = 15;

/** Range of an edge's end on the armhole: between the tip of the shoulder and the underarm, mm down. */
function onArmhole(panel: Piece, level: Working): Working {
  const { path } = edgeOf(panel, 'armhole');
  const mm = level.mm;
  return changed(level, 'kept', clamp(mm, startOf(path).y + ON_ARMHOLE, endOf(path).y - ON_ARMHOLE) - mm);
}

/** A top edge stays this far below the tip of the shoulder and the neck of the block, mm: it is cut from what lies under them. */
const UNDER_NECK = 12;

/** The highest that a top edge can be cut at, mm down. */
export const highestTop = ({ tips, neckDepth }: Pick<BodiceFrame, 'tips' | 'neckDepth'>): number =>
  Math.max(tips.front.y, tips.back.y, neckDepth.front, neckDepth.back) + UNDER_NECK;

/** A level, drawn at the highest that there is where it lies higher. */
const noHigher = (level: Working, highest: number): Working =>
  changed(level, 'kept', Math.max(0, highest - level.mm));

/** A level, drawn at the lowest that there is where it lies lower. */
const noLower = (level: Working, lowest: number): Working =>
  changed(level, 'kept', Math.min(0, lowest - level.mm));

/** The edges of front and back on a drafted block; a level that lies too low is drawn at the lowest there is. */
export const straplessTops =
  ({ shape, level, dip, backLower, ends, allowance }: StraplessPlan) =>
  (bodice: Bodice): { front: DropPlan; back: DropPlan } => {
    const { bustPoint } = bodice.frame;
    const drawn = noHigher(noLower(level, lowestTop(bodice.frame, dip.front.mm)), highestTop(bodice.frame));
    const back = noLower(sum(plus(drawn), plus(backLower)), lowestTop(bodice.frame, dip.back.mm));
    const end = (panel: Piece, at: Working): DropPlan['end'] =>
      ends.on === 'side' ? ends : { on: 'armhole', level: onArmhole(panel, at) };
    return {
      front: {
        shape: shape.front,
        centre: sum(plus(drawn), plus(dip.front)),
        end: end(bodice.frontBlock, drawn),
        peak: point(bustPoint.x, drawn.mm),
        allowance,
      },
      back: {
        shape: shape.back,
        centre: sum(plus(back), plus(dip.back)),
        end: end(bodice.back, back),
        peak: point(bustPoint.x, back.mm),
        allowance,
      },
    };
  };

/** A top edge as it was chosen, with the choices that set it. */
export interface ChosenTop {
  readonly plan: StraplessPlan;
  readonly level: string;
  readonly backLower: string;
}

/** Stops a top edge that was chosen at or under the bust, in front or behind: it is drawn at the lowest there is. */
export function topTooLow({ frame }: Bodice, { plan, level, backLower }: ChosenTop): Finding[] {
  const lowest = lowestTop(frame, plan.dip.front.mm);
  const asked = plan.level.mm;
  const drawn = Math.min(asked, lowest);
  const mostBelow = lowestTop(frame, plan.dip.back.mm) - drawn;
  const tooLow = (piece: string, choice: string, found: number, expected: number): Finding[] =>
    found <= expected + TYPED_WITHIN
      ? []
      : [
          finding(
            'top-too-low',
            { piece, choice },
            { found, expected, remedy: { kind: 'set-choice', choice, mm: expected } },
          ),
        ];
  return [
    ...tooLow('bodice-front-centre', level, asked, lowest),
    // Where the back's edge would be too low even level with the front's, the level is what must change.
    ...(mostBelow < 0
      ? tooLow('bodice-back-centre', level, drawn, lowestTop(frame, plan.dip.back.mm) - plan.backLower.mm)
      : tooLow('bodice-back-centre', backLower, plan.backLower.mm, mostBelow)),
  ];
}

/** Says where the front's edge, as low as it is drawn, stands low above the bust. */
export const straplessChecks =
  (covering: readonly string[], { frame }: Bodice, { plan, level }: ChosenTop) =>
  (named: Named): Finding[] =>
    straplessFindings(
      coverageOf(covering.map((id) => named(id).piece).filter(({ face }) => face === 'front')),
      level,
      Math.min(plan.level.mm, lowestTop(frame, plan.dip.front.mm)),
    );
