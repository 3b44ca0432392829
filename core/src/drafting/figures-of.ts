import { levelLength, levelReach } from '../pieces/level-width.ts';
import { startDirection, endDirection } from '../geometry/curve.ts';
import { crossingsAt } from '../geometry/ring.ts';
import type { Dimension, Place } from '../pieces/dimension.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Edge } from '../pieces/piece.ts';
import { cornerOf, readPlace, type Corner, type Reading } from '../pieces/read-place.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import type { Change } from '../workings/change.ts';
import { added, byRule, changed, minus, plus, sum, type Working } from '../workings/working.ts';
import { allowanceRule, laterRoles, type Allowances, type SeamRole } from '../pieces/allowances.ts';
import type { Figure } from './draft.ts';

/** The allowances in force, and the rules that say what is cut later. */
export interface Cutting {
  readonly allowances: Allowances;
  readonly rules: RuleSet;
}

/** The allowance of a seam, with its reserve where it is cut later. */
function allowanceOf({ allowances, rules }: Cutting, role: SeamRole): Working {
  const own = byRule(allowanceRule(role), allowances[role]);
  return laterRoles(rules).some((later) => later === role)
    ? sum(plus(own), plus(byRule('allowance.reserve', rules['allowance.reserve'])))
    : own;
}

/** Which way the allowance of an edge moves a corner along an axis: loops run clockwise on screen, so outside lies to the left. */
function outward(edge: Edge, at: 'start' | 'end', kind: Dimension['kind']): 1 | -1 {
  const direction = at === 'start' ? startDirection(edge.path) : endDirection(edge.path);
  const out = kind === 'down' ? -direction.x : direction.y;
  return out < 0 ? -1 : 1;
}

/** The allowance at a corner is that of the edge that is named by it, or of the other edge there. */
function signAt(
  { before, after }: Corner,
  at: Extract<Place, { kind: 'corner' }>,
  adds: SeamRole,
  kind: Dimension['kind'],
): 1 | -1 {
  const other = at.end === 'end' ? after : before;
  const isOther = other.role === adds;
  return (at.end === 'end') === isOther ? outward(after, 'start', kind) : outward(before, 'end', kind);
}

interface OnCut {
  readonly mm: number;
  /** Direction in which the allowance lies there: out, or in. */
  readonly sign: 1 | -1;
  /** The name of what the cut line does there beside it. */
  readonly change: Change;
}

/**
 * The reading of a dimension on the cut line; undefined for one that has no allowance beyond it. An outline that contradicting
 * measures left crossing itself may not reach a level: a check stops it, and the stitch line stands for the figure.
 */
function onCut(
  { piece, outline, corners }: DraftedPiece,
  { at, kind, addsBefore }: Dimension,
  adds: SeamRole,
  allowance: number,
  stitch: Reading,
): OnCut | undefined {
  // A hem is turned up along its stitch line: its cut edge lies straight below.
  if (at.kind === 'corner' && at.of === 'hem' && kind === 'down')
    return { mm: stitch.mm + allowance, sign: 1, change: 'slant' };
  if (at.kind === 'corner') {
    const corner = cornerOf(piece, at);
    const cut = corner && corners[corner.before.id];
    const isPoint = corner?.before.allowance === 0 || corner?.after.allowance === 0;
    return (
      corner &&
      cut && {
        mm: kind === 'down' ? cut.y : cut.x,
        sign: signAt(corner, at, adds, kind),
        change: isPoint ? 'point' : 'corner',
      }
    );
  }
  if (at.kind === 'width') {
    const path = piece.levels.find(({ name }) => name === at.level)?.path;
    if (!path) return undefined;
    const reach = levelReach(outline, path);
    const before = addsBefore ? levelReach(outline, [...path].reverse()) - levelLength(path) : 0;
    return { mm: reach + before, sign: 1, change: 'slant' };
  }
  if (at.kind === 'from centre') {
    const sign = at.side === 'past' ? 1 : -1;
    return { mm: stitch.mm + sign * allowance, sign, change: 'slant' };
  }
  if (at.kind === 'level' && kind === 'down') return { mm: stitch.mm + allowance, sign: 1, change: 'slant' };
  if (at.kind === 'level' && stitch.moves)
    return { mm: crossingsAt(outline, stitch.moves.at.y).at(-1) ?? stitch.mm, sign: 1, change: 'slant' };
  return undefined;
}

function figureOf(drafted: DraftedPiece, dimension: Dimension, cutting: Cutting): Figure | undefined {
  const { piece } = drafted;
  const { name, label, kind, working, adds, addsBefore, follows } = dimension;
  const reading = readPlace(piece, dimension);
  if (!reading) return undefined;
  const allowance = adds && allowanceOf(cutting, adds);
  const cut = adds && allowance && onCut(drafted, dimension, adds, allowance.mm, reading);
  const mm = cut?.mm ?? reading.mm;
  const figure = {
    id: `${piece.id}/${name}`,
    label,
    kind,
    at: dimension.at,
    mm,
    cut: mm,
    stitch: reading.mm,
    computed: mm,
    stitchWorking: working,
    moves: follows ? null : reading.moves,
    by: 'computed' as const,
  };
  if (!cut) return { ...figure, working };
  const both = [allowance, ...(addsBefore ? [allowanceOf(cutting, addsBefore)] : [])];
  const turned = cut.mm - reading.mm - cut.sign * both.reduce((total, { mm: each }) => total + each, 0);
  const terms = both.map((each) => (cut.sign < 0 ? minus(each) : plus(each)));
  return { ...figure, working: changed(added(working, ...terms), cut.change, turned) };
}

/** The figures of a piece: each of its cut dimensions, read on it as it is drawn. */
export const figuresOf =
  (cutting: Cutting) =>
  (drafted: DraftedPiece): Figure[] =>
    (drafted.piece.dimensions ?? []).flatMap((dimension) => figureOf(drafted, dimension, cutting) ?? []);

/**
 * A figure as a shop reads it that adds the allowance on the cloth: on the stitch line, from its sum without allowances. One
 * that a hand moved keeps what was computed beside it.
 */
export function onStitchLine(figure: Figure): Figure {
  const moved = figure.mm - figure.computed;
  const computed = figure.stitch - moved;
  const working = figure.by === 'hand' ? figure.stitchWorking : changed(figure.stitchWorking, 'hand', moved);
  return { ...figure, mm: figure.stitch, computed, working };
}
