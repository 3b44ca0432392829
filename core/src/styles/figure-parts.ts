import { levelLength, levelReach } from '../checks/level-width.ts';
import type { Allowances, SeamRole } from '../drafting/allowances.ts';
import { allowanceRule, laterRoles } from '../drafting/allowances.ts';
import type { Body } from '../drafting/body.ts';
import type { Figure } from '../drafting/draft.ts';
import { endDirection, endOf, startDirection, startOf } from '../geometry/curve.ts';
import { OUT, DOWN, distance, scale, type Point } from '../geometry/point.ts';
import { crossingsAt } from '../geometry/ring.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import {
  edgeLength,
  edgeOf,
  edgesWithRole,
  type Edge,
  type EdgeRole,
  type LevelName,
} from '../pieces/piece.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import {
  byRule,
  chosen,
  corrected,
  divided,
  drawn,
  minus,
  plus,
  sum,
  type Term,
  type Working,
} from '../workings/working.ts';
import type { Choice } from './style.ts';

/** What figures are written from: the body's terms and the allowances in force. */
export interface FigureContext {
  readonly body: Body;
  readonly allowances: Allowances;
  readonly rules: RuleSet;
}

/** The allowance of an edge, with its reserve where it is cut later. */
function allowanceOf({ allowances, rules }: FigureContext, role: SeamRole): Working {
  const own = byRule(allowanceRule(role), allowances[role]);
  return laterRoles(rules).some((later) => later === role)
    ? sum(plus(own), plus(byRule('allowance.reserve', rules['allowance.reserve'])))
    : own;
}

export const allowanceTerm = (context: FigureContext, role: SeamRole): Term =>
  plus(allowanceOf(context, role));
export const lessAllowance = (context: FigureContext, role: SeamRole): Term =>
  minus(allowanceOf(context, role));

/** A length that the client chose, as a term of a working; mm. */
export const choiceTerm = ({ label }: Choice, mm: number): Working => chosen(label.toLowerCase(), mm);

/** (round + ease) ÷ 4: what one half-piece must give of a round. */
export const quarterOf = (context: FigureContext, round: MeasureId, ease: number): Term =>
  plus(divided(sum(plus(context.body.term(round)), plus(chosen('ease', ease))), 4));

interface FigureParts {
  readonly name: string;
  readonly label: string;
  readonly kind: Figure['kind'];
  readonly mm: number;
  readonly stitch: number;
  readonly working: Working;
  /** What the drawing did where it and the sum differ. */
  readonly because: string;
  /** The point that a hand moves to set it; left out for what only follows from others. */
  readonly moves?: Figure['moves'];
}

/** A figure whose working ends on what was really drawn. */
export const figure = (
  { piece }: DraftedPiece,
  { name, working, because, moves = null, ...parts }: FigureParts,
): Figure => ({
  id: `${piece.id}/${name}`,
  ...parts,
  cut: parts.mm,
  computed: parts.mm,
  moves,
  working: corrected(working, parts.mm, because),
  by: 'computed',
});

function levelPath({ piece }: DraftedPiece, level: LevelName): readonly Point[] {
  const found = piece.levels.find(({ name }) => name === level);
  if (!found) throw new Error(`${piece.id} has no ${level} level`);
  return found.path;
}

/** How long a level line is on the stitch line, mm. */
export const levelLengthOf = (drafted: DraftedPiece, level: LevelName): number =>
  levelLength(levelPath(drafted, level));

/** Where a level ends at the side, on the stitch line. */
export function levelEnd(drafted: DraftedPiece, level: LevelName): Point {
  const end = levelPath(drafted, level).at(-1);
  if (!end) throw new Error(`${drafted.piece.id}: the ${level} level is empty`);
  return end;
}

/** Where a level starts at the centre, on the stitch line. */
export function levelStart(drafted: DraftedPiece, level: LevelName): Point {
  const [start] = levelPath(drafted, level);
  if (!start) throw new Error(`${drafted.piece.id}: the ${level} level is empty`);
  return start;
}

/**
 * How far out the cut line lies at the height of a stitch point, mm. An outline that contradicting measures left crossing
 * itself may not reach so high: a check stops it, and the stitch point stands for the figure.
 */
