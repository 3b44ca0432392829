/** How a measure is taken: along the body, straight across, from the shoulder or waist down, around, or worked out. */
export type MeasureKind = 'length' | 'across' | 'down' | 'round' | 'derived';

export interface Measure {
  /** What shops call it; the first is the one on screen. */
  readonly names: readonly [string, ...string[]];
  readonly kind: MeasureKind;
  /** How it is taken, in the order of the hands. */
  readonly steps: readonly [string, ...string[]];
  /** The name in ISO 8559-1 for the same path, recalled from memory; absent where none is known. */
  readonly standard?: string;
  /** Measures that are compared with it or can stand in for it. */
  readonly related: readonly string[];
}
