import { finding, type Finding } from '../../../findings/finding.ts';
import {
  curveLength,
  endOf,
  placeAtLength,
  sampleCurve,
  startOf,
  type Curve,
} from '../../../geometry/curve.ts';
import { clamp } from '../../../geometry/clamp.ts';
import { distance, point, quarterTurn, type Point } from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';
import {
  edgeLength,
  edgeOf,
  makePiece,
  OUTLINE_TOLERANCE,
  roleLength,
  type Dart,
  type Edge,
  type EdgeRole,
  type Piece,
} from '../../../pieces/piece.ts';
import { inches } from '../../../units/length.ts';
import { movePiece } from '../../../pieces/move-piece.ts';
import { carryDimensions, withDimensions, workingOf } from '../../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../../pieces/dimension.ts';
import {
  changed,
  drawn,
  edgeOfPiece,
  minus,
  named,
  plus,
  sum,
  type Working,
} from '../../../workings/working.ts';
import { underarmDown } from '../edges/underarm-down.ts';
import { copyInto } from './copy-into.ts';
import { shortenDart } from '../darts/shorten-dart.ts';
import { reversedEdge, splitAcross, type Part } from '../panels/split-across.ts';
import { underarmOf } from '../../../pieces/underarm.ts';

/** Depth of a facing below the neck and below the underarm, and the allowance that joins it to the lining; mm. */
export interface FacingPlan {
  readonly centreDepth: Working;
  readonly sideDepth: Working;
  readonly allowance: number;
}

/** A bodice piece parted at the facing's inner edge: the facing above it, the lining below. */
export interface FacedPiece {
  readonly facing: Piece;
  readonly lining: Piece;
  readonly findings: readonly Finding[];
}

/** The inner edge leaves the side and the centre square, so that it runs on across both, and bends between; parts of the width. */
const BEND = { side: 0.3, centre: 0.45 };
/** A lining's dart stays this far below the facing, mm: a dart sewn into the join makes a lump. */
const DART_CLEAR = inches(0.5);
/** A facing is at least this deep at the neck, mm; common practice. */
const LEAST_FACING = inches(1);
/**
 * The facing goes down at most this part of the side above a bust dart, and leaves the lining so much of it, mm, as far as the
 * least part lets it: its edge bows down on its way to the centre.
 */
const MOST_OF_SIDE = 0.7;
const LEFT_OF_SIDE = inches(0.75);
const LEAST_OF_SIDE = 0.3;

/** Greatest depth of a facing at the side of all pieces that meet there, mm. */
export function facingSideDepth(pieces: readonly Piece[], wanted: Working): Working {
  const most = Math.min(
    ...pieces.map((piece) => {
      const above = edgeLength(underarmOf(piece).side);
      return clamp(above - LEFT_OF_SIDE, LEAST_OF_SIDE * above, MOST_OF_SIDE * above);
    }),
  );
  return changed(wanted, 'kept', Math.min(0, most - wanted.mm));
}

function innerEdge(side: Edge, centre: Edge, plan: FacingPlan): { edge: Edge; centreAt: number } {
  const leaving = placeAtLength(side.path, plan.sideDepth.mm);
  const centreAt = curveLength(centre.path) - plan.centreDepth.mm;
  const { point: arriving } = placeAtLength(centre.path, centreAt);
  const width = leaving.point.x - arriving.x;
  const path = [
    handleCurve(
      leaving.point,
      quarterTurn(leaving.direction),
      BEND.side * width,
      arriving,
      point(-1, 0),
      BEND.centre * width,
    ),
  ];
  return { edge: { id: 'inner', role: 'inner', path, allowance: plan.allowance }, centreAt };
}

/** Intrusion of the tip of a dart above, or not clear below, the facing's inner edge, mm; 0 when it is clear. */
function intrusion(tip: Point, inner: Curve): number {
  const points = sampleCurve(inner, OUTLINE_TOLERANCE);
  const nearest = Math.min(...points.map((p) => distance(p, tip)));
  const above = points.some((p, index) => {
    const next = points[index + 1];
    if (!next || p.x < tip.x === next.x < tip.x) return false;
    return tip.y < p.y + ((next.y - p.y) * (tip.x - p.x)) / (next.x - p.x);
  });
  return above ? nearest + DART_CLEAR : Math.max(0, DART_CLEAR - nearest);
}

