import type { Draft } from '../drafting/draft.ts';
import { endOf, pointWhere, startOf, type Curve } from '../geometry/curve.ts';
import { OUT, DOWN, add, norm, scale, subtract, type Point } from '../geometry/point.ts';
import type { EdgeRole, PartName } from '../pieces/piece.ts';
import { along } from '../sketch/along.ts';
import { hangCape } from '../sketch/hang/hang-cape.ts';
import { hangLegs } from '../sketch/hang/hang-legs.ts';
import { hangSkirt } from '../sketch/hang/hang-skirt.ts';
import { hangingCloth } from '../sketch/hang/hanging-cloth.ts';
import type { Panel } from '../sketch/place/panel.ts';
import { seenAt, type PlacedGarment } from '../sketch/place/placed-garment.ts';
import type { Style } from './style.ts';
import { isAsked, type ChoiceValues } from '../garment/choice.ts';

/** A place of the finished garment that sets a length which the client chooses: moved along its way, the choice follows. */
export interface ChoiceHandle {
  readonly choice: string;
  readonly label: string;
  readonly half: 'front' | 'back';
  readonly at: Point;
  /** The same place on the piece as it is drafted. */
  readonly piece: string;
  readonly onPiece: Point;
  readonly wayOnPiece: Point;
  /** A unit vector: moved that way, the choice grows; and how much of a millimetre of it is seen. */
  readonly way: Point;
  readonly shown: number;
  /** Present value of a choice with its range, mm. */
  readonly mm: number;
  readonly least: number;
  readonly most: number;
}

/** Place of a choice on a piece: its half, its edge, and the spot on that. */
interface Spot {
  readonly half: 'front' | 'back';
  readonly role: EdgeRole;
  /** The part that it lies on, where not on the body of the garment. */
  readonly part?: PartName;
  readonly place: (path: Curve) => Point;
  readonly way: Point;
}

/** The point at which an edge passes the centre line, or starts. */
const atCentre = (path: Curve): Point => pointWhere(path, 'x', 0) ?? startOf(path);

/** The end of an edge that lies nearer to the centre. */
const innerEnd = (path: Curve): Point =>
  Math.abs(startOf(path).x) < Math.abs(endOf(path).x) ? startOf(path) : endOf(path);

/** The lower end of an edge: of a hem that is shaped, where it falls lowest. */
const lowEnd = (path: Curve): Point => (startOf(path).y > endOf(path).y ? startOf(path) : endOf(path));

/** The choices that a hand can move on the drawing, by what styles call them. */
const spots: { readonly [choice: string]: Spot } = {
  neckDepthFront: { half: 'front', role: 'neck', place: atCentre, way: DOWN },
  neckDepthBack: { half: 'back', role: 'neck', place: atCentre, way: DOWN },
  neckWidth: { half: 'front', role: 'shoulder', place: innerEnd, way: OUT },
  topLevel: { half: 'front', role: 'top', place: endOf, way: DOWN },
  yokeLevel: { half: 'front', role: 'top', place: endOf, way: DOWN },
  topBack: { half: 'back', role: 'top', place: atCentre, way: DOWN },
  length: { half: 'front', role: 'hem', place: lowEnd, way: DOWN },
  lengthBelow: { half: 'front', role: 'hem', place: lowEnd, way: DOWN },
  skirtLength: { half: 'front', role: 'hem', part: 'skirt', place: atCentre, way: DOWN },
  peplumLength: { half: 'front', role: 'hem', part: 'skirt', place: atCentre, way: DOWN },
  capeLong: { half: 'front', role: 'hem', part: 'cape', place: atCentre, way: DOWN },
  capeDepth: { half: 'front', role: 'hem', part: 'cape', place: atCentre, way: DOWN },
  trouserLength: { half: 'front', role: 'hem', part: 'trousers', place: startOf, way: DOWN },
  netDepth: { half: 'front', role: 'yoke', place: lowEnd, way: DOWN },
};

/** The first panel of the garment made up that has the spot, and where on it. */
function onPanel(garment: PlacedGarment, { half, role, part, place }: Spot): { panel: Panel; onPiece: Point } | undefined {
  for (const panel of garment.panels.filter(({ face, piece }) => face === half && (part ?? piece.part) === piece.part)) {
    const edge = panel.piece.edges.findLast((each) => each.role === role);
    if (edge) return { panel, onPiece: place(edge.path) };
  }
  return undefined;
} // prettier-ignore

