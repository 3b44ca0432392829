import type { Cloth, Flaw } from '../../lay/cloth.ts';
import { inches, type Unit } from '../../units/length.ts';
import { read, refuse, type Read } from '../input-fault.ts';
import { readLength } from '../read-length.ts';
import type { ClothFile, FlawFile } from './order.ts';

const WIDTH_BOUNDS = { least: inches(10), most: inches(200) };
const SELVEDGE_BOUNDS = { least: 0, most: inches(4) };
const LENGTH_BOUNDS = { least: inches(4), most: inches(36 * 200) };
const TRIM_BOUNDS = { least: 0, most: inches(36) };
const REPEAT_BOUNDS = { least: 0, most: inches(60) };
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
  const endTrim = readLength(
    file.endTrim ?? 0,
    unit,
    `${field}.endTrim`,
    'What is cut off the ends',
    TRIM_BOUNDS,
  );
  if (!endTrim.ok) return endTrim;
  const repeat = readLength(file.repeat ?? 0, unit, `${field}.repeat`, 'Repeat', REPEAT_BOUNDS);
  if (!repeat.ok) return repeat;
  const flaws = readFlaws(file.flaws ?? [], unit, field, width.value);
  if (!flaws.ok) return flaws;
  const { role, name = role, colour = UNNAMED_COLOUR, oneWay = false, price } = file;
  return read({
    role,
    name,
    colour,
    width: width.value,
    selvedge: selvedge.value,
    length,
    oneWay,
    ...(price === undefined ? {} : { price }),
    ...(endTrim.value > 0 ? { endTrim: endTrim.value } : {}),
    ...(repeat.value > 0 ? { repeat: repeat.value } : {}),
    ...(flaws.value.length > 0 ? { flaws: flaws.value } : {}),
  });
}

/** Flaws of a cloth so wide; each has to lie on it and to have a size. */
function readFlaws(files: readonly FlawFile[], unit: Unit, cloth: string, width: number): Read<Flaw[]> {
  const flaws: Flaw[] = [];
  for (const [index, file] of files.entries()) {
    const field = `${cloth}.flaws.${index}`;
    const side = (name: keyof FlawFile, most: number) =>
      readLength(file[name], unit, `${field}.${name}`, `Flaw ${index + 1}, ${name},`, { least: 0, most });
    const [from, to] = [side('from', LENGTH_BOUNDS.most), side('to', LENGTH_BOUNDS.most)];
    const [left, right] = [side('left', width), side('right', width)];
    if (!from.ok) return from;
    if (!to.ok) return to;
    if (!left.ok) return left;
    if (!right.ok) return right;
    const flaw = { from: from.value, to: to.value, left: left.value, right: right.value };
    if (flaw.to - flaw.from < 1 || flaw.right - flaw.left < 1)
      return refuse(
        'out-of-range',
        `${field}.${flaw.to - flaw.from < 1 ? 'to' : 'right'}`,
        `Flaw ${index + 1} has no size: give where it begins first, then where it ends.`,
      );
    flaws.push(flaw);
  }
  return read(flaws);
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
