import type { Ring } from '../geometry/ring.ts';
import type { Face } from '../pieces/piece.ts';

/**
 * A detail that is seen on the garment made up beyond the panels on its torso. Edges are named as seams name them, piece/edge; all
 * lengths are finished, in mm. Buttons and slits are told by the pieces themselves.
 */
export type Detail =
  /** A zip down edges of a face, the last of them only for `to`. */
  | { readonly kind: 'zip'; readonly face: Face; readonly edges: readonly string[]; readonly to?: number }
  /** A strip bound over edges, in their order. */
  | { readonly kind: 'placket'; readonly piece: string; readonly binds: readonly string[]; readonly width: number }
  /** A collar, and the face at whose centre its ends meet. */
  | { readonly kind: 'collar'; readonly piece: string; readonly manner: 'stands' | 'falls'; readonly opens: Face }
  /** Girths by distance down from the tip of the shoulder, length of the underarm seam, and cap ÷ armhole. */
  | {
      readonly kind: 'sleeve';
      readonly piece: string;
      readonly girths: readonly (readonly [number, number])[];
      readonly underarm: number;
      readonly gather: number;
      /** Distance down from the tip of the shoulder at which a flare or a cuff is sewn on; into a cuff it is gathered. */
      readonly seamAt?: number;
      readonly cuff?: true;
      /** Length of trim along the hems of both, mm. */
      readonly trim?: number;
    }
  /** A cape around both arms, or around the neck: its upper edge lies so far below the start line; open in front or nowhere. */
  | { readonly kind: 'cape'; readonly pieces: readonly string[]; readonly from: number; readonly depth: number; readonly round: number; readonly hem: number; readonly opens?: Face }
  /** A flounce around the arm: how far down from the tip of the shoulder it is sewn, how deep it is, its round there and at its hem; the upper lies over the lower; on one arm alone where that is said. */
  | { readonly kind: 'flounce'; readonly piece: string; readonly at: number; readonly depth: number; readonly round: number; readonly hem: number; readonly hand?: 'left' | 'right' }
  /** A skirt that falls from the waist by itself; `pieces` hang in it. The zip of the bodice runs on down it so far; 0 where it does not open. */
  | {
      readonly kind: 'skirt';
      readonly pieces: readonly string[];
      readonly length: number;
      readonly waist: number;
      readonly hem: number;
      /** Length of what is gathered ÷ the waist; 1 where nothing is. */
      readonly gather?: number;
      /** Distances down from the waist at which a tier is sewn to the one above. */
      readonly seamsAt?: readonly number[];
      /** Pleats in each quarter, from the waist down. */
      readonly pleats?: number;
      /** Open behind from the waist down. */
      readonly open?: true;
      /** Sewn on so far above the waist, mm. */
      readonly above?: number;
      /** Length of trim along its hem, mm. */
      readonly trim?: number;
      /** Its hem is raised on the side of one hand, mm, and gathered there from and to so far down from the waist. */
      readonly slanted?: {
        readonly hand: 'left' | 'right';
        readonly by: number;
        readonly ruched: { readonly from: number; readonly to: number };
      };
      readonly zip: number;
      readonly zipAt?: 'side';
    }
  /** Trousers from the waist: depth of the crotch, rounds of waist and hip, and of each leg by the distance down from the waist. The zip runs on down so far. */
  | {
      readonly kind: 'trousers';
      readonly pieces: readonly string[];
      readonly crotch: number;
      readonly waist: number;
      readonly hip: number;
      readonly legs: readonly (readonly [number, number])[];
      readonly zip: number;
    }
  /** A band around the upper arm, sewn to both armholes. */
  | { readonly kind: 'arm-band'; readonly piece: string; readonly width: number; readonly length: number }
  /** Ties from an edge, knotted behind the neck. */
  | { readonly kind: 'neck-tie'; readonly piece: string; readonly from: string; readonly width: number; readonly length: number }
  /** A lace across the back: between the sides of a piece that has no back, or between an edge of a back and its mirror. */
  | { readonly kind: 'lacing'; readonly piece: string; readonly between: { readonly sidesOf: string } | { readonly edge: string }; readonly width: number }
  /** A band around the waist, above the seam with what hangs from it. */
  | { readonly kind: 'waistband'; readonly pieces: readonly string[]; readonly height: number; readonly round: number }
  /** A belt sewn to the hem, its free length tied in a bow behind. */
  | { readonly kind: 'sash'; readonly piece: string; readonly width: number; readonly free: number }
  /** Cloth that lies over the torso apart from its panels, in their coordinates before they are closed. */
  | { readonly kind: 'overlay'; readonly piece: string; readonly front: Ring; readonly back: Ring }; // prettier-ignore