/** What hangs by itself between two lines: the first skirt, or the first cape; the one that lies under the others. */
function hangingOf({ details }: Draft, { figure }: PlacedGarment, part: 'skirt' | 'cape') {
  for (const detail of details) {
    if (detail.kind === 'skirt' && part === 'skirt') return { pieces: detail.pieces, cloth: hangSkirt(figure, detail) };
    if (detail.kind === 'cape' && part === 'cape') return { pieces: detail.pieces, cloth: hangCape(figure, detail) };
  }
  return undefined;
} // prettier-ignore

/** The middle of the hem of a skirt or cape that hangs by itself, and the piece that it lies on. */
function onHungHem(draft: Draft, garment: PlacedGarment, { half, role, place }: Spot, part: 'skirt' | 'cape'): Where | undefined {
  const hung = hangingOf(draft, garment, part);
  // Of tiers the lowest, which goes all around, has the hem.
  const piece = draft.pieces
    .map((each) => each.piece)
    .find(({ id, face = half, edges }) => face === half && hung?.pieces.includes(id) && edges.some((each) => each.role === role));
  const edge = piece?.edges.find((each) => each.role === role);
  if (!hung || !piece || !edge) return undefined;
  const { hem } = hangingCloth({ ...hung.cloth, cloth: piece.role });
  return { piece: piece.id, onPiece: place(edge.path), wayOnPiece: DOWN, at: along(hem, 0.5), way: DOWN, shown: 1 };
} // prettier-ignore

/** The hem of a leg at its side, and the piece that it lies on. */
function onHungLeg({ details, pieces }: Draft, garment: PlacedGarment, { half, role, place }: Spot): Where | undefined {
  const trousers = details.find((detail) => detail.kind === 'trousers');
  const piece = pieces.find((each) => each.piece.face === half && trousers?.pieces.includes(each.piece.id))?.piece;
  const edge = piece?.edges.find((each) => each.role === role);
  const at = trousers && hangLegs(garment.figure, trousers).outer.at(-1);
  if (!at || !piece || !edge) return undefined;
  return { piece: piece.id, onPiece: place(edge.path), wayOnPiece: DOWN, at, way: DOWN, shown: 1 };
} // prettier-ignore

/** The place of a spot on what hangs by itself from the waist or around the shoulders. */
function onHung(draft: Draft, garment: PlacedGarment, spot: Spot): Where | undefined {
  if (spot.part === 'skirt' || spot.part === 'cape') return onHungHem(draft, garment, spot, spot.part);
  return spot.part === 'trousers' ? onHungLeg(draft, garment, spot) : undefined;
}

type Where = Pick<ChoiceHandle, 'at' | 'piece' | 'onPiece' | 'wayOnPiece' | 'way' | 'shown'>;

/** The place of a spot on the garment made up, and its move there as the choice grows. */
function placeOf(draft: Draft, garment: PlacedGarment, spot: Spot): Where | undefined {
  const found = onPanel(garment, spot);
  if (!found) return onHung(draft, garment, spot);
  const { panel, onPiece } = found;
  // Left of the centre, out is the other way.
  const way = spot.way === OUT && onPiece.x < 0 ? scale(OUT, -1) : spot.way;
  const at = seenAt(garment, panel, onPiece);
  const moved = subtract(seenAt(garment, panel, add(onPiece, way)), at);
  const shown = norm(moved);
  return { piece: panel.piece.id, onPiece, wayOnPiece: way, at, way: shown > 0 ? scale(moved, 1 / shown) : way, shown: shown || 1 };
} // prettier-ignore

/** The handles of a garment made up: one for each length of the style that has a place on the drawing. */
export function choiceHandles(style: Style, draft: Draft, garment: PlacedGarment, chosen: ChoiceValues): ChoiceHandle[] {
  return Object.entries(style.choices).flatMap(([id, choice]): ChoiceHandle[] => {
    const spot = spots[id];
    const mm = chosen[id];
    if (!spot || choice.kind !== 'length' || typeof mm !== 'number' || !isAsked(choice, chosen)) return [];
    const found = placeOf(draft, garment, spot);
    if (!found) return [];
    const { label, least, most } = choice;
    return [{ choice: id, label, half: spot.half, ...found, mm, least, most }];
  });
} // prettier-ignore
