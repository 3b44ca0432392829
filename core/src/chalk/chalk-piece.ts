import { curveLength, endOf, placeAtLength, sampleCurve, startOf, type Curve } from '../geometry/curve.ts';
import { circleThrough } from '../geometry/circle-through.ts';
import { distance, point, subtract, type Point } from '../geometry/point.ts';
import { boxOf } from '../geometry/ring.ts';
import type { Cloth } from '../lay/model/cloth.ts';
import { chalkedPlacements, type Lay } from '../lay/model/lay.ts';
import { cutWith } from '../lay/model/pinned.ts';
import { edgesUnderRoofs } from '../pieces/dart-roof.ts';
import { offsetEdge } from '../pieces/cut-line.ts';
import { contourIntake } from '../pieces/contour-dart.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { isChalked, levelKinds } from '../pieces/level.ts';
import {
  edgeOf,
  clothRoles,
  levelDown,
  OUTLINE_TOLERANCE,
  type Edge,
  type Notch,
  type Piece,
} from '../pieces/piece.ts';
import type { ChalkManner } from './chalk-manner.ts';
import { chalkOrigin } from './chalk-origin.ts';
import { cornersOf, curvePoints, fairRuns, isStraight } from './curve-points.ts';
import { cutPiece } from './cut-piece.ts';
import { fromEnd } from './from-end.ts';
import type { Mark, PointName, UnorderedMark } from './mark.ts';
import { placeMarks, type PlacedOnCloth } from './place-marks.ts';

export interface ChalkOptions extends ChalkManner {
  /** Places on the cloth of the copies that are chalked, once a lay is chosen. */
  readonly placed?: readonly PlacedOnCloth[];
  /** It lies pinned under the piece that is its template, and is cut with it. */
  readonly pinned?: boolean;
}

function pointMarks(piece: Piece, origin: Point): UnorderedMark[] {
  const mark = (name: PointName, p: Point): UnorderedMark => ({
    kind: 'point',
    name,
    down: p.y - origin.y,
    out: p.x - origin.x,
    points: [p],
  });
  const neck = piece.edges.find(({ role }) => role === 'neck');
  const top = piece.edges.find(({ role }) => role === 'top');
  const front = piece.edges.find(({ role }) => role === 'front');
  const shoulder = piece.edges.find(({ role }) => role === 'shoulder');
  const armhole = piece.edges.find(({ role }) => role === 'armhole');
  const hasChest = piece.levels.some(({ name }) => name === 'chest');
  const inner = piece.edges.find(({ role }) => role === 'inner');
  const slit = piece.edges.find(({ role }) => role === 'slit');
  const bustLine = piece.levels.find(({ name, path }) => name === 'bust' && path.length > 2)?.path[1];
  const toSeam =
    piece.edges.some(({ role }) => role === 'princess') && !piece.edges.some(({ role }) => role === 'side');
  const isWhole = piece.cut.layers === 'single';
  const ends = piece.levels.filter(isChalked).flatMap(({ name, path }) => {
    const [start, end] = [path[0], path.at(-1)];
    const called = levelKinds[name][toSeam ? 'atSeam' : 'atSide'].point;
    // The levels of a piece that was opened flat start at its other side.
    return [...(start && isWhole ? [start] : []), ...(end ? [end] : [])].map((p) => mark(called, p));
  });
  const named = [
    ...(front ? [mark('front-top', endOf(front.path)), mark('front-foot', startOf(front.path))] : []),
    ...(neck ? [mark('neck-centre', startOf(neck.path)), mark('neck-point', endOf(neck.path))] : []),
    ...(top ? [mark('top-start', startOf(top.path)), mark('top-end', endOf(top.path))] : []),
    ...(shoulder ? [mark('shoulder-tip', endOf(shoulder.path))] : []),
    ...(bustLine ? [mark('bust-point', bustLine)] : []),
    ...ends,
    ...(armhole && !hasChest && piece.part !== 'sleeve'
      ? [mark(toSeam ? 'seam-armhole' : 'underarm', endOf(armhole.path))]
      : []),
    ...(armhole && piece.levels.some(({ name }) => name === 'upperArm')
      ? [mark('cap-top', endOf(armhole.path))]
      : []),
    ...(inner ? innerMarks(inner, mark) : []),
    ...(slit ? [mark('slit-top', highest(slit))] : []),
  ];
  const corners = cornerMarks(piece).map(({ at, meet }) => ({ ...mark('corner', at), meet }));
  return [...eachOnce([...named, ...corners]), ...(piece.buttons ?? []).map((at) => mark('button', at))];
}

