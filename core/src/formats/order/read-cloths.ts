import type { Cloth } from '../../lay/cloth.ts';
import { inches, type Unit } from '../../units/length.ts';
import { read, type Read } from '../input-fault.ts';
import { readLength } from '../read-length.ts';
import type { ClothFile } from './order.ts';

const WIDTH_BOUNDS = { least: inches(10), most: inches(200) };
const SELVEDGE_BOUNDS = { least: 0, most: inches(4) };
const LENGTH_BOUNDS = { least: inches(4), most: inches(36 * 200) };
const UNNAMED_COLOUR = '#2f5d62';

function readCloth(file: ClothFile, unit: Unit, field: string): Read<Cloth> {
  const width = readLength(file.width, unit, `${field}.width`, 'Cloth width', WIDTH_BOUNDS);
  if (!width.ok) return width;
  const selvedge = readLength(
    file.selvedge ?? (unit === 'in' ? 0.5 : '0.5in'),
    unit,
    `${field}.selvedge`,
    'Selvedge',
    SELVEDGE_BOUNDS,
  );
  if (!selvedge.ok) return selvedge;
  let length: number | null = null;
  if (file.length !== null && file.length !== undefined) {
    const mm = readLength(file.length, unit, `${field}.length`, 'Cloth length', LENGTH_BOUNDS);
    if (!mm.ok) return mm;
    length = mm.value;
  }
  const { role, name = role, colour = UNNAMED_COLOUR, oneWay = false } = file;
  return read({ role, name, colour, width: width.value, selvedge: selvedge.value, length, oneWay });
}

/** Reads cloths; the selvedge is ½ in unless given, the name its role. */
export function readCloths(files: readonly ClothFile[], unit: Unit): Read<Cloth[]> {
  const cloths: Cloth[] = [];
  for (const [index, file] of files.entries()) {
    const cloth = readCloth(file, unit, `cloths.${index}`);
    if (!cloth.ok) return cloth;
    cloths.push(cloth.value);
  }
  return read(cloths);
}