const tipOf = (piece: Piece, dart: Dart): Point => endOf(edgeOf(piece, dart.legs[0]).path);

/** Halvings after which a dart is as short as it must be, to less than a thousandth of a mm. */
const HALVINGS = 20;

/** The lining's darts pulled back below the join, no further than they must; one that no shortening clears as short as it can be. */
function clearDarts(piece: Piece, inner: Curve): Piece {
  return piece.darts.reduce((before, dart) => {
    const pulled = (by: number): Piece => shortenDart(before, dart.id, drawn('clear of the facing', by));
    const isClear = (by: number): boolean => intrusion(tipOf(pulled(by), dart), inner) === 0;
    if (isClear(0)) return before;
    let [crossing, clear] = [0, edgeLength(edgeOf(before, dart.legs[0]))];
    if (!isClear(clear)) return pulled(clear);
    for (let step = 0; step < HALVINGS; step++) {
      const middle = (crossing + clear) / 2;
      if (isClear(middle)) clear = middle;
      else crossing = middle;
    }
    return pulled(clear);
  }, piece);
}

/** The lining of a piece below its facing. */
function liningBelow(piece: Piece, lower: Part, inner: Edge, plan: FacingPlan): Piece {
  const copied = copyInto(piece, 'lining');
  const lined = makePiece({
    ...copied,
    edges: [...lower.edges, reversedEdge(inner)],
    notches: lower.notches,
    levels: piece.levels.filter(({ path }) => liesBelow(path, inner.path)),
  });
  return carryDimensions(copied, lined, ({ name, at }) => {
    // Where the bodice's chest line and bust point lie is not set out again on its lining.
    if (name === 'bust-line' || name === 'bust-point' || name === 'chest-line' || name === 'underarm')
      return undefined;
    return at.kind === 'run' && at.of === 'side'
      ? { terms: [minus(plan.sideDepth)], change: 'curve' }
      : { change: 'curve' };
  });
}

/**
 * Parts a bodice piece along a facing's inner edge. The facing keeps neck, shoulder and armhole as they are, so that it
 * sews to them edge to edge; the lining keeps the rest, with its start line where the facing ends at the centre. Side seams must be parted at one depth: see facingSideDepth.
 */
export function faceBodice(piece: Piece, which: 'front' | 'back', plan: FacingPlan): FacedPiece {
  const { side } = underarmOf(piece);
  const centre = edgeOf(piece, `centre-${which}`);
  const most = MOST_OF_SIDE * edgeLength(centre) - plan.centreDepth.mm;
  const depth = changed(plan.centreDepth, 'kept', Math.min(0, most));
  const { edge: inner, centreAt } = innerEdge(side, centre, { ...plan, centreDepth: depth });
  const { between: lower, beyond: upper } = splitAcross(
    piece,
    { edge: side.id, at: plan.sideDepth.mm },
    { edge: centre.id, at: centreAt },
  );
  const cut = makePiece({
    ...piece,
    id: `facing-${which}`,
    name: `Facing ${which}`,
    part: 'facing',
    edges: [...upper.edges, inner],
    notches: upper.notches,
    darts: [],
    contours: [],
    levels: [],
    intakes: [],
  });
  const facing: Piece = {
    ...cut,
    dimensions: facingDimensions(cut, piece, { ...plan, centreDepth: depth }),
  };
  const lining = clearDarts(liningBelow(piece, lower, inner, plan), inner.path);
  const top = endOf(inner.path);
  const above = named('facing above', innerDown(piece, depth, top.y));
  const crossing = lining.darts.filter((dart) => intrusion(tipOf(lining, dart), inner.path) > DART_CLEAR);
  return {
    facing,
    lining: withDimensions(
      shiftedUp(lining, top.y, above),
      innerSide(piece, plan, startOf(inner.path).y - top.y, above),
    ),
    findings: crossing.map((dart) =>
      finding(
        'facing-meets-dart',
        { piece: lining.id, choice: which === 'front' ? 'neckDepthFront' : 'neckDepthBack' },
        {
          remedy: {
            kind: 'set-rule',
            rule: 'facing.depth',
            value: Math.max(LEAST_FACING, depth.mm - intrusion(tipOf(lining, dart), inner.path)),
          },
        },
      ),
    ),
  };
}

