import type { HandFigure, HandFigures } from '../../drafting/hand-figures.ts';
import { inches, type Unit } from '../../units/length.ts';
import { read, type Read } from '../input-fault.ts';
import { readLength } from '../read-length.ts';
import type { GarmentFile } from './order.ts';

/** No cut dimension of a garment is longer, mm. */
const FIGURE_BOUNDS = { least: 0, most: inches(120) };

/** Reads figures set by hand; whether a figure exists is known only once the garment is drafted. */
export function readFigures(written: GarmentFile['figures'], unit: Unit, field: string): Read<HandFigures> {
  const figures: Record<string, HandFigure> = {};
  for (const [id, { value, why }] of Object.entries(written ?? {})) {
    const mm = readLength(value, unit, `${field}.${id}`, `Figure ${id}`, FIGURE_BOUNDS);
    if (!mm.ok) return mm;
    figures[id] = { mm: mm.value, why: why ?? '' };
  }
  return read(figures);
}
