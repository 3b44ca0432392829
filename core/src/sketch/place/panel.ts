import { clamp } from '../../geometry/clamp.ts';
import { valueAt, type Lookup } from '../../geometry/lookup.ts';
import type { Point } from '../../geometry/point.ts';
import type { ContourDart } from '../../pieces/contour-dart.ts';
import type { Face, Piece } from '../../pieces/piece.ts';
import { closedBy, contourClosedBy, type DartCorners } from './upright-dart.ts';

/** A place of the closed garment before it is bent round the body, mm. */
export interface FlatPlace {
  /** Along the level from the centre; to the left of it negative. */
  readonly out: number;
  /** Below the start line. */
  readonly height: number;
  /** Part of the way from the panel's inner line to its side, 0 to 1, that counts for what is put right at the side. */
  readonly toSide: number;
}

/** A panel that lies on the torso, with what places its points: lookups by its own x and y, mm. */
export interface Panel {
  readonly piece: Piece;
  readonly face: Face;
  /** It begins at the centre; else at a seam. */
  readonly isInner: boolean;
  /** Its shoulder lies on the start line: above this y its heights are its own. */
  readonly ownAbove: number;
  /** Its inner line: x by y, height by y, place along the level by height. */
  readonly inner: { readonly x: Lookup; readonly height: Lookup; readonly out: Lookup };
  /** Its side: x by y and height by y; undefined for a panel that reaches none. */
  readonly side?: { readonly x: Lookup; readonly height: Lookup };
  readonly darts: readonly DartCorners[];
  readonly contours: readonly ContourDart[];
  /** The waist seam, y by x, with the height at which it lies level. */
  readonly waist?: { readonly y: Lookup; readonly height: number };
  /** The seam that joins it to the panel before it. */
  readonly seam?: { readonly edge: string; readonly of: Piece; readonly ofEdge: string };
  /** A seam to a yoke, whose place it takes: y by x, and how far its points are moved there. */
  readonly yoke?: { readonly y: Lookup; readonly out: Lookup; readonly height: Lookup };
}

/** Distance beside a seam over which what is put right there fades away, mm. */
const FADES = 90;

/** A step from 0 to 1 without corners. */
export const eased = (t: number): number => {
  const part = clamp(t, 0, 1);
  return part * part * (3 - 2 * part);
};

const near = (apart: number): number => 1 - eased(Math.abs(apart) / FADES);

/** Cut in one piece for both sides of the body, which differ. */
export const isWhole = ({ cut }: Piece): boolean => cut.layers === 'single' && cut.copies === 1;

/** The left of a panel that crosses the centre is placed like the right of it. */
const handOf = (panel: Panel, x: number): 1 | -1 => (x < 0 && panel.isInner ? -1 : 1);

function bare(panel: Panel, p: Point): FlatPlace {
  const hand = handOf(panel, p.x);
  const x = hand * p.x;
  const { inner, side } = panel;
  const innerX = valueAt(inner.x, p.y);
  const innerHeight = valueAt(inner.height, p.y);
  const linear = side ? clamp((x - innerX) / (valueAt(side.x, p.y) - innerX), 0, 1) : 0;
  const toSide = panel.isInner ? linear * linear : linear;
  const sideways = side ? innerHeight + (valueAt(side.height, p.y) - innerHeight) * toSide : innerHeight;
  const height = panel.isInner && p.y < panel.ownAbove ? p.y : sideways;
  const closed =
    panel.darts.reduce((sum, dart) => sum + closedBy(dart, p), 0) +
    panel.contours.reduce((sum, dart) => sum + contourClosedBy(dart, { x, y: p.y }), 0);
  return { out: hand * (valueAt(inner.out, innerHeight) + x - innerX - closed), height, toSide };
}

/** The same with a waist seam level on the body, whatever its curve in the flat. */
function levelled(panel: Panel, p: Point): FlatPlace {
  const place = bare(panel, p);
  if (!panel.waist) return place;
  const y = valueAt(panel.waist.y, handOf(panel, p.x) * p.x);
  if (Math.abs(p.y - y) >= FADES) return place;
  const off = panel.waist.height - bare(panel, { x: p.x, y }).height;
  return { ...place, height: place.height + off * near(p.y - y) };
}

/** The place of a point of a flat panel on the closed garment. */
export function flatPlace(panel: Panel, p: Point): FlatPlace {
  const place = levelled(panel, p);
  if (!panel.yoke) return place;
  const x = Math.abs(p.x);
  const part = near(p.y - valueAt(panel.yoke.y, x));
  return {
    ...place,
    out: place.out + valueAt(panel.yoke.out, x) * part,
    height: place.height + valueAt(panel.yoke.height, x) * part,
  };
}
