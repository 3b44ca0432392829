import type { Point } from '../geometry/point.ts';
import type { LevelName, LevelPoint } from '../pieces/level.ts';
import type { Dart, Edge, EdgeRole, Later, Notch, Trim } from '../pieces/piece.ts';

/** Which way something runs: away from the start of the cloth or back to it, across it, or on the bias between the two. */
export type Heading =
  'away' | 'back' | 'left' | 'right' | 'away-left' | 'away-right' | 'back-left' | 'back-right';

/** Crossing of the piece's start line and centre on the cloth, with the directions of its downs and outs. */
export interface Place {
  /** From the start of the cloth, from its cross fold where it has one, or from the upper edge of its own block; mm. */
  readonly fromStart: number;
  readonly alongFrom: 'start' | 'cross fold' | 'block';
  /** From the fold where the cloth lies double, else from the left selvedge, or from the left edge of its block; mm. */
  readonly across: number;
  readonly acrossFrom: 'fold' | 'left selvedge' | 'block';
  /** Depth of the piece's start line below the one that figures count from, mm: 0 unless the piece begins under that. */
  readonly below: number;
  readonly onFold: boolean;
  /** A half-piece laid on single cloth: what is chalked is chalked again, mirrored, on the other side of the centre. */
  readonly bothSides: boolean;
  readonly downs: Heading;
  readonly outs: Heading;
}

interface MarkBase {
  readonly piece: string;
  /** Line that outs are measured from: the centre or fold, or the grain line of a panel that has neither. */
  readonly from: 'centre' | 'grain';
  /** The point that downs and outs are measured from, in the piece's own coordinates, mm. */
  readonly origin: Point;
  /** Place in the order of chalking, from 1. */
  readonly order: number;
  /** Points that the mark draws, in the piece's own coordinates, mm. */
  readonly points: readonly Point[];
}

/** A named point that is found by measuring down and out. */
export type PointName =
  | 'neck-point'
  | 'neck-centre'
  | 'shoulder-tip'
  | LevelPoint
  | 'seam-armhole'
  | 'cap-top'
  | 'bust-point'
  | 'top-start'
  | 'top-end'
  | 'front-top'
  | 'front-foot'
  | 'inner-centre'
  | 'inner-side'
  | 'slit-top'
  | 'corner'
  | 'button';

/** An arc of a circle: how far its marks lie from one point, and where that is from the piece's origin, mm. */
export interface Swing {
  readonly radius: number;
  readonly down: number;
  readonly out: number;
}

/** An end of an edge, as a hand finds it: of one that runs down the upper, of one across that nearer to the centre, or the left. */
export type EdgeEnd = 'upper' | 'inner' | 'left';

/** One thing that the chalk does. Downs are from the start line, outs from the centre or fold, mm. */
export type Mark =
  /** A rough block that is cut and fused before its piece is chalked in it: its upper left corner, and its sides in mm. */
  | (MarkBase & {
      readonly kind: 'block';
      readonly copy: number;
      readonly width: number;
      readonly height: number;
    } & Place)
  | (MarkBase & { readonly kind: 'place' } & Place)
  /** The next copy of a piece on single cloth: chalked again from here, or around the first once that is cut. */
  | (MarkBase & { readonly kind: 'again'; readonly copy: number; readonly mirrored: boolean } & Place)
  /**
   * `below` is its depth below the start line of the figures, mm; 0 where it is that. `room` is what the piece takes of the cloth
   * above the line and beside the centre, of a piece that is not laid.
   */
  | (MarkBase & {
      readonly kind: 'start-line';
      readonly out: number;
      readonly below: number;
      readonly room?: { readonly above: number; readonly beside: number };
    })
  | (MarkBase & {
      readonly kind: 'level';
      readonly level: LevelName;
      readonly down: number;
      readonly out: number;
    })
  | (MarkBase & {
      readonly kind: 'point';
      readonly name: PointName;
      /** The edges that meet in a corner, or the one that turns there. */
      readonly meet?: readonly Edge['id'][];
      readonly down: number;
      readonly out: number;
    })
  | (MarkBase & { readonly kind: 'slope'; readonly edge: Edge['id']; readonly mm: number })
  | (MarkBase & {
      readonly kind: 'curve';
      readonly edge: Edge['id'];
      readonly mm: number;
      readonly swing?: Swing;
    })
  /** A line inside the piece, with its two ends. */
  | (MarkBase & { readonly kind: 'line'; readonly label: string; readonly mm: number })
  | (MarkBase & {
      readonly kind: 'dart';
      readonly dart: Dart['id'];
      readonly intake: number;
      readonly down: number;
      readonly out: number;
      /** Depth of the second tip of a contour dart. */
      readonly foot?: number;
      /** The way that its cloth is pressed, where its roof is not chalked: the edge that it opens into is cut with it folded so. */
      readonly pressed?: Dart['pressed'];
    })
  /** The cut line outside of the chalked stitch line, or the stitch line inside of the chalked cut line. */
  | (MarkBase & {
      readonly kind: 'allowance';
      readonly side: 'outside' | 'inside';
      readonly role: EdgeRole;
      readonly mm: number;
      readonly later?: Later;
    })
  | (MarkBase & {
      readonly kind: 'notch';
      readonly edge: Edge['id'];
      readonly notch: Notch['kind'];
      readonly marks?: Notch['marks'];
      /** Along the edge from this end of it, mm. */
      readonly mm: number;
      readonly end: EdgeEnd;
    })
  /** Chalked around a piece that is cut already; where it is pinned under that, it is cut with it and only trimmed. */
  | (MarkBase & {
      readonly kind: 'trace';
      readonly template: string;
      readonly trims: readonly Trim[];
      readonly pinned: boolean;
    })
  | (MarkBase & { readonly kind: 'label'; readonly copies: number });

/** A mark before it has its place in the order; distributes over the union. */
export type UnorderedMark = Mark extends infer M
  ? M extends Mark
    ? Omit<M, 'piece' | 'order' | 'from' | 'origin'>
    : never
  : never;