export const outlineOut = ({ outline }: DraftedPiece, at: Point): number =>
  crossingsAt(outline, at.y).at(-1) ?? at.x;

/** A width at a level, measured along it from the centre out to the side, open darts included. */
export function outFigure(
  drafted: DraftedPiece,
  level: LevelName,
  label: string,
  working: Working,
  because: string,
): Figure {
  const path = levelPath(drafted, level);
  return figure(drafted, {
    name: level,
    label,
    kind: 'out',
    mm: levelReach(drafted.outline, path),
    stitch: levelLength(path),
    working,
    because,
    moves: { at: levelEnd(drafted, level), way: OUT },
  });
}

/** A corner of the stitch line with the cut corner that belongs to it, read out or down. */
export function cornerFigure(
  piece: DraftedPiece,
  edge: string,
  kind: 'out' | 'down',
  name: string,
  label: string,
  working: Working,
): Figure {
  const cut = piece.corners[edge];
  if (!cut) throw new Error(`${piece.piece.id} has no corner at ${edge}`);
  const stitch = endOf(edgeOf(piece.piece, edge).path);
  const axis = kind === 'out' ? 'x' : 'y';
  return figure(piece, {
    name,
    label,
    kind,
    mm: cut[axis],
    stitch: stitch[axis],
    working,
    because: 'corner',
    moves: { at: stitch, way: kind === 'out' ? OUT : DOWN },
  });
}

/** A point inside the piece or a level, where cut and stitch agree. */
export const insideFigure = (
  piece: DraftedPiece,
  kind: Figure['kind'],
  name: string,
  label: string,
  mm: number,
  working: Working,
  because: string,
  moves: Figure['moves'] = null,
): Figure => figure(piece, { name, label, kind, mm, stitch: mm, working, because, moves });

const held: ReadonlySet<EdgeRole> = new Set(['fold', 'centre']);

/** The end of an edge that a hand moves along it: away from a fold or centre, of two free ends the upper. */
export function endMoved({ piece }: DraftedPiece, edge: Edge): Figure['moves'] {
  const { edges } = piece;
  const index = edges.indexOf(edge);
  const start = { at: startOf(edge.path), way: scale(startDirection(edge.path), -1) };
  const end = { at: endOf(edge.path), way: endDirection(edge.path) };
  if (held.has(edges.at(index - 1)?.role ?? 'end')) return end;
  if (held.has(edges[(index + 1) % edges.length]?.role ?? 'end')) return start;
  return start.at.y < end.at.y ? start : end;
}

const top = ({ path }: Edge): number => Math.min(startOf(path).y, endOf(path).y);

/** The length of all edges of a role, on the stitch line. The upper end of the upper one is what a hand moves. */
export function runFigure(drafted: DraftedPiece, role: EdgeRole, name: string, label: string): Figure {
  const edges = edgesWithRole(drafted.piece, role);
  const mm = edges.reduce((total, edge) => total + edgeLength(edge), 0);
  const [upper] = [...edges].sort((a, b) => top(a) - top(b));
  const moves = upper ? endMoved(drafted, upper) : null;
  return insideFigure(drafted, 'length', name, label, mm, drawn('as drawn', mm), 'curve', moves);
}

/** The length of a seam on the stitch line; its cut line is as long but for the corners. */
export const seamFigure = (
  piece: DraftedPiece,
  role: 'side' | 'shoulder' | 'princess',
  label: string,
): Figure => runFigure(piece, role, `${role}-seam`, label);

/** How far apart buttons are sewn, centre to centre. */
export function buttonFigures(drafted: DraftedPiece): Figure[] {
  const { buttons = [] } = drafted.piece;
  const [first, last] = [buttons[0], buttons.at(-1)];
  if (!first || !last || buttons.length < 2) return [];
  const run = distance(first, last);
  const apart = run / (buttons.length - 1);
  const working = divided(drawn('first to last', run), buttons.length - 1);
  return [
    insideFigure(drafted, 'length', 'buttons-apart', 'Buttons, centre to centre', apart, working, 'as drawn'),
  ];
}
