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
}

/** From the left selvedge: where pieces may lie, in mm. */
export const usableSpan = (cloth: Cloth): readonly [number, number] => [
  cloth.selvedge,
  cloth.width - cloth.selvedge,
];

export const usableWidth = (cloth: Cloth): number => cloth.width - 2 * cloth.selvedge;
