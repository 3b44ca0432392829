import { finding, type Finding } from '../../findings/finding.ts';
import { boxOf, moveRing } from '../../geometry/ring.ts';
import type { ClothRole } from '../../pieces/piece.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import type { Cloth } from './cloth.ts';
import { creasesOf, type Lay, type LayWay, type Placement } from './lay.ts';
import type { LayPiece } from './layable.ts';

/** A piece of cloth that is pinned under another one and cut with it: where it lies follows from the lay above. */
export interface Pinned {
  /** The cloth above. */
  readonly under: ClothRole;
  /** What of the lay above is cut with this cloth, as it comes to lie on it, by this cloth's pieces; nothing while that is not laid. */
  readonly above: Lay | undefined;
  /** How far along the cloth above this one starts, mm: where the first of what is cut through both does. */
  readonly from: number;
}

/** A ticket's cloths and the lays that were chosen for them: what is pinned under one of them follows it. */
export interface OtherCloths {
  readonly cloths: readonly Cloth[];
  readonly lays: { readonly [role in ClothRole]?: Lay };
}

/** The piece that one is cut together with: its template on the cloth above, cut as often and alike. */
export function cutWith(
  { piece }: DraftedPiece,
  under: ClothRole | undefined,
  pieces: readonly DraftedPiece[],
): DraftedPiece | undefined {
  if (!under || !piece.template) return undefined;
  return pieces.find(
    ({ piece: { id, role, cut } }) =>
      id === piece.template &&
      role === under &&
      cut.layers === piece.cut.layers &&
      cut.copies === piece.cut.copies,
  );
}

/** By how much cloth is moved so that it lies under another one: selvedge on selvedge, or fold on fold where both are folded in half. mm. */
const shiftUnder = (width: number, above: number, fold: LayWay): number =>
  fold === 'half' ? (width - above) / 2 : 0;

/** Cloth that is pinned under another one, as wide as it is: what is cut through both lies on it. */
export type Beneath = Pick<Cloth, 'width' | 'selvedge'>;

/** Between which places across the cloth above, from its left selvedge, the one beneath lies, mm. */
export function spanOver(beneath: Beneath, width: number, fold: LayWay): readonly [number, number] {
  const by = shiftUnder(beneath.width, width, fold);
  return [beneath.selvedge - by, beneath.width - beneath.selvedge - by];
}

/**
 * The lay above as it comes to lie on the cloth under it, with what is cut through both. `names` gives this cloth's piece for one of the cloth above.
 */
export function layUnder(
  cloth: Cloth,
  above: Lay,
  names: ReadonlyMap<string, string>,
): Pick<Pinned, 'above' | 'from'> {
  const by = shiftUnder(cloth.width, above.width, above.fold);
  const through = above.placements.filter(({ piece }) => names.has(piece));
  const from = Math.min(...through.map(({ polygon }) => boxOf(polygon).minY));
  const placements = through.map((placement): Placement => ({
    ...placement,
    piece: names.get(placement.piece) ?? placement.piece,
    polygon: moveRing(placement.polygon, by, -from),
  }));
  const sections = above.sections.map((section) => ({
    ...section,
    foldLines: creasesOf(section).map(({ axis, at }) => (axis === 'x' ? at + by : at)),
    doubled: section.doubled.map(([left, right]) => [left + by, right + by] as const),
  }));
  return { above: { ...above, role: cloth.role, placements, beside: undefined, sections }, from };
}

/** What the pieces of a cloth have in common where some are pinned under another cloth. */
export const pinnedOf = (pieces: readonly LayPiece[]): Pinned | undefined =>
  pieces.find(({ pinned }) => pinned !== undefined)?.pinned;

/** Ways of laying under which another cloth can be pinned: folded, if at all, along its length and once for all of it. */
export const pinnableWays: readonly LayWay[] = ['open', 'half', 'width', 'two'];

/** Why what is pinned cannot be laid so, or nothing when it can. */
export function pinnedObstacle(pieces: readonly LayPiece[], fold: LayWay): Finding | undefined {
  const pinned = pinnedOf(pieces);
  if (!pinned) return undefined;
  const { under, above } = pinned;
  const place = { subject: under };
  if (!above) return finding('pinned-above-unlaid', place);
  if (!pinnableWays.includes(above.fold)) return finding('pinned-above-refolded', place);
  return above.fold === fold ? undefined : finding('pinned-otherwise-folded', place);
}

/** How far a copy of a pinned piece lies from where it is cut, mm; 0 for what is not pinned, without end where the cloth above has no such lay. */
export function offItsPins(placement: Placement, { pinned }: LayPiece): number {
  if (!pinned) return 0;
  const own = boxOf(placement.polygon);
  const gaps = (pinned.above?.placements ?? [])
    .filter(
      ({ piece, mirrored, rotation }) =>
        piece === placement.piece && mirrored === placement.mirrored && rotation === placement.rotation,
    )
    .map(({ polygon }) => {
      const box = boxOf(polygon);
      return Math.hypot(box.minX - own.minX, box.minY - own.minY);
    });
  return Math.min(...gaps, Infinity);
}
