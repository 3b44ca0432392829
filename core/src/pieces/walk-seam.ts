import { endDirection, startDirection } from '../geometry/curve.ts';
import { angleBetween } from '../geometry/point.ts';
import { edgeLength, edgeOf, type Edge, type EdgeRole, type InnerLine, type Piece } from './piece.ts';
import { idsIn, type NamedEdge } from './named-edge.ts';
import type { Seam, SeamRun, SeamSide } from './seam.ts';
import { after as edgeAfter, before as edgeBefore } from '../geometry/loop.ts';

/** The corner of a piece at one end of its side of a seam: the edge that goes on there, and the angle inside the piece, radians. */
interface Corner {
  readonly goesOn: EdgeRole;
  readonly inside: number;
}

/** One side of a seam laid out straight: its length, where one edge gives over to the next, and its notches; mm from its start. */
export interface WalkedSide {
  readonly length: number;
  readonly joins: readonly number[];
  readonly notches: readonly number[];
  readonly start: Corner;
  readonly finish: Corner;
}

/** An edge that turns by less than this at a seam runs on smoothly to the eye, radians. The team's drafting study: 8°. */
export const SMOOTH = (8 * Math.PI) / 180;

/** An edge that runs on across a seam that is sewn, with the angle by which it turns there, radians; 0 is smooth. */
export interface RunsOn {
  readonly role: EdgeRole;
  readonly turn: number;
}

/** Both sides of a seam walked along each other from one end. */
export interface WalkedSeam {
  readonly a: WalkedSide;
  readonly b: WalkedSide;
  /** The largest distance between notches that meet, mm; undefined where the sides have none to compare. */
  readonly apart: number | undefined;
  /** The edges that run on across the seam at its ends. */
  readonly runsOn: readonly RunsOn[];
}

/** A line inside a piece as an edge that another one is sewn to. */
const asEdge = ({ id, path }: InnerLine): Edge => ({ id, role: 'free', path, allowance: 0 });

const lineOf = ({ lines = [] }: Piece, id: string): InnerLine | undefined =>
  lines.find((line) => line.id === id);

/** The edge, or the line inside a piece, that a seam names; one that is not drafted is a broken invariant, and throws. */
function edgeAt(pieces: readonly Piece[], reference: string): NamedEdge {
  const ids = idsIn(reference);
  const piece = pieces.find(({ id }) => id === ids.piece);
  if (!piece) throw new Error(`a seam names ${reference}, which is not drafted`);
  const line = lineOf(piece, ids.edge);
  return { piece, edge: line ? asEdge(line) : edgeOf(piece, ids.edge) };
}

/** Across a line inside a piece nothing runs on. */
const NOTHING_RUNS_ON: Corner = { goesOn: 'end', inside: Math.PI };

/** The corners before and after an edge, in the direction of its loop. */
function cornersOf(pieces: readonly Piece[], reference: string): { before: Corner; after: Corner } {
  const { piece, edge } = edgeAt(pieces, reference);
  if (!piece.edges.includes(edge)) return { before: NOTHING_RUNS_ON, after: NOTHING_RUNS_ON };
  const [previous, next] = [edgeBefore(piece.edges, edge), edgeAfter(piece.edges, edge)];
  const inside = (from: Edge, to: Edge) =>
    Math.PI - angleBetween(endDirection(from.path), startDirection(to.path));
  return {
    before: { goesOn: previous.role, inside: inside(previous, edge) },
    after: { goesOn: next.role, inside: inside(edge, next) },
  };
}

/** The stretch of an edge that is sewn, mm along it from where its loop enters it; kept within the edge. */
function sewnStretch({ from = 0, to }: SeamRun, edge: Edge): { from: number; to: number } {
  const length = edgeLength(edge);
  const end = Math.min(length, to ?? length);
  return { from: Math.min(Math.max(0, from), end), to: end };
}

/** Length of a run as it is sewn, all its times, mm. */
export function runLength(pieces: readonly Piece[], run: SeamRun): number {
  const { from, to } = sewnStretch(run, edgeAt(pieces, run.edge).edge);
  return (to - from) * (run.times ?? 1);
}

