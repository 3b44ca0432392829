import type { Change } from '../workings/change.ts';
import { added, changed, type Term, type Working } from '../workings/working.ts';
import type { Dimension } from './dimension.ts';
import type { Curve } from '../geometry/curve.ts';
import type { EdgeRole, Piece } from './piece.ts';
import { readPlace } from './read-place.ts';

/** An operation's effect on a dimension: the sum that it then has by plan, and the change that drawing makes to it. */
export interface Effect {
  readonly terms?: readonly Term[];
  /** Its own sum made another, where terms do not say it. */
  readonly becomes?: (working: Working) => Working;
  readonly change: Change;
  /** Its words, kind, place or seam, where they are others afterwards. */
  readonly told?: Partial<Pick<Dimension, 'label' | 'kind' | 'at' | 'adds' | 'addsBefore'>>;
}

/** Drawn over again to the last digits; what differs by less is the same, mm. */
const SAME = 1e-6;

const pathsOf = ({ edges }: Piece, role: EdgeRole): Curve[] =>
  edges.flatMap((edge) => (edge.role === role ? [edge.path] : []));

/** Whether an operation has handed a run of edges on as it was, so that it need not be measured again. */
function isUntouched(before: Piece, after: Piece, { at }: Dimension): boolean {
  if (at.kind !== 'run') return false;
  const [was, is] = [pathsOf(before, at.of), pathsOf(after, at.of)];
  return was.length > 0 && was.length === is.length && was.every((path, index) => path === is[index]);
}

/**
 * The dimensions of a piece after an operation. Those whose place is gone are left out. The operation says what it adds to each
 * that it moves; what that does not account for is the change that it names, by as much as the operation moved the place.
 * A dimension without an effect is left out. `moved` is by how much a place reads more afterwards, mm.
 */
export function carryDimensions(
  before: Piece,
  after: Piece,
  effectOf: (dimension: Dimension, moved: number) => Effect | undefined,
): Piece {
  if (!before.dimensions) return after;
  const dimensions = before.dimensions.flatMap((dimension): Dimension[] => {
    if (isUntouched(before, after, dimension)) {
      const effect = effectOf(dimension, 0);
      if (effect && !effect.terms?.length && !effect.becomes && !effect.told) return [dimension];
      if (!effect) return [];
    }
    const [was, there] = [readPlace(before, dimension), readPlace(after, dimension)];
    const effect = was && effectOf(dimension, (there ?? was).mm - was.mm);
    if (!effect) return [];
    const told = { ...dimension, ...effect.told };
    const is = readPlace(after, told);
    if (!is) return [];
    const { terms = [], becomes = (working) => working, change } = effect;
    const working = added(becomes(told.working), ...terms);
    const moved = is.mm - was.mm - (working.mm - told.working.mm);
    return [
      Math.abs(moved) < SAME ? { ...told, working } : { ...told, working: changed(working, change, moved) },
    ];
  });
  return { ...after, dimensions };
}

/** A piece with dimensions that are declared after its others; one that is only drawn to be measured has none, and gets none. */
export const withDimensions = (piece: Piece, ...more: readonly Dimension[]): Piece =>
  piece.dimensions ? { ...piece, dimensions: [...piece.dimensions, ...more] } : piece;

/** A dimension whose place was drawn by its sum, but for one thing that the drawing does to it. */
export function declared(piece: Piece, dimension: Dimension, change: Change): Dimension {
  const reading = readPlace(piece, dimension);
  if (!reading) throw new Error(`${piece.id} has no place for ${dimension.name}`);
  const { working } = dimension;
  return { ...dimension, working: changed(working, change, reading.mm - working.mm) };
}

/** The sum that a dimension of a piece was drawn by; undefined on a piece that has it not, or that is drawn to be measured alone. */
export const workingOf = (piece: Piece, name: string): Working | undefined =>
  piece.dimensions?.find((each) => each.name === name)?.working;

/** The sum of a dimension that the piece must have; throws where it has none, or none of that name. */
export function sumOf(piece: Piece, name: string): Working {
  const working = workingOf(piece, name);
  if (!working) throw new Error(`${piece.id} has no dimension ${name}`);
  return working;
}
