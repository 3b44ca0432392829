import type { Detail } from '../drafting/detail.ts';
import type { Draft } from '../drafting/draft.ts';
import { point, type Point } from '../geometry/point.ts';
import { boxOf, type Box } from '../geometry/ring.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { isInside, type Face } from '../pieces/piece.ts';
import { collarShapes } from './details/collars.ts';
import type { DetailView } from './details/detail-view.ts';
import { clothOf } from './details/detail-view.ts';
import { buttonShapes, overlayShapes, slitShapes, zipShapes, zipStitching } from './details/openings.ts';
import { armBandShapes, lacingShapes, neckTieShapes, placketShapes, sashShapes } from './details/strips.ts';
import { trouserShapes } from './details/trousers.ts';
import { waistbandShapes } from './details/waistband.ts';
import { figureOf } from './figure.ts';
import { along } from './along.ts';
import { hangSkirt, SKIRT_TOP_SAG } from './hang/hang-skirt.ts';
import { hangCape } from './hang/hang-cape.ts';
import { hangFlounce } from './hang/hang-flounce.ts';
import { hangSleeve } from './hang/hang-sleeve.ts';
import { hangingCloth } from './hang/hanging-cloth.ts';
import { farLayer } from './layers/far-layer.ts';
import { nearLayer } from './layers/near-layer.ts';
import { sewnEdges } from './layers/sewn-edges.ts';
import { personLines } from './person.ts';
import { placeGarment, seenDown, type PlacedGarment } from './place/placed-garment.ts';
import { line, mirrored, pointsOf, type Shape } from './shape.ts';

/** One view of a garment made up on its person: mm, x out from the centre as seen, y down from the start line. */
export interface SketchView {
  readonly person: readonly Shape[];
  readonly shapes: readonly Shape[];
}

/** A garment made up on its person, from in front and from behind. */
export interface Sketch {
  readonly front: SketchView;
  readonly back: SketchView;
  /** Places of the person: the tip of her shoulder, and the height of her waist. */
  readonly tip: Point;
  readonly waist: number;
}

/** Pieces that hang by themselves instead of lying on the torso. */
const hungPieces = (details: readonly Detail[]): string[] =>
  details.flatMap((detail) =>
    detail.kind === 'skirt' || detail.kind === 'trousers' || detail.kind === 'cape' ? detail.pieces : [],
  );

const bothHands = [mirrored, (points: readonly Point[]) => points];

/** A flounce around each arm. */
function flounceShapes(view: DetailView, detail: Extract<Detail, { kind: 'flounce' }>): Shape[] {
  const { left, right, ...flounce } = hangFlounce(view.garment.figure, detail);
  const cloth = clothOf(view, detail.piece);
  // In front her left is on the right of who looks.
  const [onLeft, onRight] = bothHands;
  const one = detail.hand && ((detail.hand === 'left') === (view.face === 'front') ? onRight : onLeft);
  return (one ? [one] : bothHands).flatMap(
    (hand) => hangingCloth({ ...flounce, cloth, left: hand(left), right: hand(right) }).shapes,
  );
}

/** A cape; down its middle where it opens. */
function capeShapes(view: DetailView, detail: Extract<Detail, { kind: 'cape' }>): Shape[] {
  const cape = hangCape(view.garment.figure, detail);
  const { shapes, hem } = hangingCloth({ ...cape, cloth: clothOf(view, detail.pieces[0] ?? '') });
  const top = point(0, along(cape.left, 0).y + cape.topSag);
  return detail.opens === view.face ? [...shapes, line([top, along(hem, 0.5)], 'edge')] : shapes;
}

/** Sleeves and what is sewn around them, under the body. */
function underShapes(view: DetailView, detail: Detail): Shape[] {
  if (detail.kind === 'flounce') return flounceShapes(view, detail);
  if (detail.kind !== 'sleeve') return [];
  const hole = seenDown(view.garment, view.face, 'armhole');
  if (hole.length < 2) return [];
  const sleeve = hangSleeve(view.garment.figure, hole, detail);
  const cloth = clothOf(view, detail.piece);
  return bothHands.flatMap(
    (hand) =>
      hangingCloth({
        ...sleeve,
        trimmed: detail.trim !== undefined,
        cloth,
        left: hand(sleeve.left),
        right: hand(sleeve.right),
        ...(sleeve.top && { top: hand(sleeve.top) }),
      }).shapes,
  );
}

