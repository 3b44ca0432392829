import { clamp } from './clamp.ts';

/** A bow's two legs, along its two ends' directions, or the lengths of its handles there, mm. */
export interface BowLegs {
  readonly leaving: number;
  readonly arriving: number;
}

/** A leg that is longer than the other keeps straight until about so much of the shorter is left, as a part of it. */
const BENDS_WITHIN = 0.9;
/** Growth of the shorter leg's handle, as a part of it, and the ratio of the legs at which it has grown by all of that. */
const GROWS = 0.25;
const GROWN_AT = 2.5;

/**
 * Handles of a quarter turn from one leg into the other, given as parts of them. Between legs of unlike length such a turn would
 * hook at the end of the shorter one, at a radius of a quarter of it; the longer leg runs on straight instead, and the turn takes
 * up all of the shorter: a radius of about two thirds of it at a right angle, and nearly all of it at an open one.
 */
export function bowHandles(legs: BowLegs, parts: BowLegs): BowLegs {
  const handle = (own: number, other: number, part: number): number => {
    const longer = Math.max(part, 1 - (BENDS_WITHIN * other) / own);
    const shorter = part + GROWS * clamp((other / own - 1) / (GROWN_AT - 1), 0, 1);
    return own * Math.max(longer, shorter);
  };
  return {
    leaving: handle(legs.leaving, legs.arriving, parts.leaving),
    arriving: handle(legs.arriving, legs.leaving, parts.arriving),
  };
}
