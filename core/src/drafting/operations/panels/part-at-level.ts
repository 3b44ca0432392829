import {
  curveLength,
  endOf,
  lengthWhere,
  nearestOn,
  placeAtLength,
  reverseCurve,
  startOf,
  type Curve,
} from '../../../geometry/curve.ts';
import { distance, point, subtract, unitVector, type Point } from '../../../geometry/point.ts';
import { clamp } from '../../../geometry/clamp.ts';
import { handleCurve, line } from '../../../geometry/segment.ts';
import { carryDimensions, declared, withDimensions } from '../../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../../pieces/dimension.ts';
import {
  centreOf,
  edgeLength,
  edgeOf,
  makePiece,
  roleLength,
  type Edge,
  type Level,
  type Piece,
} from '../../../pieces/piece.ts';
import { changed, drawn, minus, named, plus, sum, type Working } from '../../../workings/working.ts';
import { underarmDown } from '../edges/underarm-down.ts';
import { splitAcross } from './split-across.ts';
import { type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';

/** The shape of a top edge: straight across, or over each breast in a curve to a dip at the centre. */
export type TopShape = 'straight' | 'sweetheart' | 'v';

/** Course of the top edge of a strapless or off-shoulder panel, mm on the half-piece. */
export interface DropPlan {
  /** Down at the centre. */
  readonly centre: Working;
  /** End of the edge: at a level of the armhole, or so far down the side from the underarm. */
  readonly end:
    { readonly on: 'armhole'; readonly level: Working } | { readonly on: 'side'; readonly down: Working };
  readonly shape: TopShape;
  /** Highest place of a sweetheart: over the bust point. */
  readonly peak: Point;
  readonly allowance: number;
}

/** Handles of a sweetheart at its dip and over the breast. The team's drafting study. */
const SWEETHEART = { dip: 0.62, peak: 0.55, outer: 0.4 };

/** The end of a top edge: the point, and the direction in which the edge that it ends on runs there. */
interface Ended {
  readonly point: Point;
  readonly direction: Point;
}

/** An edge rises towards the side by at most this, radians: a steeper one would be longer than the round that it is held to. */
const MOST_RISE = 0.5;

/** Square to the side, as far as that lets it, an edge runs on around the body; into an armhole it runs as it comes. */
function aroundTheSide(side: Point): Point {
  const rise = clamp(Math.atan2(side.x, side.y), -MOST_RISE, MOST_RISE);
  return point(Math.cos(rise), -Math.sin(rise));
}

/** The edge from the centre outwards. */
function topEdge(
  { shape, centre: down, peak, end: { on } }: DropPlan,
  { point: end, direction }: Ended,
): Curve {
  const centre = down.mm;
  const start = point(0, centre);
  const arrivingFrom = (from: Point) =>
    on === 'side' ? aroundTheSide(direction) : unitVector(subtract(end, from));
  switch (shape) {
    case 'straight': {
      const length = distance(start, end);
      return [handleCurve(start, point(1, 0), 0.4 * length, end, arrivingFrom(start), 0.3 * length)];
    }
    case 'v':
      return [line(start, end)];
    case 'sweetheart': {
      const level = point(1, 0);
      const rise = Math.max(1, centre - peak.y);
      return [
        handleCurve(
          start,
          unitVector(point(0.3, -1)),
          SWEETHEART.dip * rise,
          peak,
          level,
          SWEETHEART.peak * peak.x,
        ),
        handleCurve(
          peak,
          level,
          SWEETHEART.outer * (end.x - peak.x),
          end,
          arrivingFrom(peak),
          SWEETHEART.outer * (end.x - peak.x),
        ),
      ];
    }
  }
}

/** The edge stays this far above the bust line at the side, mm: the finished bust is measured below it. */
const ABOVE_BUST = 8;

/** The first stretch of the side: a bust dart may part it. */
function upperSide(panel: Piece): Edge {
  const side = panel.edges.find(({ role }) => role === 'side');
  if (!side) throw new Error(`${panel.id} has no side`);
  return side;
}

function endPlace(panel: Piece, { end }: DropPlan): PlaceOnLoop {
  switch (end.on) {
    case 'armhole': {
      const armhole = edgeOf(panel, 'armhole');
      const at = lengthWhere(armhole.path, 'y', end.level.mm);
      if (at === undefined)
        throw new Error(`${panel.id}: its armhole does not reach the level ${end.level.mm}`);
      return { edge: armhole.id, at };
    }
    case 'side': {
      const side = upperSide(panel);
      const bust = panel.levels.find(({ name }) => name === 'bust')?.path.at(-1);
      const lowest = bust ? nearestOn(side.path, bust).along - ABOVE_BUST : 0.5 * edgeLength(side);
      return { edge: side.id, at: Math.max(0, Math.min(end.down.mm, lowest)) };
    }
  }
}

const isBelow = ({ path }: Level, top: number): boolean => path.every(({ y }) => y > top);

/** A panel parted along a top edge. */
export interface Parted {
  readonly lower: Piece;
  /** The part that was cut away: neck, shoulder and the armhole down to the edge, which closes it as a yoke. */
  readonly upper: Piece;
}

/**
 * Parts a panel along a line across it, from the centre to its armhole or its side. Both parts have the line at one length;
 * what else they have keeps its lengths. The lower loop starts with its top edge, the upper with its neck, each from the centre
 * outwards. Throws for an armhole that the level does not cross.
 */
export function partAtLevel(panel: Piece, plan: DropPlan): Parted {
  const centre = centreOf(panel);
  const down = plan.centre.mm;
  const end = endPlace(panel, plan);
  const ended = placeAtLength(edgeOf(panel, end.edge).path, end.at);
  const path = topEdge(plan, ended);
  const at = curveLength(centre.path) - (down - endOf(centre.path).y);
  const { between, beyond } = splitAcross(panel, end, { edge: centre.id, at });
  const top: Edge = { id: 'top', role: 'top', path, allowance: plan.allowance };
  const lower = makePiece({
    ...panel,
    edges: [top, ...between.edges],
    notches: between.notches,
    levels: panel.levels.filter(
      (level) => level.name !== 'chest' || isBelow(level, Math.max(down, ended.point.y)),
    ),
  });
  const others = beyond.edges.filter(({ id }) => id !== centre.id);
  const neck = others.find(({ role }) => role === 'neck');
  if (!neck) throw new Error(`${panel.id} has no neck above its top edge`);
  // An edge that was chosen above the neck at the centre is closed there all the same; its outline crosses itself, and is stopped.
  const centreAbove = beyond.edges.find(({ id }) => id === centre.id) ?? {
    ...centre,
    path: [line(startOf(path), startOf(neck.path))],
  };
  const upper = makePiece({
    ...panel,
    edges: [...others, { ...top, id: 'yoke', role: 'yoke', path: reverseCurve(path) }, centreAbove],
    notches: beyond.notches,
    darts: [],
    levels: [],
    intakes: [],
  });
  return {
    lower: panel.dimensions
      ? withDimensions(loweredTo(panel, lower, plan), ...topDimensions(panel, lower, plan))
      : lower,
    upper: panel.dimensions ? { ...upper, dimensions: panel.dimensions.filter(isAbove) } : upper,
  };
}

/** Dimensions that a part keeps when it is cut away: those of its neck and its shoulder. */
const isAbove = ({ at }: Dimension): boolean =>
  at.kind === 'corner' || (at.kind === 'run' && at.of === 'shoulder');

/** The part that the side has lost at its top, where the edge ends on it. */
const lessAtSide = (panel: Piece, lower: Piece, { end }: DropPlan): Working | undefined =>
  end.on === 'side'
    ? changed(end.down, 'kept', roleLength(panel, 'side') - roleLength(lower, 'side') - end.down.mm)
    : undefined;

function loweredTo(panel: Piece, lower: Piece, plan: DropPlan): Piece {
  const less = lessAtSide(panel, lower, plan);
  return carryDimensions(panel, lower, ({ at }) =>
    less && at.kind === 'run' && at.of === 'side'
      ? { terms: [minus(less)], change: 'curve' }
      : { change: 'curve' },
  );
}

/** Cut dimensions of a top edge: its depth at the centre and at its end, and its length. */
function topDimensions(panel: Piece, lower: Piece, plan: DropPlan): Dimension[] {
  const less = lessAtSide(panel, lower, plan);
  const outer =
    plan.end.on === 'armhole'
      ? plan.end.level
      : sum(plus(named('underarm, down', underarmDown(panel))), ...(less ? [plus(less)] : []));
  return [
    {
      name: 'top-edge',
      label: 'Top edge',
      kind: 'length',
      at: { kind: 'run', of: 'top' },
      working: drawn('as drawn', roleLength(lower, 'top')),
    },
    {
      name: 'top-centre',
      label: 'Top edge, down at the centre',
      kind: 'down',
      at: { kind: 'corner', of: 'top', end: 'start' },
      working: plan.centre,
      adds: 'top',
    },
    declared(
      lower,
      {
        name: 'top-outer',
        label: 'Top edge, down at its outer end',
        kind: 'down',
        at: { kind: 'corner', of: 'top', end: 'end' },
        working: outer,
        adds: 'top',
      },
      'slant',
    ),
  ];
}
