import { boxOf, type Ring } from '../../geometry/ring.ts';
import { usableSpan, type Cloth } from '../model/cloth.ts';
import type { Crease } from '../model/lay.ts';
import { wholeOutline, type LayPiece } from '../model/layable.ts';
import { asDrawn, halfTurned, mirroredState, upended, type OutlineState } from '../model/outline-state.ts';
import { spanOver } from '../model/pinned.ts';
import type { Band, FoldLayout } from './fold-layout.ts';

/** One way for an outline to lie on the table. */
export interface Orientation {
  readonly state: OutlineState;
  /** Between which places across the table its box must stay, mm. */
  readonly from: number;
  readonly to: number;
  /** The crease that a half-piece lies on with its x = 0. */
  readonly onFold: Crease | null;
  /** The creases whose layers are cut with it. */
  readonly through: readonly Crease[];
}

/** One outline to chalk: a piece or half-piece, with the ways in which it may lie. */
export interface LayItem {
  readonly piece: string;
  /** The first of the copies that it cuts. */
  readonly copy: number;
  readonly outline: Ring;
  /** By how many degrees its outline is turned already. */
  readonly turn: number;
  readonly orientations: readonly Orientation[];
  /** Where it is held, or null for one that the search may place. */
  readonly held: Held | null;
  /** How far down its outline the level lies that a print is matched at, mm, or null where it is not matched. */
  readonly matchedAt: number | null;
}

/** An outline that stays where a hand put it: the upper left corner of its box on the table, mm. */
export interface Held {
  readonly orientation: Orientation;
  readonly x: number;
  readonly y: number;
}

/** Whether an outline as wide as that fits between two places, a hair of rounding aside. */
const fits = (width: number, { from, to }: Band): boolean => width <= to - from + 1e-6;

const inBand = (states: readonly OutlineState[], width: number, band: Band): Orientation[] =>
  fits(width, band)
    ? states.map((state) => ({ state, from: band.from, to: band.to, onFold: null, through: band.through }))
    : [];

/** A half-piece on the crease of its band: to the right of the first, to the left of the second. */
function onCrease(width: number, band: Band): Orientation[] {
  const crease = band.through.find(({ axis }) => axis === 'x');
  if (!crease || !fits(width, band)) return [];
  const isLeft = crease.at <= band.from + 1e-6;
  const [from, to] = isLeft ? [crease.at, crease.at + width] : [crease.at - width, crease.at];
  const through = band.through.filter((each) => each !== crease);
  return (isLeft ? [asDrawn, upended] : [mirroredState, halfTurned]).map((state) => ({
    state,
    from,
    to,
    onFold: crease,
    through,
  }));
}

/** Narrowed to where a hem, which points left as drawn, lies on the border; nothing where that selvedge is not at the end of the band. */
function onBorder(
  orientations: readonly Orientation[],
  width: number,
  border: NonNullable<LayPiece['border']>,
  cloth: Cloth,
  { origin }: FoldLayout,
): Orientation[] {
  const [left, right] = usableSpan(cloth);
  const edge = (border === 'left' ? left : right) - origin;
  return orientations
    .filter(({ state, from, to }) =>
      border === 'left'
        ? state.x === 1 && Math.abs(from - edge) < 1e-6
        : state.x === -1 && Math.abs(to - edge) < 1e-6,
    )
    .map((orientation) =>
      border === 'left'
        ? { ...orientation, from: edge, to: edge + width }
        : { ...orientation, from: edge - width, to: edge },
    );
}

/** Narrowed to where what lies beneath is cut with it, in every layer. */
function overBeneath(
  orientations: readonly Orientation[],
  width: number,
  beneath: NonNullable<LayPiece['beneath']>,
  cloth: Cloth,
  { origin, fold }: FoldLayout,
): Orientation[] {
  return beneath.reduce<Orientation[]>(
    (kept, each) => {
      const [left, right] = spanOver(each, cloth.width, fold).map((at) => at - origin) as [number, number];
      return kept.flatMap((orientation) => {
        const creases = [...orientation.through, ...(orientation.onFold ? [orientation.onFold] : [])];
        const along = creases.filter(({ axis }) => axis === 'x');
        const from = Math.max(orientation.from, left, ...along.map(({ at }) => 2 * at - right));
        const to = Math.min(orientation.to, right, ...along.map(({ at }) => 2 * at - left));
        return fits(width, { from, to, through: [] }) ? [{ ...orientation, from, to }] : [];
      });
    },
    [...orientations],
  );
}

const single = [asDrawn, halfTurned];
const other = [mirroredState, upended];

/** Every how manieth copy needs an outline of its own. */
function outlines(piece: LayPiece, at: readonly Orientation[]): number[] {
  const layers = 2 ** (at[0]?.through.length ?? 0);
  return Array.from({ length: piece.cut.copies / layers }, (_, index) => index * layers);
}

/** The outlines to chalk when `isDouble` says which pieces lie on folded cloth. On one-way cloth nothing is turned upside down. */
export function layItems(
  pieces: readonly LayPiece[],
  layout: FoldLayout,
  cloth: Cloth,
  isDouble: (piece: LayPiece) => boolean,
): LayItem[] {
  return pieces.flatMap((piece): LayItem[] => {
    const kept = (orientations: readonly Orientation[]) => {
      const ways =
        cloth.oneWay || piece.oneWay ? orientations.filter(({ state }) => state.y === 1) : orientations;
      return piece.beneath ? overBeneath(ways, width, piece.beneath, cloth, layout) : ways;
    };
    const double = isDouble(piece);
    const onFold = double && piece.cut.layers === 'fold' && layout.creases.length > 0;
    const outline = onFold ? piece.outline : wholeOutline(piece);
    const box = boxOf(outline);
    const width = box.maxX - box.minX;
    const item = (copy: number, orientations: readonly Orientation[]): LayItem => ({
      piece: piece.id,
      copy,
      outline,
      turn: piece.turn ?? 0,
      orientations: kept(orientations),
      held: null,
      matchedAt: null,
    });
    if (onFold) {
      const orientations = layout.double.flatMap((band) => onCrease(width, band));
      return outlines(piece, orientations).map((copy) => item(copy, orientations));
    }
    if (double) {
      const orientations = layout.double.flatMap((band) => inBand([...single, ...other], width, band));
      return outlines(piece, orientations).map((copy) => item(copy, orientations));
    }
    return Array.from({ length: piece.cut.copies }, (_, copy) => {
      const hand = piece.cut.layers === 'pair' && copy % 2 === 1 ? other : single;
      const states = piece.eitherFace ? [...single, ...other] : hand;
      const orientations = layout.single.flatMap((band) => inBand(states, width, band));
      return item(
        copy,
        piece.border ? onBorder(orientations, width, piece.border, cloth, layout) : orientations,
      );
    });
  });
}
