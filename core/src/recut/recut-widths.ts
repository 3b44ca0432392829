import { clamp } from '../geometry/clamp.ts';
import type { GarmentMeasureId } from '../worked-out/sample-garment.ts';
import { faces, type Face } from '../pieces/piece.ts';
import { inches } from '../units/length.ts';
import { changed, chosen, divided, minus, plus, sum, type Working } from '../workings/working.ts';
import { recutLevels, type RecutInput, type RecutLevel } from './recut-input.ts';

/** The seams of a shirt take an inch of its round. Common practice. */
const SEAM_INCH = inches(1);
/** Halves that differ by less are alike, mm. */
const ALIKE = 0.05;

/** One half of a shirt at one level, from the centre to the side seam. */
export interface RecutHalf {
  readonly face: Face;
  readonly now: Working;
  readonly wanted: Working;
  /** Taken in; less than nothing is let out. */
  readonly takeIn: number;
  /** Where it is sewn and where it is cut afterwards, from the centre outwards. */
  readonly sewAt: Working;
  readonly cutAt: Working;
  /** Taken over from the other half, which could not give it; less than nothing was given over to it. */
  readonly fromOther: number;
}

/** A level of a shirt: both halves, and what neither can give or hold, on the half round. */
export interface RecutWidth {
  readonly level: RecutLevel;
  readonly halves: { readonly [face in Face]: RecutHalf };
  readonly left: number;
}

const measureOf: { readonly [face in Face]: { readonly [level in RecutLevel]: GarmentMeasureId } } = {
  front: { chest: 'frontChest', waist: 'frontWaist', hip: 'frontHip' },
  back: { chest: 'backChest', waist: 'backWaist', hip: 'backHip' },
};

/** A half of a shirt as it was laid flat: a front from the placket’s edge, less half the lap; a back from seam to seam, halved. */
function laidHalf(
  values: RecutInput['now'],
  face: Face,
  level: RecutLevel,
  lap: number,
): Working | undefined {
  const mm = values[measureOf[face][level]];
  if (mm === undefined) return undefined;
  return face === 'front'
    ? sum(plus(chosen('placket edge to side', mm)), minus(divided(chosen('lap', lap), 2)))
    : divided(chosen('side to side', mm), 2);
}

/** The half that is wanted: a quarter of the body’s round with its ease, the inch of the seams counted once, or the half of the shirt that fits. */
function wantedHalf({ target, lap }: RecutInput, face: Face, level: RecutLevel): Working | undefined {
  if (target.kind === 'sample') return laidHalf(target.values, face, level, lap);
  const round = target.body.rounds[level];
  if (round === undefined) return undefined;
  const { levels, withSeams } = target.ease;
  const inSeams = withSeams ? [minus(chosen('in the seams', SEAM_INCH))] : [];
  return divided(sum(plus(chosen('round', round)), plus(chosen('ease', levels[level])), ...inSeams), 4);
}

/**
 * What each half gives: its own where it can; what one cannot give or hold the other takes over, so that their sum is kept as far
 * as both let it. Halves in mm, taken in positive.
 */
export function sharedBetween(
  wanted: { readonly [face in Face]: number },
  least: number,
  most: number,
): { readonly [face in Face]: number } {
  const own = { front: clamp(wanted.front, least, most), back: clamp(wanted.back, least, most) };
  const left = clamp(wanted.front + wanted.back, 2 * least, 2 * most) - own.front - own.back;
  const front = clamp(own.front + left, least, most);
  return { front, back: clamp(own.back + left - (front - own.front), least, most) };
}

/** The level of a shirt recut; undefined until both its halves and what is wanted of them are known. */
function widthAt(level: RecutLevel, input: RecutInput): RecutWidth | undefined {
  const { now, lap, seam, holds, most } = input;
  const [frontNow, backNow] = faces.map((face) => laidHalf(now, face, level, lap));
  const [frontWanted, backWanted] = faces.map((face) => wantedHalf(input, face, level));
  if (!frontNow || !backNow || !frontWanted || !backWanted) return undefined;
  const asked = { front: frontNow.mm - frontWanted.mm, back: backNow.mm - backWanted.mm };
  const given = sharedBetween(asked, -holds, most);
  const half = (face: Face, is: Working, wanted: Working): RecutHalf => {
    const fromOther = given[face] - asked[face];
    const sewAt = changed(wanted, 'kept', Math.abs(fromOther) < ALIKE ? 0 : -fromOther);
    return {
      face,
      now: is,
      wanted,
      takeIn: given[face],
      sewAt,
      cutAt: sum(plus(sewAt), plus(chosen('seam', seam))),
      fromOther: Math.abs(fromOther) < ALIKE ? 0 : fromOther,
    };
  };
  const left = asked.front + asked.back - given.front - given.back;
  return {
    level,
    halves: { front: half('front', frontNow, frontWanted), back: half('back', backNow, backWanted) },
    left: Math.abs(left) < ALIKE ? 0 : left,
  };
}

/** The levels of a shirt that are known on both sides, from the top down. */
export const recutWidths = (input: RecutInput): RecutWidth[] =>
  recutLevels.flatMap((level) => widthAt(level, input) ?? []);
