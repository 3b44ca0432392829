import {
  curveLength,
  endOf,
  nearestOn,
  reverseCurve,
  sampleCurve,
  startOf,
  type Curve,
} from '../geometry/curve.ts';
import type { Point } from '../geometry/point.ts';
import { sweptArea } from '../geometry/segment.ts';
import type { ContourDart } from './contour-dart.ts';
import type { Dimension } from './dimension.ts';
import type { LevelName } from './level.ts';

export type EdgeRole =
  | 'fold'
  | 'centre'
  /** The join of a piece that would lie on the fold and is cut in two to save cloth. */
  | 'join'
  | 'neck'
  | 'shoulder'
  | 'armhole'
  | 'side'
  /** The seam of a sleeve. */
  | 'underarm'
  | 'waist'
  /** The crotch curve of trousers, and the seam inside the leg. */
  | 'fork'
  | 'inseam'
  | 'princess'
  | 'dart'
  | 'slit'
  | 'hem'
  | 'inner'
  /** A strapless edge, or one cut open below the shoulder. */
  | 'top'
  /** The edge of a front that buttons, overlaps or is finished by itself. */
  | 'front'
  /** Around the bust, between a cup and what is below it. */
  | 'cup'
  /** Between two tiers of a skirt. */
  | 'tier'
  /** Between a sleeve and the flare or the cuff that is sewn to its end. */
  | 'flare'
  | 'cuff'
  /** Between a yoke and what hangs from it. */
  | 'yoke'
  /** The long edge of a strip that is sewn to another piece, and its fold or free edge. */
  | 'band'
  | 'free'
  /** The short end of a strip. */
  | 'end';
/** Cloths of a garment, in the order in which they are laid and chalked. */
export const clothRoles = ['outer', 'lining', 'stay', 'net', 'trim'] as const;
export type ClothRole = (typeof clothRoles)[number];
/** Faces of the body that a piece lies on. */
export const faces = ['front', 'back'] as const;
export type Face = (typeof faces)[number];
/** Part of the garment that a piece belongs to. */
export type PartName =
  | 'bodice'
  | 'cup'
  | 'base'
  | 'yoke'
  /** A band around the waist that carries what hangs below it. */
  | 'waistband'
  | 'net'
  | 'skirt'
  | 'trousers'
  /** A ring around the shoulders. */
  | 'cape'
  | 'facing'
  | 'collar'
  | 'sleeve'
  | 'placket'
  /** A belt, tie, band, lace or strip for loops. */
  | 'strip';

/** Why an edge is not cut with its piece, and the cloth that it keeps outside its allowance until then, mm. */
export interface Later {
  readonly reserve: number;
  readonly after: 'panels-joined';
}

/** One named stretch of a piece's stitch line. */
export interface Edge {
  readonly id: string;
  readonly role: EdgeRole;
  readonly path: Curve;
  /** Cloth outside the stitching line, a reserve included, mm. */
  readonly allowance: number;
  /** Cloth that the whole seam has more on this side than on the other, to be eased in; mm. */
  readonly eased?: number;
  readonly later?: Later;
}

/** A line inside a piece that something is sewn on along, or that it is folded or slit on: chalked, and never cut as an edge. */
export interface InnerLine {
  readonly id: string;
  readonly label: string;
  readonly path: Curve;
}

export interface Notch {
  readonly edge: string;
  /** mm along the edge from its start. */
  readonly at: number;
  readonly kind: 'single' | 'double';
  /** The loop or seam that meets it there, where that is not a notch of the edge that it is sewn to. */
  readonly marks?: 'loop' | 'shoulder seam' | 'side seam' | 'slit' | 'end of the top edge';
}

/** A dart is two edges of the loop, mouth to tip and tip to mouth. */
export interface Dart {
  readonly id: string;
  /** The edge that it opens into. */
  readonly in: 'waist' | 'side' | 'neck' | 'shoulder' | 'armhole' | 'hem' | 'underarm';
  readonly legs: readonly [string, string];
  /** Which neighbour the folded cloth lies on. */
  readonly pressed: 'centre' | 'hem';
}

/** A level line as it lies on this piece: a run of points that was cut and turned with the cloth. */
export interface Level {
  readonly name: LevelName;
  readonly path: readonly Point[];
  /** Edges along which the finished width is measured, where the level is a hem that darts open into. */
  readonly along?: EdgeRole;
}

export interface Cut {
  /** Finished pieces cut. */
  readonly copies: number;
  readonly layers: 'single' | 'pair' | 'fold';
}

/** Anything taken out of, or given to, a width: so that giving it back can be checked. */
export interface Intake {
  readonly operation: string;
  readonly level: LevelName | 'armhole' | 'side';
  readonly mm: number;
}

/** Cloth that a template has at an edge and a piece traced around it has not, mm. */
export interface Trim {
  readonly role: EdgeRole;
  readonly mm: number;
}

/**
 * A closed loop of named edges, clockwise on screen (y down), each starting where the one before ends.
 * On a fold it is the half-piece with its fold on x = 0; otherwise x = 0 is the centre line.
 */
