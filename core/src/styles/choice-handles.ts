import type { Draft } from '../drafting/draft.ts';
import { endOf, lengthWhere, placeAtLength, startOf, type Curve } from '../geometry/curve.ts';
import { point, type Point } from '../geometry/point.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Edge, EdgeRole } from '../pieces/piece.ts';
import type { ChoiceValues, Style } from './style.ts';

/** A place of the finished garment that sets a length which the client chooses: moved along its axis, the choice follows. */
export interface ChoiceHandle {
  readonly choice: string;
  readonly label: string;
  readonly half: 'front' | 'back';
  readonly at: Point;
  readonly axis: 'x' | 'y';
  /** What is chosen now, and between what it can be; mm. */
  readonly mm: number;
  readonly least: number;
  readonly most: number;
}

/** Where on a piece a choice shows: on which half, which edge, and which place of it. */
interface Spot {
  readonly half: 'front' | 'back';
  readonly role: EdgeRole;
  readonly place: (path: Curve) => Point;
  readonly axis: 'x' | 'y';
}

/** Where an edge passes the centre line, or starts. */
function atCentre(path: Curve): Point {
  const along = lengthWhere(path, 'x', 0);
  return along === undefined ? startOf(path) : placeAtLength(path, along).point;
}

/** The lowest end of an edge at the centre. */
const lowEnd = (path: Curve): Point => (startOf(path).y > endOf(path).y ? startOf(path) : endOf(path));

/** The choices that a hand can move on the drawing, by what styles call them. */
const spots: { readonly [choice: string]: Spot } = {
  neckDepthFront: { half: 'front', role: 'neck', place: atCentre, axis: 'y' },
  neckDepthBack: { half: 'back', role: 'neck', place: atCentre, axis: 'y' },
  neckWidth: { half: 'front', role: 'neck', place: endOf, axis: 'x' },
  topLevel: { half: 'front', role: 'top', place: endOf, axis: 'y' },
  yokeLevel: { half: 'front', role: 'top', place: endOf, axis: 'y' },
  topBack: { half: 'back', role: 'top', place: atCentre, axis: 'y' },
  length: { half: 'front', role: 'hem', place: lowEnd, axis: 'y' },
  netDepth: { half: 'front', role: 'yoke', place: lowEnd, axis: 'y' },
};

const isOn = ({ piece }: DraftedPiece, half: 'front' | 'back'): boolean => piece.id.includes(half);

/** The edge of the finished garment that a spot lies on, with how far its piece was moved to hang. */
function edgeFor({ pieces, worn }: Draft, { half, role }: Spot): { edge: Edge; by: Point } | undefined {
  for (const part of worn.filter((each) => each.half === half)) {
    const drafted = pieces.find(({ piece }) => piece.id === part.piece);
    const edge =
      drafted && isOn(drafted, half) ? drafted.piece.edges.findLast((each) => each.role === role) : undefined;
    if (!drafted || !edge) continue;
    const [from, to] = [drafted.stitch[0], part.ring[0]];
    // What hangs from a waist was moved down as a whole; the first point says by how much.
    const down = from && to && part.piece.startsWith('skirt') ? to.y - from.y : 0;
    return { edge, by: point(0, down) };
  }
  return undefined;
}

/** The handles of a draft: one for each length of the style that has a place on the drawing. */
export function choiceHandles(style: Style, draft: Draft, chosen: ChoiceValues): ChoiceHandle[] {
  return Object.entries(style.choices).flatMap(([id, choice]): ChoiceHandle[] => {
    const spot = spots[id];
    const mm = chosen[id];
    if (!spot || choice.kind !== 'length' || typeof mm !== 'number') return [];
    const found = edgeFor(draft, spot);
    if (!found) return [];
    const { x, y } = spot.place(found.edge.path);
    return [
      {
        choice: id,
        label: choice.label,
        half: spot.half,
        at: point(x + found.by.x, y + found.by.y),
        axis: spot.axis,
        mm,
        least: choice.least,
        most: choice.most,
      },
    ];
  });
}
