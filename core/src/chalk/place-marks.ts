import { DOWN, OUT, point, rotateDirection, type Point } from '../geometry/point.ts';
import { boxOf } from '../geometry/ring.ts';
import type { Cloth } from '../lay/model/cloth.ts';
import { mannerFor, turnFor } from '../lay/model/lay-manner.ts';
import { creasesOf, type Placement, type Section } from '../lay/model/lay.ts';
import { layPieceOf, wholeOutline } from '../lay/model/layable.ts';
import { stateOf, turnOutline } from '../lay/model/outline-state.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { ChalkOrigin } from './chalk-origin.ts';
import type { Heading, Place, UnorderedMark } from './mark.ts';

/** A copy that is chalked, as it lies on its cloth. */
export interface PlacedOnCloth {
  readonly placement: Placement;
  /** Fold of the cloth there. */
  readonly section: Section | undefined;
  readonly cloth: Cloth;
}

/** Part of a turned direction that is rounding, and not the bias. */
const ALONG = 0.1;

function headingOf({ x, y }: Point): Heading {
  const along = y > ALONG ? 'away' : y < -ALONG ? 'back' : undefined;
  const across = x > 0 ? 'right' : 'left';
  if (along === undefined) return across;
  return Math.abs(x) < ALONG ? along : `${along}-${across}`;
}

/** Place of a point of a laid outline on its cloth, measured from the fold and the cross fold, where there are. */
function measuredTo(
  p: Point,
  section: Section | undefined,
): Pick<Place, 'fromStart' | 'alongFrom' | 'across' | 'acrossFrom'> {
  const creases = section ? creasesOf(section) : [];
  const folds = creases.filter(({ axis }) => axis === 'x').map(({ at }) => Math.abs(p.x - at));
  const start = creases.find(({ axis }) => axis === 'y');
  return {
    fromStart: p.y - (start?.at ?? 0),
    alongFrom: start ? 'cross fold' : 'start',
    across: folds.length > 0 ? Math.min(...folds) : p.x,
    acrossFrom: folds.length > 0 ? 'fold' : 'left selvedge',
  };
}

/** The piece's origin, found from where the outline's box came to lie. */
function placeOf(
  drafted: DraftedPiece,
  origin: ChalkOrigin,
  { placement, section, cloth }: PlacedOnCloth,
): Place {
  const degrees = turnFor(cloth, drafted.piece.id);
  const state = stateOf(placement, degrees);
  const turn = (degrees * Math.PI) / 180;
  const asLaid = (direction: Point): Point => {
    const { x, y } = rotateDirection(direction, turn);
    return point(state.x * x, state.y * y);
  };
  const asCut = boxOf(turnOutline(wholeOutline(layPieceOf(drafted, cloth)), state));
  const onCloth = boxOf(placement.polygon);
  const crossing = asLaid(origin.at);
  return {
    ...measuredTo(
      point(onCloth.minX - asCut.minX + crossing.x, onCloth.minY - asCut.minY + crossing.y),
      section,
    ),
    below: origin.below,
    onFold: placement.onFold,
    bothSides: drafted.piece.cut.layers === 'fold' && !placement.onFold,
    downs: headingOf(asLaid(DOWN)),
    outs: headingOf(asLaid(OUT)),
  };
}

/** The same inside a block that was cut out: from its own edges, whichever way it lay. */
function placeInBlock(
  drafted: DraftedPiece,
  origin: ChalkOrigin,
  { placement, cloth }: PlacedOnCloth,
): Place {
  const { onFold } = placement;
  const laid = layPieceOf(drafted, cloth);
  const { minX, minY } = boxOf(onFold ? laid.outline : wholeOutline(laid));
  return {
    fromStart: origin.at.y - minY,
    alongFrom: 'block',
    across: origin.at.x - minX,
    acrossFrom: 'block',
    below: origin.below,
    onFold,
    bothSides: drafted.piece.cut.layers === 'fold' && !onFold,
    downs: 'away',
    outs: 'right',
  };
}

/** The block of a copy: measured to its corner that is nearest to the start and to the fold, or to the left selvedge. */
function blockMark(drafted: DraftedPiece, each: PlacedOnCloth): UnorderedMark {
  const { placement, section } = each;
  const { minX, minY, maxX, maxY } = boxOf(placement.polygon);
  const corners = [point(minX, minY), point(maxX, minY)].map((corner) => measuredTo(corner, section));
  const [left, right] = corners;
  const nearest = right && left && right.acrossFrom === 'fold' && right.across < left.across ? right : left;
  return {
    kind: 'block',
    copy: placement.copy,
    width: placement.onFold ? (maxX - minX) / 2 : maxX - minX,
    height: maxY - minY,
    points: [],
    ...placeInBlock(drafted, { at: point(0, 0), below: 0 }, each),
    ...nearest,
    ...(placement.onFold ? { across: 0 } : {}),
  };
}

/** Place marks of the first copy and of each further one; what is fused first has its blocks before. */
export function placeMarks(
  drafted: DraftedPiece,
  origin: ChalkOrigin,
  placed: readonly PlacedOnCloth[],
): { first: UnorderedMark[]; again: UnorderedMark[] } {
  const [first, ...others] = placed;
  if (!first) return { first: [], again: [] };
  const isBlock = mannerFor(first.cloth, drafted.piece.id).manner === 'block';
  const place = isBlock ? placeInBlock : placeOf;
  return {
    first: [
      ...(isBlock ? placed.map((each) => blockMark(drafted, each)) : []),
      { kind: 'place', points: [], ...place(drafted, origin, first) },
    ],
    again: others.map((each): UnorderedMark => ({
      kind: 'again',
      copy: each.placement.copy,
      mirrored: each.placement.mirrored !== first.placement.mirrored,
      points: [],
      ...place(drafted, origin, each),
    })),
  };
}