/** A skirt that falls by itself; behind, where it opens, its centre seam with the zip that runs on down it. */
function skirtShapes(view: DetailView, detail: Extract<Detail, { kind: 'skirt' }>): Shape[] {
  const { figure } = view.garment;
  const cloth = clothOf(view, detail.pieces[0] ?? '');
  const { shapes, hem } = hangingCloth({
    ...hangSkirt(figure, detail, view.face),
    trimmed: detail.trim !== undefined,
    cloth,
  });
  const top = point(0, figure.heights.waist - (detail.above ?? 0) + SKIRT_TOP_SAG);
  if (view.face === 'back' && detail.open) return [...shapes, line([top, along(hem, 0.5)], 'edge')];
  if (detail.zip === 0 || detail.zipAt === 'side' || view.face === 'front') return shapes;
  return [
    ...shapes,
    line([top, along(hem, 0.5)], 'seam'),
    ...zipStitching([top, point(0, top.y + detail.zip)]),
  ];
}

/** A detail that lies over the panels. */
function overShapes(view: DetailView, detail: Detail): Shape[] {
  switch (detail.kind) {
    case 'sleeve':
    case 'flounce':
      return [];
    case 'cape':
      return capeShapes(view, detail);
    case 'skirt':
      return skirtShapes(view, detail);
    case 'trousers':
      return trouserShapes(view, detail);
    case 'overlay':
      return overlayShapes(view, detail);
    case 'zip':
      return zipShapes(view, detail);
    case 'placket':
      return placketShapes(view, detail);
    case 'collar':
      return collarShapes(view, detail);
    case 'arm-band':
      return armBandShapes(view, detail);
    case 'neck-tie':
      return neckTieShapes(view, detail);
    case 'lacing':
      return lacingShapes(view, detail);
    case 'sash':
      return sashShapes(view, detail);
    case 'waistband':
      return waistbandShapes(view, detail);
  }
}

function viewOf(draft: Draft, garment: PlacedGarment, face: Face): SketchView {
  const pieces = draft.pieces.map(({ piece }) => piece);
  const view: DetailView = { garment, face, pieces };
  const sewn = sewnEdges(
    draft.seams,
    pieces.filter((piece) => !isInside(piece)),
    garment.panels.map(({ piece }) => piece),
  );
  const shapes = [
    ...draft.details.flatMap((detail) => underShapes(view, detail)),
    ...farLayer(garment, sewn, face),
    ...nearLayer(garment, sewn, face),
    ...slitShapes(view),
    ...draft.details.flatMap((detail) => overShapes(view, detail)),
    ...buttonShapes(view),
  ];
  return { person: personLines(garment.figure, face === 'back'), shapes };
}

/** Part of the person that is shown below the garment, mm; more shows less of what is made. */
const BELOW = 130;

/** The frame of a picture of both views: the garment, and of the person what is beside and above it. */
export function frameOf({ front, back }: Sketch, withPerson: boolean): Box {
  const person = boxOf(front.person.flatMap(pointsOf));
  const drawn = [...front.shapes, ...back.shapes].flatMap(pointsOf);
  const garment = drawn.length > 0 ? boxOf(drawn) : person;
  if (!withPerson) return garment;
  const half = Math.max(-person.minX, person.maxX, -garment.minX, garment.maxX);
  return {
    minX: -half,
    maxX: half,
    minY: Math.min(person.minY, garment.minY),
    maxY: Math.min(Math.max(person.maxY, garment.maxY), garment.maxY + BELOW),
  };
}

/** A garment placed on the person whose measures these are, mm; likely ones stand for what was not taken. */
export const madeUpOn = (draft: Draft, measures: MeasureValues): PlacedGarment =>
  placeGarment(draft, figureOf(measures), hungPieces(draft.details));

/** The garment made up on its person. */
export function sketchOf(draft: Draft, garment: PlacedGarment): Sketch {
  const { tip, heights } = garment.figure;
  return {
    front: viewOf(draft, garment, 'front'),
    back: viewOf(draft, garment, 'back'),
    tip,
    waist: heights.waist,
  };
}
