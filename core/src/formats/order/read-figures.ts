import { handLine, type HandFigure, type HandFigures } from '../../pieces/hand-figure.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches, type Unit } from '../../units/length.ts';
import { read, type Read } from '../../input/input-fault.ts';
import { readLength } from '../../input/read-length.ts';
import type { GarmentFile } from './order-file.ts';

/** No cut dimension of a garment is longer, mm. */
const FIGURE_BOUNDS = { least: 0, most: inches(120) };

/**
 * Reads figures set by hand, on the line that the shop works by unless one says another; whether a figure exists is known only
 * once the garment is drafted.
 */
export function readFigures(
  written: GarmentFile['figures'],
  unit: Unit,
  field: string,
  rules: RuleSet,
): Read<HandFigures> {
  const figures: Record<string, HandFigure> = {};
  for (const [id, { value, why, line: said }] of Object.entries(written ?? {})) {
    const mm = readLength(value, unit, `${field}.${id}`, `Figure ${id}`, FIGURE_BOUNDS);
    if (!mm.ok) return mm;
    const line = said ?? handLine(rules);
    figures[id] = { mm: mm.value, why: why ?? '', ...(line === 'stitch' && { line }) };
  }
  return read(figures);
}
