import { point } from '../../geometry/point.ts';
import type { Ring } from '../../geometry/ring.ts';
import type { ClothRole } from '../../pieces/piece.ts';
import type { PieceManner } from './lay-manner.ts';

/** A cloth as it lies on the table; lengths in mm. */
export interface Cloth {
  readonly role: ClothRole;
  readonly name: string;
  /** Which bolt of the shop's it is cut from: tickets with the same one share it, whatever it is called. */
  readonly bolt?: string;
  /** As #rrggbb: what the drawings are laid on, and what the chalk is chosen against. */
  readonly colour: string;
  readonly width: number;
  /** Lost at each woven edge. */
  readonly selvedge: number;
  /** How much there is, or null when it is still to be bought. */
  readonly length: number | null;
  /** Pile or print points one way, so every piece must too. */
  readonly oneWay: boolean;
  /** It has no wrong side: a piece may be turned over, and either hand of a pair cut from either face. */
  readonly bothSides?: boolean;
  /** What a yard or a metre of it costs, in the shop's own money. */
  readonly price?: number;
  /** Cut off the ends before anything is laid: crooked, or stamped. */
  readonly endTrim?: number;
  /** Along the length, from one figure of the print to the same again: bought once more, so that pieces can be moved to match. */
  readonly repeat?: number;
  /** The print runs around the body: where pieces meet, their levels lie at the same place of the repeat. */
  readonly matched?: boolean;
  /** Across the width, from the middle of one stripe or figure to the next: centre lines lie on one, mm. */
  readonly repeatAcross?: number;
  /** Where the middle of one lies, from the left selvedge, mm; in the middle of the width where it was not measured. */
  readonly figureAt?: number;
  /** Kept free between pieces, where the cloth frays or shears need room, mm. */
  readonly spacing?: number;
  /** Where nothing may lie. */
  readonly flaws?: readonly Flaw[];
  /** The true outline of a leftover that is no straight piece: within its width and length, from the left selvedge and the start. */
  readonly outline?: Ring | undefined;
  readonly panels?: readonly Panel[];
  /** How single pieces lie, where that was said. */
  readonly manners?: readonly PieceManner[];
  /** A lace or printed border, whose selvedge hems may lie on. */
  readonly border?: 'left' | 'right';
  /** Which way knitted or elastic cloth gives. */
  readonly stretch?: 'across' | 'along';
  /** Pieces that would lie on the fold and are cut with a join there instead, to save cloth, by their ids. */
  readonly joined?: readonly string[];
  /** Pieces of another cloth's that are cut from this one, by their ids. */
  readonly takes?: readonly string[];
  /** The cloth that it is pinned under: what is traced there is cut through both at once. */
  readonly under?: ClothRole;
}

/** A worked motif: one piece lies inside it, its middle on the motif's middle, and no other is cut from it. */
export interface Panel extends Flaw {
  readonly piece: string;
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

/** The cloth as if there were enough of it for a lay so long: whether there is, is said beside the plan, and is no fault of the plan. */
export const longEnough = (cloth: Cloth, mm: number): Cloth =>
  cloth.length === null || mm <= cloth.length ? cloth : { ...cloth, length: null, outline: undefined };

/** Whether something on the cloth has a place of its own, so that where it comes to lie matters. */
export const hasPlaces = (cloth: Cloth): boolean => {
  const { flaws = [], panels = [], outline } = cloth;
  return flaws.length > 0 || panels.length > 0 || outline !== undefined || matchedRepeat(cloth) > 0;
};

/** The repeat that pieces are matched by, mm; 0 where they are not. */
export const matchedRepeat = ({ repeat = 0, matched = false }: Pick<Cloth, 'repeat' | 'matched'>): number =>
  matched ? repeat : 0;
