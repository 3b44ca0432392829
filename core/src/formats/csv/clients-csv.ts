import { measureIds, measureOf, type MeasureId } from '../../measures/catalogue.ts';
import type { MeasuredFrom } from '../../measures/measure-set.ts';
import type { ClientKind } from '../../measures/measure-set.ts';
import { readMeasure } from '../../measures/read-measure.ts';
import type { EnteredById } from '../../shop/ticket.ts';
import { formatNumber } from '../../units/format-length.ts';
import type { Unit } from '../../units/length.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { measureNamed } from './set-csv.ts';
import { readCsv, writeCsv, type TableRow } from './table.ts';

/** A client with one set, as a row has it. */
export interface ClientRow {
  readonly name: string;
  readonly kind: ClientKind;
  /** The day the set was taken, yyyy-mm-dd. */
  readonly takenOn: string;
  readonly from: MeasuredFrom;
  readonly values: EnteredById;
}

const columns = ['client', 'kind', 'takenOn', 'from', 'unit'] as const;

/** Clients as a table, one row each with a column for every measure; all lengths in one unit. */
export const writeClientsCsv = (rows: readonly ClientRow[], unit: Unit): string =>
  writeCsv([
    [...columns, ...measureIds],
    ...rows.map(({ name, kind, takenOn, from, values }) => [
      name,
      kind,
      takenOn,
      from,
      unit,
      ...measureIds.map((id) =>
        values[id] ? formatNumber(values[id].mm, unit, { denominator: 16, decimals: 2 }) : '',
      ),
    ]),
  ]);

const DAY = /^\d{4}-\d{2}-\d{2}$/;

const isDay = (text: string): boolean =>
  DAY.test(text) && !Number.isNaN(Date.parse(text)) && new Date(text).toISOString().startsWith(text);

function oneOf<T extends string>(
  text: string | undefined,
  known: readonly [T, ...T[]],
  column: string,
  place: number,
): Read<T> {
  if (!text) return read(known[0]);
  const found = known.find((each) => each.toLowerCase() === text.toLowerCase());
  return found
    ? read(found)
    : refuse(
        'wrong-shape',
        `row ${place}, ${column}`,
        `Row ${place}: ${column} must be one of ${known.join(', ')}.`,
      );
}

function readValues({ place, cells }: TableRow, unit: Unit): Read<EnteredById> {
  const values: Record<string, EnteredById[string]> = {};
  for (const [heading, text] of Object.entries(cells)) {
    const id: MeasureId | undefined = columns.some((column) => column === heading)
      ? undefined
      : measureNamed(heading);
    if (!id || text === '') continue;
    const mm = readMeasure(id, text, unit);
    if (!mm.ok) return refuse(mm.fault.code, `row ${place}, ${heading}`, `Row ${place}: ${mm.fault.message}`);
    values[id] = { mm: mm.value, typed: /\d\s*$/.test(text) ? `${text} ${unit}` : text };
  }
  return Object.keys(values).length > 0
    ? read(values)
    : refuse('missing-measure', `row ${place}`, `Row ${place} of ${cells['client']} has no measure.`);
}

function readRow(row: TableRow, today: string, unitWithout: Unit): Read<ClientRow> {
  const { place, cells } = row;
  const name = cells['client'] ?? '';
  if (name === '' || name.length > 120)
    return refuse(
      'wrong-shape',
      `row ${place}, client`,
      `Row ${place}: a name of up to 120 letters is needed.`,
    );
  const takenOn = cells['takenOn'] || today;
  if (!isDay(takenOn) || takenOn > today)
    return refuse(
      'wrong-shape',
      `row ${place}, takenOn`,
      `Row ${place}: takenOn must be a day that is not ahead, such as 2026-03-01.`,
    );
  const kind = oneOf(cells['kind'], ['adult', 'child'], 'kind', place);
  if (!kind.ok) return kind;
  const from = oneOf(cells['from'], ['neckSide', 'midShoulder'], 'from', place);
  if (!from.ok) return from;
  const unit = oneOf(cells['unit'] || unitWithout, ['in', 'cm'], 'unit', place);
  if (!unit.ok) return unit;
  const values = readValues(row, unit.value);
  if (!values.ok) return values;
  return read({ name, kind: kind.value, takenOn, from: from.value, values: values.value });
}

/** Headings that are neither a column of ours nor a measure: a misspelt one would lose figures without a word. */
const unknownHeadings = (rows: readonly TableRow[]): string[] =>
  Object.keys(rows[0]?.cells ?? {}).filter(
    (heading) => heading !== '' && !columns.some((column) => column === heading) && !measureNamed(heading),
  );

/**
 * Reads a table of clients: the column `client` is needed; measures are named by id or by any name.
 * @param today the day of a set that does not say when it was taken, yyyy-mm-dd
 * @param unit the unit of rows that name none
 */
export function readClientsCsv(text: string, today: string, unit: Unit): Read<ClientRow[]> {
  const table = readCsv(text, ['client']);
  if (!table.ok) return table;
  const [unknown] = unknownHeadings(table.value);
  if (unknown !== undefined)
    return refuse(
      'unknown-measure',
      'row 1',
      `The column “${unknown}” is not a measure known here; measures are ${measureOf('bust').names[0]}, ${measureOf('waist').names[0]} and so on, or their ids.`,
    );
  const rows: ClientRow[] = [];
  for (const row of table.value) {
    const client = readRow(row, today, unit);
    if (!client.ok) return client;
    rows.push(client.value);
  }
  return rows.length > 0
    ? read(rows)
    : refuse('wrong-format', 'row 2', 'The table has no row below its heading.');
}
