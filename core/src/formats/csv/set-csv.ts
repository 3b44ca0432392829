import { isMeasureId, measureIds, measureOf, type MeasureId } from '../../measures/catalogue.ts';
import { readMeasure } from '../../measures/read-measure.ts';
import type { EnteredById } from '../../shop/ticket.ts';
import { formatNumber } from '../../units/format-length.ts';
import type { Unit } from '../../units/length.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { readCsv, writeCsv } from './table.ts';

const columns = ['measure', 'name', 'value', 'unit', 'typed'] as const;

/** A set of measures as a table, one row a measure in taking order: exact in `value`, and as it was typed. */
export const writeSetCsv = (values: EnteredById, unit: Unit): string =>
  writeCsv([
    columns,
    ...measureIds.flatMap((id) => {
      const entered = values[id];
      if (!entered) return [];
      const value = formatNumber(entered.mm, unit, { denominator: 16, decimals: 2 });
      return [[id, measureOf(id).names[0], value, unit, entered.typed]];
    }),
  ]);

/** The measure that a row is about: by id, or by any name that a shop has for it. */
export function measureNamed(text: string): MeasureId | undefined {
  if (isMeasureId(text)) return text;
  const sought = text.toLowerCase();
  return measureIds.find((id) => measureOf(id).names.some((name) => name.toLowerCase() === sought));
}

/**
 * Reads a table of one set: the columns `measure` and `value` are needed, `unit` may be missing and is then `unit`.
 * @returns lengths as typed, by measure; what does not read is named by its row
 */
export function readSetCsv(text: string, unit: Unit): Read<{ readonly [id in MeasureId]?: string }> {
  const table = readCsv(text, ['measure', 'value']);
  if (!table.ok) return table;
  const typed: { [id in MeasureId]?: string } = {};
  for (const { place, cells } of table.value) {
    const id = measureNamed(cells['measure'] ?? '');
    const field = `row ${place}`;
    if (!id)
      return refuse(
        'unknown-measure',
        field,
        `Row ${place}: “${cells['measure']}” is not a measure known here.`,
      );
    const value = cells['typed'] || cells['value'] || '';
    const written = cells['unit'] && /\d\s*$/.test(value) ? `${value} ${cells['unit']}` : value;
    const mm = readMeasure(id, written, unit);
    if (!mm.ok) return refuse(mm.fault.code, field, `Row ${place}: ${mm.fault.message}`);
    typed[id] = written;
  }
  return read(typed);
}
