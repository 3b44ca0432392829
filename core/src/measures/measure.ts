/** Kind of a measure: along the body, straight across, from the shoulder or waist down, around, or worked out. */
export type MeasureKind = 'length' | 'across' | 'down' | 'round' | 'derived';

/** Posture of the client while a measure is taken. */
export type Posture = 'straight' | 'arms-down' | 'arm-bent' | 'arm-flexed' | 'feet-together' | 'knee-bent';

export const postureWords: { readonly [posture in Posture]: string } = {
  straight: 'Standing straight, looking ahead.',
  'arms-down': 'Standing straight, arms down.',
  'arm-bent': 'Elbow slightly bent.',
  'arm-flexed': 'Arm flexed.',
  'feet-together': 'Standing straight, feet together.',
  'knee-bent': 'Knee slightly bent.',
};

export interface Measure {
  /** Names in use; the first is the one on screen, all are searched. */
  readonly names: readonly [string, ...string[]];
  readonly kind: MeasureKind;
  readonly posture: Posture;
  /** Points of the body between which the tape runs; a round starts and ends at its level. */
  readonly starts: string;
  readonly ends: string;
  /** Steps of taking it, in the order of the hands; two lines at most, so that they are read while the tape is held. */
  readonly steps: readonly [string] | readonly [string, string];
  /** Between these, in inches, it usually lies on an adult. Common practice, wide on purpose; absent where no rule is known. */
  readonly usual?: readonly [number, number];
  /** The name in ISO 8559-1 for the same path, recalled from memory; absent where none is known. */
  readonly standard?: string;
  /** Measures that are compared with it or can stand in for it. */
  readonly related: readonly string[];
}