/** Nearer to each other than this two marks are one to the chalk, mm. */
const SAME_POINT = 1;

/** Two edges that meet may both ask for their corner: it is marked once, by the name that comes first. */
const eachOnce = (marks: readonly UnorderedMark[]): UnorderedMark[] =>
  marks.filter(
    ({ points: [p] }, index) =>
      !marks.slice(0, index).some(({ points: [q] }) => p && q && distance(p, q) < SAME_POINT),
  );

/** Corners inside an edge, and the ends of straight edges: a line is drawn between two marks, so that both must be there. */
const cornerMarks = ({ edges }: Piece): { readonly at: Point; readonly meet: readonly string[] }[] =>
  edges.flatMap((edge, index) => {
    const next = edges[(index + 1) % edges.length] ?? edge;
    const isDrawn = ({ role }: Edge) => role !== 'fold' && role !== 'dart';
    const isRuled = (each: Edge, run: Curve | undefined) =>
      isDrawn(each) && run !== undefined && isStraight(run);
    const inside = isDrawn(edge) ? cornersOf(edge.path).map((at) => ({ at, meet: [edge.id] })) : [];
    return isRuled(edge, fairRuns(edge.path).at(-1)) || isRuled(next, fairRuns(next.path)[0])
      ? [...inside, { at: endOf(edge.path), meet: [edge.id, next.id] }]
      : inside;
  });

/** The end of an edge that lies nearer to the start line. */
const highest = ({ path }: Edge): Point => (startOf(path).y < endOf(path).y ? startOf(path) : endOf(path));

/** Corners of the facing's inner edge with the centre and the side. */
function innerMarks({ path }: Edge, mark: (name: PointName, p: Point) => UnorderedMark): UnorderedMark[] {
  const [centre, side] = [startOf(path), endOf(path)].sort((a, b) => a.x - b.x);
  return centre && side ? [mark('inner-centre', centre), mark('inner-side', side)] : [];
}

/** An edge this near to a circle all along was drawn as an arc, mm. */
const ON_CIRCLE = 0.02;
/** An arc that turns by less is drawn by its marks, radians. */
const LEAST_TURN = 0.2;
/** A tape is swung no further than this, mm. */
const LONGEST_SWING = 1600;

/** The point that a tape is swung from along an edge that is sewn along an arc, and how far the line that is chalked lies from it. */
function swingOf(stitched: Edge | undefined, chalked: readonly Point[], origin: Point) {
  const circle = stitched && circleThrough(sampleCurve(stitched.path, OUTLINE_TOLERANCE), ON_CIRCLE);
  const middle = chalked[Math.floor(chalked.length / 2)];
  if (!circle || !middle || circle.radius > LONGEST_SWING) return undefined;
  if (curveLength(stitched.path) / circle.radius < LEAST_TURN) return undefined;
  const { x, y } = subtract(circle.centre, origin);
  return { radius: distance(middle, circle.centre), down: y, out: x };
}

