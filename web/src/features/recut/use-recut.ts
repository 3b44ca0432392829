import type { RecutInput, RecutTarget } from '@ample-bolt/core/recut/recut-input';
import type { EnteredById } from '@ample-bolt/core/shop/ticket';
import type { Unit } from '@ample-bolt/core/units/length';
import { readGarmentMeasure, type GarmentMeasureId } from '@ample-bolt/core/worked-out/sample-garment';
import { useKept } from '../../ui/use-kept.ts';
import { useTypedValues, type TypedValues } from '../../ui/use-typed-values.ts';
import {
  easeFields,
  readRecutField,
  recutInputOf,
  shirtFields,
  usualOf,
  type BodyField,
  type EaseField,
  type ShirtField,
} from './recut-fields.ts';

/** Fields of one kind as they are typed. */
export type Typing<Id extends string> = Pick<TypedValues<Id>, 'textOf' | 'type' | 'faultOf' | 'values'>;

export interface RecutEntry {
  readonly unit: Unit;
  readonly setUnit: (unit: Unit) => void;
  readonly target: RecutTarget['kind'];
  readonly setTarget: (kind: RecutTarget['kind']) => void;
  readonly withSeams: boolean;
  readonly setWithSeams: (on: boolean) => void;
  readonly now: Typing<GarmentMeasureId>;
  readonly sample: Typing<GarmentMeasureId>;
  readonly body: Typing<BodyField>;
  readonly ease: Typing<EaseField>;
  readonly shirt: Typing<ShirtField>;
  /** What follows from all that can be read. */
  readonly input: RecutInput;
  readonly wipe: () => void;
}

/** What is known of the wearer before anything is typed. */
export interface RecutKnown {
  /** Whose recut it is; each has its own. */
  readonly of: string;
  readonly unit: Unit;
  readonly body: EnteredById;
  readonly sample: EnteredById;
}

const usualEase: EnteredById = usualOf(easeFields);
const usualShirt: EnteredById = usualOf(shirtFields);
const nothing: EnteredById = {};

/** A recut as it is filled in at the table: every keystroke survives a reload and a change of the unit. */
export function useRecut(known: RecutKnown): RecutEntry {
  const key = (part: string) => `recut-${known.of}-${part}`;
  const [settings = {}, keep] = useKept<{
    readonly unit?: Unit;
    readonly target?: RecutTarget['kind'];
    readonly withSeams?: boolean;
  }>(key('settings'));
  const { unit = known.unit, withSeams = false } = settings;
  const target = settings.target ?? (Object.keys(known.sample).length > 0 ? 'sample' : 'body');
  const now = useTypedValues<GarmentMeasureId>(key('now'), unit, nothing, readGarmentMeasure);
  const sample = useTypedValues<GarmentMeasureId>(key('sample'), unit, known.sample, readGarmentMeasure);
  const body = useTypedValues<BodyField>(key('body'), unit, known.body, readRecutField);
  const ease = useTypedValues<EaseField>(key('ease'), unit, usualEase, readRecutField);
  const shirt = useTypedValues<ShirtField>(key('shirt'), unit, usualShirt, readRecutField);
  return {
    unit,
    setUnit: (next) => keep((held) => ({ ...held, unit: next })),
    target,
    setTarget: (kind) => keep((held) => ({ ...held, target: kind })),
    withSeams,
    setWithSeams: (on) => keep((held) => ({ ...held, withSeams: on })),
    now,
    sample,
    body,
    ease,
    shirt,
    input: recutInputOf({
      now: now.values,
      sample: sample.values,
      body: body.values,
      ease: ease.values,
      shirt: shirt.values,
      target,
      withSeams,
    }),
    wipe: () => {
      for (const { ready, forget } of [now, sample, body, ease, shirt]) forget(ready);
    },
  };
}