/** Depth of the facing's inner edge at the centre: below the neck by its own. */
const innerDown = (piece: Piece, depth: Working, mm: number): Working => {
  const neck = workingOf(piece, 'neck-depth');
  return neck ? sum(plus(named('neck, down', neck)), plus(depth)) : drawn('facing', mm);
};

/** A lining moved up, so that its start line lies where its facing ends at the centre. */
const shiftedUp = (lining: Piece, by: number, above: Working): Piece =>
  carryDimensions(lining, movePiece(lining, point(0, -by)), ({ kind }) =>
    kind === 'down' ? { terms: [minus(above)], change: 'curve' } : { change: 'curve' },
  );

/** Depth of the facing on the side, below the underarm. */
const sideDown = (piece: Piece, { sideDepth }: FacingPlan): Working =>
  sum(plus(named('underarm, down', underarmDown(piece))), plus(sideDepth));

/** The corner of lining and facing at the side, from the lining's own start line. */
function innerSide(piece: Piece, plan: FacingPlan, mm: number, above: Working): Dimension {
  const working = sum(plus(sideDown(piece, plan)), minus(above));
  return {
    name: 'inner-side',
    label: 'Edge to the facing, down at the side',
    kind: 'down',
    at: { kind: 'corner', of: 'inner', end: 'end' },
    working: changed(working, 'slant', mm - working.mm),
  };
}

/** The edges that a facing shares with its bodice piece, by what a cutter calls them. */
const shared: { readonly [role in EdgeRole]?: string } = {
  neck: 'Neck edge',
  armhole: 'Armhole edge',
  shoulder: 'Shoulder seam',
};

/** A facing is chalked along its bodice piece; what remains to be measured is its depth and where it joins the lining. */
function facingDimensions(facing: Piece, piece: Piece, plan: FacingPlan): Dimension[] {
  const inner = edgeOf(facing, 'inner').path;
  const [side, centre] = [startOf(inner), endOf(inner)];
  const sideWorking = sideDown(piece, plan);
  const edges = (Object.keys(shared) as EdgeRole[]).map((role): Dimension => ({
    name: `${role}-edge`,
    label: shared[role] ?? role,
    kind: 'length',
    at: { kind: 'run', of: role },
    working: edgeOfPiece(piece.name, role, roleLength(piece, role)),
  }));
  return [
    {
      name: 'depth-centre',
      label: 'Deep at the centre, stitch to stitch',
      kind: 'length',
      at: { kind: 'between', from: 'neck', to: 'inner' },
      working: plan.centreDepth,
    },
    {
      name: 'depth-side',
      label: 'Deep at the side, stitch to stitch',
      kind: 'length',
      at: { kind: 'run', of: 'side' },
      working: plan.sideDepth,
    },
    {
      name: 'inner-centre',
      label: 'Inner edge, down at the centre',
      kind: 'down',
      at: { kind: 'corner', of: 'inner', end: 'end' },
      working: innerDown(piece, plan.centreDepth, centre.y),
    },
    {
      name: 'inner-side',
      label: 'Inner edge, down at the side',
      kind: 'down',
      at: { kind: 'corner', of: 'inner', end: 'start' },
      working: changed(sideWorking, 'slant', side.y - sideWorking.mm),
    },
    ...edges,
    {
      name: 'inner-edge',
      label: 'Edge to the lining',
      kind: 'length',
      at: { kind: 'run', of: 'inner' },
      working: drawn('as drawn', curveLength(inner)),
    },
  ];
}

/** Whether a level line lies on the lining: below the inner edge at the centre and at the side. */
function liesBelow(path: readonly Point[], inner: Curve): boolean {
  const [centre, side] = [path[0], path.at(-1)];
  return !!centre && !!side && centre.y > endOf(inner).y && side.y > startOf(inner).y;
}