/** The slopes and curves of the line that is chalked, each from corner to corner. */
function edgeMarks(chalked: Piece, stitched: Piece, origin: Point): UnorderedMark[] {
  const drawn = chalked.edges.filter(({ role }) => role !== 'fold' && role !== 'dart');
  const runs = drawn.flatMap(({ id, path }) => {
    // Beside a corner that is cut blunt an edge may have a stretch of no length.
    const fair = fairRuns(path).filter((run) => curveLength(run) > SAME_POINT);
    return fair.map((run) => ({ edge: id, run, isWhole: fair.length === 1 }));
  });
  const slopes = runs
    .filter(({ run }) => isStraight(run))
    .map(({ edge, run }): UnorderedMark => ({
      kind: 'slope',
      edge,
      mm: curveLength(run),
      points: [startOf(run), endOf(run)],
    }));
  const curves = runs
    .filter(({ run }) => !isStraight(run))
    .map(({ edge, run, isWhole }): UnorderedMark => {
      const points = curvePoints(run);
      const sewn = isWhole ? stitched.edges.find(({ id }) => id === edge) : undefined;
      const swing = swingOf(sewn, points, origin);
      return { kind: 'curve', edge, mm: curveLength(run), ...(swing && { swing }), points };
    });
  return [...slopes, ...curves];
}

function dartMarks(piece: Piece, origin: Point, line: ChalkManner['line']): UnorderedMark[] {
  const contours = (piece.contours ?? []).map((dart): UnorderedMark => ({
    kind: 'dart',
    dart: dart.id,
    intake: contourIntake(dart),
    down: dart.top.y - origin.y,
    out: dart.top.x - origin.x,
    foot: dart.bottom.y - origin.y,
    points: [dart.top, dart.outer, dart.bottom, dart.inner, dart.top],
  }));
  const inEdges = piece.darts.map((dart): UnorderedMark => {
    const [first, second] = [edgeOf(piece, dart.legs[0]).path, edgeOf(piece, dart.legs[1]).path];
    const tip = endOf(first);
    return {
      kind: 'dart',
      dart: dart.id,
      intake: distance(startOf(first), endOf(second)),
      down: tip.y - origin.y,
      out: tip.x - origin.x,
      // The cut line has the roof in it already.
      ...(line === 'stitch' && { pressed: dart.pressed }),
      points: [startOf(first), tip, endOf(second)],
    };
  });
  return [...inEdges, ...contours];
}

/** The line that was not chalked by its points, told by its distance from the one that was. */
function allowanceMarks(piece: Piece, line: ChalkManner['line']): UnorderedMark[] {
  const roles = [...new Set(piece.edges.filter(({ allowance }) => allowance > 0).map(({ role }) => role))];
  return roles.flatMap((role): UnorderedMark[] => {
    const edges = edgesUnderRoofs(piece).filter((edge) => edge.role === role);
    const [first] = edges;
    if (!first) return [];
    const points =
      line === 'stitch'
        ? edges.flatMap(offsetEdge)
        : edges.flatMap(({ path }) => sampleCurve(path, OUTLINE_TOLERANCE));
    const { allowance: mm, later } = first;
    return [
      {
        kind: 'allowance',
        side: line === 'stitch' ? 'outside' : 'inside',
        role,
        mm,
        ...(later && { later }),
        points,
      },
    ];
  });
}

/** Lines inside the piece, each through as many marks as its bend asks. */
const lineMarks = ({ lines = [] }: Piece): UnorderedMark[] =>
  lines.map(({ label, path }): UnorderedMark => ({
    kind: 'line',
    label,
    mm: curveLength(path),
    points: isStraight(path) ? [startOf(path), endOf(path)] : curvePoints(path),
  }));

/** Notches as they come around the piece, so that a hand goes around it once. */
const notchesInOrder = ({ edges, notches }: Piece): Notch[] => {
  const place = (id: string) => edges.findIndex((edge) => edge.id === id);
  return [...notches].sort((a, b) => place(a.edge) - place(b.edge) || a.at - b.at);
};

const notchMarks = (piece: Piece): UnorderedMark[] =>
  notchesInOrder(piece).map((notch): UnorderedMark => ({
    kind: 'notch',
    edge: notch.edge,
    notch: notch.kind,
    ...(notch.marks && { marks: notch.marks }),
    ...fromEnd(edgeOf(piece, notch.edge), notch.at),
    points: [placeAtLength(edgeOf(piece, notch.edge).path, notch.at).point],
  }));

/**
 * What to chalk for one piece, in the order of the trade: start line, levels, widths, slopes, curves, darts,
 * allowances, notches, and the label before the next piece is touched. A piece with a template is traced around it.
 */
