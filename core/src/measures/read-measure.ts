import { readLength } from '../input/read-length.ts';
import { read, refuse, type Read } from '../input/input-fault.ts';
import type { Unit } from '../units/length.ts';
import { isMeasureId, measureIds, measureOf, type MeasureId } from './catalogue.ts';
import type { MeasureValues } from './measure-set.ts';
import { MEASURE_BOUNDS } from './measure-set.ts';

/** Reads one measure as it was typed, mm. */
export const readMeasure = (id: MeasureId, written: number | string, unit: Unit): Read<number> =>
  readLength(written, unit, `measures.${id}`, measureOf(id).names[0], MEASURE_BOUNDS);

/** Reads measures by id; an unknown one is refused with the known ones that look like it. */
export function readMeasures(
  written: { readonly [id: string]: number | string },
  unit: Unit,
): Read<MeasureValues> {
  const values: { [id in MeasureId]?: number } = {};
  for (const [id, value] of Object.entries(written)) {
    if (!isMeasureId(id)) {
      const near = measureIds.filter((known) => known.toLowerCase().includes(id.toLowerCase().slice(0, 4)));
      return refuse(
        'unknown-measure',
        `measures.${id}`,
        `${id} is not a measure${near.length ? `; did you mean ${near.join(' or ')}?` : '; `bolt measures` lists them.'}`,
      );
    }
    const mm = readMeasure(id, value, unit);
    if (!mm.ok) return mm;
    values[id] = mm.value;
  }
  return read(values);
}
