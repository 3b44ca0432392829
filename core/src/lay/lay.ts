import type { Ring } from '../geometry/ring.ts';
import type { ClothRole } from '../pieces/piece.ts';

export type Fold = 'open' | 'half' | 'width';
export const folds: readonly Fold[] = ['open', 'half', 'width'];

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

/** Within this a polygon's edge is said to lie on the fold, mm. */
const ON_FOLD = 0.05;

/** Whether a placement is the under layer of double cloth: cut with its twin, and not chalked itself. */
function isUnder({ polygon, onFold, section }: Placement, sections: readonly Section[]): boolean {
  const [foldLine] = sections[section]?.foldLines ?? [];
  return !onFold && foldLine !== undefined && polygon.every(({ x }) => x <= foldLine + ON_FOLD);
}

/** The placements that are chalked: on double cloth one outline cuts two, and an opened fold is chalked as its half. */
export const chalkedPlacements = ({ placements, sections }: Lay): Placement[] =>
  placements.filter((placement) => !isUnder(placement, sections));

export const outlineCount = (lay: Lay): number => chalkedPlacements(lay).length;