export function chalkPiece(drafted: DraftedPiece, options: ChalkOptions): Mark[] {
  const { piece, stitch } = drafted;
  const chalked = options.line === 'cut' ? cutPiece(piece) : piece;
  const origin = chalkOrigin(drafted, options);
  const { at } = origin;
  const box = boxOf(drafted.outline);
  const end = boxOf(stitch).maxX;
  const widest = end - at.x;
  const across = (y: number): Point[] => [point(at.x, y), point(end, y)];
  const levels = piece.levels.filter(isChalked).map((level): UnorderedMark => {
    const y = levelDown(level);
    return { kind: 'level', level: level.name, down: y - at.y, out: widest, points: across(y) };
  });
  const { pinned = false, placed = [] } = options;
  const places = placeMarks(drafted, origin, pinned ? [] : placed);
  const drawn: UnorderedMark[] = [
    {
      kind: 'start-line',
      out: widest,
      below: origin.below,
      ...(places.first.length === 0 && { room: { above: at.y - box.minY, beside: at.x - box.minX } }),
      points: across(at.y),
    },
    ...levels.filter((mark) => mark.kind !== 'level' || mark.down > Math.max(0, -at.y)),
    ...pointMarks(chalked, at),
    ...edgeMarks(chalked, piece, at),
    ...dartMarks(piece, at, options.line),
    ...lineMarks(piece),
    ...allowanceMarks(piece, options.line),
    ...notchMarks(chalked),
  ];
  const traced: UnorderedMark[] = piece.template
    ? [{ kind: 'trace', template: piece.template, trims: piece.trims ?? [], pinned, points: drafted.outline }]
    : drawn;
  const marks: UnorderedMark[] = [
    ...places.first,
    ...traced,
    ...places.again,
    { kind: 'label', copies: piece.cut.copies, points: [] },
  ];
  // A front that buttons or overlaps is drafted from its centre line too, which then lies inside of its edge.
  const centred = piece.edges.some(({ role }) => ['fold', 'centre', 'join', 'front'].includes(role));
  const from = centred ? 'centre' : 'grain';
  return marks.map((mark, index): Mark => ({ ...mark, piece: piece.id, from, origin: at, order: index + 1 }));
}

/** Pieces in cutting order: the cloth that shows first, and of each cloth the largest first, as the trade cuts. */
export function cuttingOrder(pieces: readonly DraftedPiece[]): DraftedPiece[] {
  const area = ({ outline }: DraftedPiece) => {
    const box = boxOf(outline);
    return (box.maxX - box.minX) * (box.maxY - box.minY);
  };
  const place = ({ piece }: DraftedPiece) => clothRoles.indexOf(piece.role);
  return [...pieces].sort((a, b) => place(a) - place(b) || area(b) - area(a));
}

/** Marks of all pieces in cutting order; without a lay they do not say where on the cloth. */
export const chalkAll = (pieces: readonly DraftedPiece[], manner: ChalkManner): Mark[] =>
  cuttingOrder(pieces).flatMap((drafted) => chalkPiece(drafted, manner));

/** Marks of the pieces that are laid, each where it lies on its cloth. */
export const chalkLaid = (
  pieces: readonly DraftedPiece[],
  manner: ChalkManner,
  lays: readonly Lay[],
  cloths: readonly Cloth[],
): Mark[] =>
  cuttingOrder(pieces).flatMap((drafted) => {
    const lay = lays.find(({ role }) => role === drafted.piece.role);
    const cloth = cloths.find(({ role }) => role === drafted.piece.role);
    if (!lay || !cloth) return [];
    const placed = chalkedPlacements(lay)
      .filter(({ piece }) => piece === drafted.piece.id)
      .sort((a, b) => a.copy - b.copy)
      .map((placement) => ({ placement, section: lay.sections[placement.section], cloth }));
    return chalkPiece(drafted, {
      ...manner,
      placed,
      pinned: cutWith(drafted, cloth.under, pieces) !== undefined,
    });
  });
