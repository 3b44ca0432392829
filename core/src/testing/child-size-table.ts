import type { MeasureValues } from '../measures/measure-set.ts';
import { MM_PER_CENTIMETRE } from '../units/length.ts';

/**
 * Children by body height, with the chest, waist and hip that go with it in the children's series of EN 13402, recalled from
 * memory and to the centimetre. Every other measure is derived by `childBody`, not from the table.
 */
export const childSizes = [
  { size: 104, chest: 56, waist: 53, hip: 59 },
  { size: 116, chest: 60, waist: 56, hip: 64 },
  { size: 128, chest: 64, waist: 59, hip: 69 },
  { size: 140, chest: 70, waist: 62, hip: 75 },
  { size: 152, chest: 76, waist: 65, hip: 81 },
] as const;

export interface ChildSize {
  readonly size: number;
  readonly chest: number;
  readonly waist: number;
  readonly hip: number;
}

/** A child's whole set, mm: lengths and widths as parts of the height, the armhole of the chest. Common practice, no source. */
export function childBody({ size: height, chest, waist, hip }: ChildSize): MeasureValues {
  const shoulder = 0.235 * height;
  const backWaist = 0.237 * height;
  const lengths = {
    height,
    shoulder,
    acrossChest: shoulder - 3,
    acrossBack: shoulder - 2,
    bustSpan: 0.22 * chest,
    shoulderToBust: 0.145 * height,
    frontWaistLength: backWaist + 1,
    backWaistLength: backWaist,
    neck: 18 + 0.08 * height,
    highBust: chest - 1,
    bust: chest,
    waist,
    hip,
    armhole: 0.47 * chest,
    waistToHip: 0.115 * height,
    waistToKnee: 0.33 * height,
    waistToFloor: 0.61 * height,
    inseam: 0.465 * height - 0.02 * hip,
    upperArm: 0.31 * chest,
    wrist: 7 + 0.05 * height,
    armLength: 0.34 * height,
    shoulderToElbow: 0.2 * height,
  };
  return Object.fromEntries(Object.entries(lengths).map(([id, cm]) => [id, cm * MM_PER_CENTIMETRE]));
}
