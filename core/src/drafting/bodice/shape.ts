import type { FrontBack } from './frame.ts';

/** Which of a bodice's darts are drawn: at the waist of front and back, at the bust, and the armhole's wedge that opens into that. */
export interface DartsDrawn {
  readonly front: boolean;
  readonly back: boolean;
  readonly bust: boolean;
  readonly wedge: boolean;
}

/**
 * What the bodice's solver varies until the finished rounds are right. Which darts exist is decided once, on the
 * first draft: a dart that came and went between rounds would keep the solver from converging.
 */
export interface BodiceShape {
  /** Depth of the chest line, mm. */
  readonly chest: number;
  /** Angle of the wedge closed in the front armhole about the bust point, radians. */
  readonly wedge: number;
  /** Half-widths drawn at the bust line, mm: the wanted ones, plus what a dart takes there. */
  readonly bustOut: FrontBack;
  /** Move of the side's waist point where no dart can take up the difference, mm. */
  readonly waistShift: FrontBack;
  readonly darts: DartsDrawn;
}
