import { point } from '../geometry/point.ts';
import type { Ring } from '../geometry/ring.ts';
import type { ClothRole } from '../pieces/piece.ts';

/** A cloth as it lies on the table; lengths in mm. */
export interface Cloth {
  readonly role: ClothRole;
  readonly name: string;
  /** As #rrggbb: what the drawings are laid on, and what the chalk is chosen against. */
  readonly colour: string;
  readonly width: number;
  /** Lost at each woven edge. */
  readonly selvedge: number;
  /** How much there is, or null when it is still to be bought. */
  readonly length: number | null;
  /** Pile or print points one way, so every piece must too. */
  readonly oneWay: boolean;
  /** What a yard or a metre of it costs, in the shop's own money. */
  readonly price?: number;
  /** Cut off the ends before anything is laid: crooked, or stamped. */
  readonly endTrim?: number;
  /** Along the length, from one figure of the print to the same again: bought once more, so that pieces can be moved to match. */
  readonly repeat?: number;
  /** Where nothing may lie. */
  readonly flaws?: readonly Flaw[];
}

/** A stain, a slub, a hole: along the length from the start, across from the left selvedge, mm on the opened cloth. */
export interface Flaw {
  readonly from: number;
  readonly to: number;
  readonly left: number;
  readonly right: number;
}

export const flawRing = ({ from, to, left, right }: Flaw): Ring => [
  point(left, from),
  point(right, from),
  point(right, to),
  point(left, to),
];

/** From the left selvedge: where pieces may lie, in mm. */
export const usableSpan = (cloth: Cloth): readonly [number, number] => [
  cloth.selvedge,
  cloth.width - cloth.selvedge,
];

export const usableWidth = (cloth: Cloth): number => cloth.width - 2 * cloth.selvedge;

export const hasFlaws = ({ flaws = [] }: Pick<Cloth, 'flaws'>): boolean => flaws.length > 0;
