import { dsvFormat } from 'd3-dsv';
import { read, refuse, type Read } from '../../input/input-fault.ts';

const comma = dsvFormat(',');

/** A cell that a spreadsheet would take for a formula gets an apostrophe before it, which reading takes away again. */
const FORMULA = /^[=+\-@\t\r]/;
const guarded = (cell: string): string => (FORMULA.test(cell) ? `'${cell}` : cell);
const unguarded = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/** Writes rows as CSV (RFC 4180): commas, quotes where needed, a line end after each row. */
export const writeCsv = (rows: readonly (readonly string[])[]): string =>
  `${comma.formatRows(rows.map((row) => row.map(guarded)))}\r\n`.replace(/\r?\n/g, '\r\n');

/** A row by its heading, with its place in the file, from 1; the heading is row 1. */
export interface TableRow {
  readonly place: number;
  readonly cells: { readonly [heading: string]: string };
}

/** Spreadsheets of other countries part cells by semicolons or tabs: the heading tells. */
function formatOf(text: string) {
  const [heading = ''] = text.split(/\r?\n/, 1);
  const counts = [',', ';', '\t'].map((mark) => ({ mark, count: heading.split(mark).length }));
  const best = counts.reduce((a, b) => (b.count > a.count ? b : a));
  return dsvFormat(best.mark);
}

/** Reads a table whose first row names its columns; empty rows are passed over. */
export function readCsv(text: string, needed: readonly string[]): Read<TableRow[]> {
  const plain = text.replace(/^\uFEFF/, '');
  const [heading = [], ...rows] = formatOf(plain).parseRows(plain);
  const names = heading.map((name) => name.trim());
  const missing = needed.filter((name) => !names.includes(name));
  if (missing.length > 0)
    return refuse(
      'wrong-format',
      'row 1',
      `The first row must name the columns; there is none called ${missing.join(', ')}.`,
    );
  return read(
    rows.flatMap((row, index): TableRow[] => {
      if (row.every((cell) => cell.trim() === '')) return [];
      const cells = Object.fromEntries(
        names.map((name, column) => [name, unguarded(row[column]?.trim() ?? '')]),
      );
      return [{ place: index + 2, cells }];
    }),
  );
}
