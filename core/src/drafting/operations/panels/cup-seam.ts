import {
  curveLength,
  lengthTo,
  nearestOn,
  placeAtLength,
  reverseCurve,
  type Curve,
} from '../../../geometry/curve.ts';
import { clamp } from '../../../geometry/clamp.ts';
import {
  add,
  distance,
  dot,
  point,
  quarterTurn,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';
import { centreOf, edgeOf, type Piece } from '../../../pieces/piece.ts';
import { cutAcross } from './cut-across.ts';
import type { PrincessPanels } from './split-on-princess.ts';
import { asPart } from '../../../pieces/as-part.ts';
import { pointOn } from '../../../pieces/place-on-loop.ts';

export interface CupPlan {
  /** From the bust point down to the seam, mm: bust line to under bust, less up to 1 in. */
  readonly radius: number;
  /** Levels of the bust point and under the bust. */
  readonly bust: number;
  readonly under: number;
  readonly allowance: number;
}

/** A front parted by its cup seam: the cups above, the band below. */
export interface CupPanels {
  readonly upper: { readonly centre: Piece; readonly side: Piece };
  readonly lower: { readonly centre: Piece; readonly side: Piece };
}

/** Rise of the seam at the centre and at the side, as parts of its radius; handles as parts of their chords. */
const RISE = { centre: 0.55, side: 0.45 };
const HANDLE = { seam: 0.45, end: 0.35 };
/** A curve comes this part of the way to the line that it stays under. */
const STAYS_UNDER = 0.9;
/** At the side the seam stays this far from the levels above and below it, mm. */
const CLEAR = 14;
/** The seam leaves at least this to the upper panel on the centre and on the side, mm. */
const LEAST = 20;

const cupEdge = (allowance: number) => ({ id: 'cup', role: 'cup' as const, allowance });

/** The part of its fullness with which a handle still stays on its side of the bust line, which falls where a side dart was closed. */
function fullnessUnder(line: readonly Point[], from: Point, handle: Point): number {
  const [start, end] = [line[0], line.at(-1)];
  if (!start || !end) return 1;
  const normal = quarterTurn(unitVector(subtract(end, start)));
  const below = (p: Point) => dot(normal, subtract(p, start));
  const [clear, fall] = [below(from), below(from) - below(add(from, handle))];
  return fall <= 0 ? 1 : clamp((STAYS_UNDER * clear) / fall, 0, 1);
}

interface ArcEnds {
  readonly from: Point;
  readonly leaving: Point;
  readonly to: Point;
  readonly arriving: Point;
}

/** From the princess seam outwards, square to it, around the bust point and out square to the other edge; never above the bust line. */
function arc(panel: Piece, { from, leaving, to, arriving }: ArcEnds): Curve {
  const bustLine = panel.levels.find(({ name }) => name === 'bust')?.path ?? [];
  const chord = distance(from, to);
  const [seam, end] = [HANDLE.seam * chord, HANDLE.end * chord];
  const fullness = Math.min(
    fullnessUnder(bustLine, from, scale(leaving, seam)),
    fullnessUnder(bustLine, to, scale(arriving, -end)),
  );
  return [handleCurve(from, leaving, fullness * seam, to, arriving, fullness * end)];
}

/** Along the side, in mm: at the wanted level, but under the bust line as it lies there and above the level under the bust. */
function sidePlaceOf(side: Piece, level: number, underBust: number): number {
  const { path } = edgeOf(side, 'side');
  const bustEnd = side.levels.find(({ name }) => name === 'bust')?.path.at(-1);
  const bust = (bustEnd ? nearestOn(path, bustEnd).along : 0) + CLEAR;
  const under = lengthTo(path, 'y', underBust) - CLEAR;
  const wanted = lengthTo(path, 'y', level);
  return clamp(wanted, bust, Math.max(bust, under));
}

/**
 * Parts the two front panels along an arc around the bust point, so that the cups can be of another cloth or cut another way.
 * The arc crosses the princess seam at the same place of both its edges, square to them, and the sides at the plan's rise.
 */
export function cupSeam({ centre, side }: Pick<PrincessPanels, 'centre' | 'side'>, plan: CupPlan): CupPanels {
  const princess = edgeOf(centre, 'princess').path;
  const whole = curveLength(princess);
  const down = Math.min(whole - LEAST, lengthTo(princess, 'y', plan.bust + plan.radius));
  const seamPlace = placeAtLength(princess, down);
  const middle = centreOf(centre);
  const rise = (part: number) => plan.bust + plan.radius * (1 - part);
  const up = lengthTo(middle.path, 'y', rise(RISE.centre));
  const centrePlace = { edge: middle.id, at: Math.min(up, curveLength(middle.path) - LEAST) };
  const cutCentre = cutAcross(
    centre,
    { edge: 'princess', at: down },
    centrePlace,
    arc(centre, {
      from: seamPlace.point,
      leaving: quarterTurn(seamPlace.direction),
      to: pointOn(centre, centrePlace),
      arriving: point(-1, 0),
    }),
    cupEdge(plan.allowance),
  );
  const sideSeam = edgeOf(side, 'side').path;
  const sidePlace = { edge: 'side', at: sidePlaceOf(side, rise(RISE.side), plan.under) };
  const onSide = placeAtLength(sideSeam, sidePlace.at);
  const seamAt = whole - down;
  const onSeam = placeAtLength(edgeOf(side, 'princess').path, seamAt);
  const cutSide = cutAcross(
    side,
    sidePlace,
    { edge: 'princess', at: seamAt },
    reverseCurve(
      arc(side, {
        from: onSeam.point,
        leaving: quarterTurn(onSeam.direction),
        to: onSide.point,
        arriving: scale(quarterTurn(onSide.direction), -1),
      }),
    ),
    cupEdge(plan.allowance),
  );
  return {
    upper: { centre: asPart(cutCentre.beyond, 'cup'), side: asPart(cutSide.beyond, 'cup') },
    lower: { centre: cutCentre.between, side: cutSide.between },
  };
}