export interface Piece {
  readonly id: string;
  readonly name: string;
  readonly role: ClothRole;
  /** The part of the garment that it belongs to; of a bodice or skirt, on which face it lies and which panel of that it is. */
  readonly part: PartName;
  readonly face?: Face;
  readonly panel?: 'centre' | 'side';
  readonly cut: Cut;
  /** Direction of the grain, towards the hem. */
  readonly grain: Point;
  readonly edges: readonly Edge[];
  readonly notches: readonly Notch[];
  readonly darts: readonly Dart[];
  /** Darts inside the piece, away from its edges. */
  readonly contours?: readonly ContourDart[];
  readonly levels: readonly Level[];
  readonly intakes: readonly Intake[];
  /** A piece with the same outline, which serves as the template for this one once it is cut. */
  readonly template?: string;
  /** Cloth that is cut off again once it is traced around its template. */
  readonly trims?: readonly Trim[];
  /** Cut dimensions, each with the sum that it was drawn by; undefined on a piece that is drawn to be measured alone. */
  readonly dimensions?: readonly Dimension[];
  readonly lines?: readonly InnerLine[];
  /** Places of buttons, and on the other front of their holes. */
  readonly buttons?: readonly Point[];
}

/** Chords of a sampled outline stay within this of the curve, mm: finer than any chalk or cutter. */
export const OUTLINE_TOLERANCE = 0.05;

const loopArea = ({ edges }: Piece): number =>
  edges.flatMap(({ path }) => path.map(sweptArea)).reduce((sum, part) => sum + part, 0);

/** A piece whose loop runs clockwise on screen; one given the other way round is a broken invariant, and throws. */
export function makePiece(piece: Piece): Piece {
  if (loopArea(piece) <= 0) throw new Error(`${piece.id}: its loop runs the wrong way round`);
  return piece;
}

/** A piece whose loop was drawn the other way round, turned: its edges, their notches and the legs of its darts. */
export const turnedLoop = (piece: Piece): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) => ({ ...edge, path: reverseCurve(edge.path) })).reverse(),
  notches: piece.notches.map((notch) => ({
    ...notch,
    at: curveLength(edgeOf(piece, notch.edge).path) - notch.at,
  })),
  darts: piece.darts.map((dart): Dart => ({ ...dart, legs: [dart.legs[1], dart.legs[0]] })),
});

export function edgeOf(piece: Piece, id: string): Edge {
  const edge = piece.edges.find((candidate) => candidate.id === id);
  if (!edge)
    throw new Error(`${piece.id} has no edge ${id}; it has ${piece.edges.map((e) => e.id).join(', ')}`);
  return edge;
}

/** The two ends of a level of a piece: at the centre, or at the seam that it starts from, and at the side. */
export function levelEnds(piece: Piece, level: LevelName): { readonly from: Point; readonly to: Point } {
  const path = piece.levels.find(({ name }) => name === level)?.path;
  const [from, to] = [path?.[0], path?.at(-1)];
  if (!from || !to) throw new Error(`${piece.id} has no ${level} level`);
  return { from, to };
}

/** Test of a piece that lies under others and is not seen: of a lining or stay, a facing, or the base of a draped outer. */
export const isInside = ({ part, role }: Pick<Piece, 'part' | 'role'>): boolean =>
  role === 'lining' || role === 'stay' || part === 'facing' || part === 'base';

/** Depth of a level on the centre line, mm; at its start on a piece without a centre line. */
export function levelDown({ name, path }: Level): number {
  const at = path.find(({ x }) => Math.abs(x) < 1e-6) ?? path[0];
  if (!at) throw new Error(`the ${name} level has no points`);
  return at.y;
}

/** The centre of a half-piece: its fold, or the edge that is sewn or opens there. */
export function centreOf(piece: Piece): Edge {
  const centre = piece.edges.find(({ role }) => role === 'fold' || role === 'centre');
  if (!centre) throw new Error(`${piece.id} has no centre`);
  return centre;
}

export const edgesWithRole = (piece: Piece, role: EdgeRole): Edge[] =>
  piece.edges.filter((edge) => edge.role === role);

export const edgeLength = (edge: Edge): number => curveLength(edge.path);

/** An edge's path from its upper end to its lower, whichever way the loop runs. */
export const pathDown = ({ path }: Edge): Curve =>
  startOf(path).y <= endOf(path).y ? path : reverseCurve(path);

/** Length of all edges of one role, in mm. */
export const roleLength = (piece: Piece, role: EdgeRole): number =>
  edgesWithRole(piece, role).reduce((total, edge) => total + edgeLength(edge), 0);

/** The stitch line as a polygon, dart legs drawn in. */
export const stitchRing = (piece: Piece): Point[] =>
  piece.edges.flatMap((edge) => sampleCurve(edge.path, OUTLINE_TOLERANCE).slice(0, -1));

export const replaceEdge = (piece: Piece, id: string, path: Curve): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) => (edge.id === id ? { ...edge, path } : edge)),
});

/** A level ends on its edge within this, mm: both were drawn, not copied. */
const ON_EDGE = 0.1;

/** Edges that pass through a point of the stitch line, with how far along each it lies, mm. */
export const edgesThrough = (piece: Piece, at: Point): { readonly id: string; readonly along: number }[] =>
  piece.edges.flatMap(({ id, path }) => {
    const { along, gap } = nearestOn(path, at);
    return gap <= ON_EDGE ? [{ id, along }] : [];
  });