/** The notches of a run from where it is entered, once over; a mark of the cutter's is none. */
function notchesOf(pieces: readonly Piece[], run: SeamRun, against: boolean): number[] {
  const { piece, edge } = edgeAt(pieces, run.edge);
  const { from, to } = sewnStretch(run, edge);
  return piece.notches
    .filter((notch) => notch.edge === edge.id && notch.marks === undefined)
    .filter(({ at }) => at >= from && at <= to)
    .map(({ at }) => (against ? to - at : at - from));
}

/** Runs one after the other, each as often as it is sewn; one that does not say its way is laid `against` its loop or along it. */
function sideOf(pieces: readonly Piece[], side: SeamSide, against: boolean): WalkedSide {
  let length = 0;
  const joins: number[] = [];
  const notches: number[] = [];
  const isAgainst = ({ reversed = against }: SeamRun) => reversed;
  for (const run of side) {
    const once = runLength(pieces, { ...run, times: 1 });
    for (let time = 0; time < (run.times ?? 1); time++) {
      if (length > 0) joins.push(length);
      notches.push(...notchesOf(pieces, run, isAgainst(run)).map((at) => length + at));
      length += once;
    }
  }
  const [first, last] = [side[0], side.at(-1)];
  if (!first || !last) throw new Error('a side of a seam has at least one edge');
  const [before, after] = [cornersOf(pieces, first.edge), cornersOf(pieces, last.edge)];
  return {
    length,
    joins,
    notches: notches.sort((p, q) => p - q),
    start: isAgainst(first) ? before.after : before.before,
    finish: isAgainst(last) ? after.before : after.after,
  };
}

const turned = ({ length, joins, notches, start, finish }: WalkedSide): WalkedSide => ({
  length,
  joins: joins.map((at) => length - at).reverse(),
  notches: notches.map((at) => length - at).reverse(),
  start: finish,
  finish: start,
});

/** Largest distance between the notches of two sides, mm; undefined where one has more than the other, or both have none. */
function apart(a: WalkedSide, b: WalkedSide): number | undefined {
  if (a.notches.length === 0 || a.notches.length !== b.notches.length) return undefined;
  return Math.max(...a.notches.map((at, index) => Math.abs(at - (b.notches[index] ?? at))));
}

/** Edges that end at a seam without running on: where they meet is a corner, or the middle of a piece. */
const ending: ReadonlySet<EdgeRole> = new Set(['fold', 'centre', 'join', 'dart', 'front', 'end']);

/** Edges of one role at the same end of both sides run on across the seam: the angles inside both pieces then make a straight one. */
const runsOn = (a: WalkedSide, b: WalkedSide): RunsOn[] =>
  (['start', 'finish'] as const).flatMap((end) => {
    const { goesOn, inside } = a[end];
    if (goesOn !== b[end].goesOn || ending.has(goesOn)) return [];
    return [{ role: goesOn, turn: Math.abs(inside + b[end].inside - Math.PI) }];
  });

/** Ways round are told apart by the notches first, then by how many edges run on. */
const fit = ({ apart: off, runsOn: on }: WalkedSeam): number => (off ?? 1e6) - on.length;

/**
 * Lays both sides of a seam out straight from the end where they start together. Unless the seam says so, which way each
 * edge runs in its piece is no matter: sides are turned the way round in which their notches meet and most edges run on.
 */
export function walkSeam(pieces: readonly Piece[], seam: Pick<Seam, 'a' | 'b'>): WalkedSeam {
  const pair = (a: WalkedSide, b: WalkedSide): WalkedSeam => ({
    a,
    b,
    apart: apart(a, b),
    runsOn: runsOn(a, b),
  });
  if ([...seam.a, ...seam.b].some((run) => run.reversed !== undefined))
    return pair(sideOf(pieces, seam.a, false), sideOf(pieces, seam.b, false));
  const ways = (side: SeamSide) => {
    const along = sideOf(pieces, side, false);
    const against = sideOf(pieces, side, true);
    return side.length > 1 ? [along, against, turned(along), turned(against)] : [along, against];
  };
  const firsts = seam.a.length > 1 ? ways(seam.a) : [sideOf(pieces, seam.a, false)];
  const pairs = firsts.flatMap((a) => ways(seam.b).map((b) => pair(a, b)));
  return pairs.reduce((best, each) => (fit(each) < fit(best) ? each : best));
}
