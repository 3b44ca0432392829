import { read, type Read } from '../../input/input-fault.ts';
import { readLength } from '../../input/read-length.ts';
import type { Correction } from '../../pieces/correction.ts';
import { inches, type Unit } from '../../units/length.ts';
import type { CorrectionFile } from './order-file.ts';

/** A fitting moves no line further, mm. */
const BOUNDS = { least: 0, most: inches(6) };

/** Reads the corrections of a file, each with its sign. */
export function readCorrections(written: readonly CorrectionFile[], unit: Unit): Read<Correction[]> {
  const corrections: Correction[] = [];
  for (const [index, { figure, by, of = 'client', from, leftOut }] of written.entries()) {
    const text = String(by).trim();
    const isLess = /^[-−–]/.test(text);
    const mm = readLength(
      text.replace(/^[-−–+]\s*/, ''),
      unit,
      `corrections.${index}.by`,
      'A correction',
      BOUNDS,
    );
    if (!mm.ok) return mm;
    corrections.push({ figure, mm: isLess ? -mm.value : mm.value, of, from, ...(leftOut && { leftOut }) });
  }
  return read(corrections);
}
