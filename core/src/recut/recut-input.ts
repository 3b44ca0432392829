import type { GarmentValues } from '../worked-out/sample-garment.ts';

/** Levels at which a shirt is taken in or let out, from the top down. */
export const recutLevels = ['chest', 'waist', 'hip'] as const;
export type RecutLevel = (typeof recutLevels)[number];

/** Rounds and lengths of the body that a shirt is recut to, mm. */
export interface RecutBody {
  readonly rounds: { readonly [level in RecutLevel]?: number };
  readonly height?: number;
  readonly neck?: number;
  readonly shoulder?: number;
  readonly armLength?: number;
  readonly wrist?: number;
}

/** Ease over the body, mm: at each level, at the neck and at the cuff. */
export interface RecutEase {
  readonly levels: { readonly [level in RecutLevel]: number };
  readonly neck: number;
  readonly cuff: number;
  /** The inch that the seams take is written into the ease, which is then that much less when finished. */
  readonly withSeams: boolean;
}

/** What the shirt is recut to: a body with ease, or a shirt that fits. */
export type RecutTarget =
  | { readonly kind: 'body'; readonly body: RecutBody; readonly ease: RecutEase }
  | { readonly kind: 'sample'; readonly values: GarmentValues };

/** A bought shirt as it is, what it is recut to, and what its seams and halves let a hand do; mm. */
export interface RecutInput {
  readonly now: GarmentValues;
  readonly target: RecutTarget;
  /** Width by which the fronts lap over each other: a front is measured from the placket’s edge, half of that past the centre. */
  readonly lap: number;
  /** Allowance outside the new stitch line. */
  readonly seam: number;
  /** Cloth inside the seams that can be let out. */
  readonly holds: number;
  /** The most that one half can be taken in without its armhole, pocket or darts. */
  readonly most: number;
}
