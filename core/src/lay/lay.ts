import type { Ring } from '../geometry/ring.ts';
import type { ClothRole } from '../pieces/piece.ts';

export type Fold = 'open' | 'half';
export const folds: readonly Fold[] = ['open', 'half'];

/** A stretch of the cloth's length that is folded in one way; x and y in mm on the opened cloth. */
export interface Section {
  readonly fold: Fold;
  readonly from: number;
  readonly to: number;
  readonly foldLines: readonly number[];
  readonly doubled: readonly (readonly [number, number])[];
}

/** One copy of a piece as it lies on the opened cloth. */
export interface Placement {
  readonly piece: string;
  readonly copy: number;
  /** x from the left selvedge, y along the length from the start, mm. */
  readonly polygon: Ring;
  /** Degrees, after mirroring. */
  readonly rotation: 0 | 180;
  readonly mirrored: boolean;
  readonly onFold: boolean;
  readonly section: number;
}

export interface Purchase {
  readonly amount: number;
  readonly unit: 'yd' | 'm';
}

/** A proved arrangement of all pieces of one role on one cloth. */
export interface Lay {
  readonly role: ClothRole;
  readonly width: number;
  readonly usable: readonly [number, number];
  readonly length: number;
  readonly buy: Purchase;
  /** Piece area ÷ (usable width × length). */
  readonly utilisation: number;
  readonly fold: Fold;
  readonly sections: readonly Section[];
  readonly placements: readonly Placement[];
  /** A length that no lay of these pieces on this cloth can beat, mm. */
  readonly bound: number;
}

/** How many outlines are chalked: on double cloth one outline cuts two, and an opened fold is chalked as its half. */
export const outlineCount = (lay: Lay): number =>
  lay.fold === 'open' ? lay.placements.length : lay.placements.filter(({ copy }) => copy === 0).length;
