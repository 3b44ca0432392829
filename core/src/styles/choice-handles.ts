import type { Draft } from '../drafting/draft.ts';
import { endOf, pointWhere, startOf, type Curve } from '../geometry/curve.ts';
import { OUT, DOWN, add, type Point, scale } from '../geometry/point.ts';
import type { EdgeRole, PartName } from '../pieces/piece.ts';
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
  readonly way: Point;
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
  skirtLength: { half: 'front', role: 'hem', part: 'skirt', place: atCentre, way: DOWN },
  netDepth: { half: 'front', role: 'yoke', place: lowEnd, way: DOWN },
};

/** Place of a spot in the finished garment: on the first of its hanging parts that has such an edge. */
function placeOf(
  { pieces, worn }: Draft,
  { half, role, part: on, place }: Spot,
): Pick<ChoiceHandle, 'at' | 'piece' | 'onPiece'> | undefined {
  for (const part of worn.filter((each) => each.half === half)) {
    const drafted = pieces.find(({ piece }) => piece.id === part.piece);
    const isHere = on === undefined ? drafted?.piece.part !== 'sleeve' : drafted?.piece.part === on;
    const edge = drafted?.piece.edges.findLast((each) => each.role === role);
    if (edge && isHere) {
      const onPiece = place(edge.path);
      return { at: add(onPiece, part.by), piece: part.piece, onPiece };
    }
  }
  return undefined;
}

/** The handles of a draft: one for each length of the style that has a place on the drawing. */
export function choiceHandles(style: Style, draft: Draft, chosen: ChoiceValues): ChoiceHandle[] {
  return Object.entries(style.choices).flatMap(([id, choice]): ChoiceHandle[] => {
    const spot = spots[id];
    const mm = chosen[id];
    if (!spot || choice.kind !== 'length' || typeof mm !== 'number' || !isAsked(choice, chosen)) return [];
    const found = placeOf(draft, spot);
    if (!found) return [];
    return [
      {
        choice: id,
        label: choice.label,
        half: spot.half,
        ...found,
        // Left of the centre, out is the other way.
        way: spot.way === OUT && found.onPiece.x < 0 ? scale(OUT, -1) : spot.way,
        mm,
        least: choice.least,
        most: choice.most,
      },
    ];
  });
}
