import { readLength, type LengthBounds } from '@ample-bolt/core/input/read-length';
import type { Read } from '@ample-bolt/core/input/input-fault';
import type { RecutBody, RecutInput, RecutTarget } from '@ample-bolt/core/recut/recut-input';
import type { EnteredById } from '@ample-bolt/core/shop/ticket';
import { inches, type Unit } from '@ample-bolt/core/units/length';
import type { GarmentValues } from '@ample-bolt/core/worked-out/sample-garment';

const ROUND: LengthBounds = { least: inches(10), most: inches(90) };
const LENGTH: LengthBounds = { least: inches(2), most: inches(90) };
const EASE: LengthBounds = { least: 0, most: inches(24) };
const SMALL: LengthBounds = { least: 0, most: inches(6) };

interface RecutField {
  readonly label: string;
  readonly bounds: LengthBounds;
  /** Stands there until another is typed, mm. */
  readonly usual?: number;
}

/** What is asked of the body that a shirt is recut to. */
export const bodyFields = {
  chest: { label: 'Chest round', bounds: ROUND },
  waist: { label: 'Waist round', bounds: ROUND },
  hip: { label: 'Hip round', bounds: ROUND },
  height: { label: 'Height', bounds: LENGTH },
  neck: { label: 'Neck', bounds: { least: inches(8), most: inches(30) } },
  shoulder: { label: 'Shoulder', bounds: LENGTH },
  armLength: { label: 'Arm length', bounds: LENGTH },
  wrist: { label: 'Wrist', bounds: { least: inches(3), most: inches(20) } },
} as const satisfies Record<string, RecutField>;
export type BodyField = keyof typeof bodyFields;

/** The ease over it. Common practice: 6 slim, 7 to 8 usual, 10 old style. */
export const easeFields = {
  easeChest: { label: 'Ease, chest', bounds: EASE, usual: inches(7) },
  easeWaist: { label: 'Ease, waist', bounds: EASE, usual: inches(7) },
  easeHip: { label: 'Ease, hip', bounds: EASE, usual: inches(7) },
  easeNeck: { label: 'Ease, collar', bounds: EASE, usual: inches(0.5) },
  easeCuff: { label: 'Ease, cuff', bounds: EASE, usual: inches(2) },
} as const satisfies Record<string, RecutField>;
export type EaseField = keyof typeof easeFields;

/** What the shirt lets a hand do. */
export const shirtFields = {
  lap: { label: 'Placket, laps by', bounds: SMALL, usual: inches(1.25) },
  seam: { label: 'Allowance', bounds: SMALL, usual: inches(0.5) },
  holds: { label: 'Seams hold', bounds: SMALL, usual: inches(0.375) },
  most: { label: 'Taken in at most', bounds: SMALL, usual: inches(2) },
} as const satisfies Record<string, RecutField>;
export type ShirtField = keyof typeof shirtFields;

type FieldId = BodyField | EaseField | ShirtField;
const fields: { readonly [id in FieldId]: RecutField } = { ...bodyFields, ...easeFields, ...shirtFields };

/** Reads a field as it is typed. */
export const readRecutField = (id: FieldId, text: string, unit: Unit): Read<number> =>
  readLength(text, unit, `recut.${id}`, fields[id].label, fields[id].bounds);

type Values<Id extends string> = { readonly [id in Id]?: number };

/** Usual values of fields, as those that stand there. */
export const usualOf = (of: { readonly [id: string]: RecutField }): EnteredById =>
  Object.fromEntries(
    Object.entries(of).flatMap(([id, { usual }]) =>
      usual === undefined ? [] : [[id, { mm: usual, typed: '' }]],
    ),
  );

function bodyOf({ chest, waist, hip, ...rest }: Values<BodyField>): RecutBody {
  const rounds = {
    ...(chest !== undefined && { chest }),
    ...(waist !== undefined && { waist }),
    ...(hip !== undefined && { hip }),
  };
  return { ...rest, rounds };
}

/** Everything that was filled in, as a recut asks it. */
export function recutInputOf(typed: {
  readonly now: GarmentValues;
  readonly sample: GarmentValues;
  readonly body: Values<BodyField>;
  readonly ease: Values<EaseField>;
  readonly shirt: Values<ShirtField>;
  readonly target: RecutTarget['kind'];
  readonly withSeams: boolean;
}): RecutInput {
  const { now, sample, ease, shirt, withSeams } = typed;
  const easeAt = (id: EaseField): number => ease[id] ?? easeFields[id].usual;
  const of = (id: ShirtField): number => shirt[id] ?? shirtFields[id].usual;
  const target: RecutTarget =
    typed.target === 'sample'
      ? { kind: 'sample', values: sample }
      : {
          kind: 'body',
          body: bodyOf(typed.body),
          ease: {
            levels: { chest: easeAt('easeChest'), waist: easeAt('easeWaist'), hip: easeAt('easeHip') },
            neck: easeAt('easeNeck'),
            cuff: easeAt('easeCuff'),
            withSeams,
          },
        };
  return { now, target, lap: of('lap'), seam: of('seam'), holds: of('holds'), most: of('most') };
}
