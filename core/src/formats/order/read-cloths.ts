import { point } from '../../geometry/point.ts';
import { countSelfCrossings, signedArea, type Ring } from '../../geometry/ring.ts';
import type { Cloth, Flaw, Panel } from '../../lay/model/cloth.ts';
import type { PieceManner } from '../../lay/model/lay-manner.ts';
import { inches, type Unit } from '../../units/length.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { readLength } from '../../input/read-length.ts';
import type { ClothFile, CornerFile, FlawFile, MannerFile, PanelFile } from './order-file.ts';

const WIDTH_BOUNDS = { least: inches(10), most: inches(200) };
const SELVEDGE_BOUNDS = { least: 0, most: inches(4) };
const LENGTH_BOUNDS = { least: inches(4), most: inches(36 * 200) };
const TRIM_BOUNDS = { least: 0, most: inches(36) };
const REPEAT_BOUNDS = { least: 0, most: inches(60) };
/** Less than a hand square is no cloth, mm². */
const LEAST_AREA = 100 * 100;
const MARGIN_BOUNDS = { least: 0, most: inches(4) };
const SPACING_BOUNDS = { least: 0, most: inches(2) };
/** A finer print needs no matching, mm. */
const LEAST_REPEAT = 3;
const UNNAMED_COLOUR = '#2f5d62';

/** The lengths of a cloth that a file says, each with what it is called, its bounds, and what it is where the file does not say. */
const clothLengths = {
  width: { label: 'Cloth width', bounds: WIDTH_BOUNDS, unsaid: '' },
  selvedge: { label: 'Selvedge', bounds: SELVEDGE_BOUNDS, unsaid: '0.5in' },
  endTrim: { label: 'What is cut off the ends', bounds: TRIM_BOUNDS, unsaid: 0 },
  repeat: { label: 'Repeat', bounds: REPEAT_BOUNDS, unsaid: 0 },
  spacing: { label: 'Room between pieces', bounds: SPACING_BOUNDS, unsaid: 0 },
} as const;

type ClothLength = keyof typeof clothLengths;
const clothLengthIds = Object.keys(clothLengths) as ClothLength[];

function readClothLengths(
  file: ClothFile,
  unit: Unit,
  field: string,
): Read<{ readonly [id in ClothLength]: number }> {
  const found: { [id in ClothLength]?: number } = {};
  for (const id of clothLengthIds) {
    const { label, bounds, unsaid } = clothLengths[id];
    const mm = readLength(file[id] ?? unsaid, unit, `${field}.${id}`, label, bounds);
    if (!mm.ok) return mm;
    found[id] = mm.value;
  }
  return read(found as { readonly [id in ClothLength]: number });
}

/** Length of the cloth, mm; null for one that is bought as it is needed. */
function readClothLength({ length }: ClothFile, unit: Unit, field: string): Read<number | null> {
  return length === null || length === undefined
    ? read(null)
    : readLength(length, unit, `${field}.length`, 'Cloth length', LENGTH_BOUNDS);
}

/** Fields of a cloth that are words, signs and lists of ids, as far as they are said. */
function saidOf(file: ClothFile): Omit<Cloth, 'width' | 'selvedge' | 'length'> {
  const { bothSides = false, matched = false, joined = [], takes = [], border, stretch, under } = file;
  const { role, name = role, bolt, colour = UNNAMED_COLOUR, oneWay = false, price } = file;
  return {
    role,
    name,
    ...(bolt === undefined ? {} : { bolt }),
    colour,
    oneWay,
    ...(bothSides ? { bothSides } : {}),
    ...(price === undefined ? {} : { price }),
    ...(matched ? { matched } : {}),
    ...(border ? { border } : {}),
    ...(stretch ? { stretch } : {}),
    ...(under ? { under } : {}),
    ...(takes.length > 0 ? { takes: [...new Set(takes)] } : {}),
    ...(joined.length > 0 ? { joined: [...new Set(joined)] } : {}),
  };
}

function readCloth(file: ClothFile, unit: Unit, field: string): Read<Cloth> {
  const lengths = readClothLengths(file, unit, field);
  if (!lengths.ok) return lengths;
  const { width, selvedge, endTrim, repeat, spacing } = lengths.value;
  const length = readClothLength(file, unit, field);
  if (!length.ok) return length;
  const across = readAcross(file, unit, field, width);
  if (!across.ok) return across;
  const places = readPlaces(file, unit, `${field}.`, width, length.value);
  if (!places.ok) return places;
  const manners = readManners(file, unit, field);
  if (!manners.ok) return manners;
  if (file.matched && repeat < LEAST_REPEAT)
    return refuse(
      'out-of-range',
      `${field}.repeat`,
      'A print that is matched needs its repeat: measure from one figure to the same again.',
    );
  return read({
    ...saidOf(file),
    width,
    selvedge,
    length: length.value,
    ...(endTrim > 0 ? { endTrim } : {}),
    ...(repeat > 0 ? { repeat } : {}),
    ...across.value,
    ...(spacing > 0 ? { spacing } : {}),
    ...places.value,
    ...(manners.value.length > 0 ? { manners: manners.value } : {}),
  });
}

/** What has its place on a cloth so wide and long, mm; its fields are named from `prefix` on. */
export function readPlaces(
  file: Pick<ClothFile, 'flaws' | 'panels' | 'outline'>,
  unit: Unit,
  prefix: string,
  width: number,
  length: number | null,
): Read<Pick<Cloth, 'flaws' | 'panels' | 'outline'>> {
  const flaws = readFlaws(file.flaws ?? [], unit, prefix, width);
  if (!flaws.ok) return flaws;
  const panels = readPanels(file.panels ?? [], unit, prefix, width);
  if (!panels.ok) return panels;
  const outline = readOutline(file.outline, unit, prefix, width, length);
  if (!outline.ok) return outline;
  return read({
    ...(flaws.value.length > 0 ? { flaws: flaws.value } : {}),
    ...(outline.value ? { outline: outline.value } : {}),
    ...(panels.value.length > 0 ? { panels: panels.value } : {}),
  });
}

/** A place on a cloth so wide, such as a flaw; it has to lie on it and to have a size. */
function readPlace(file: FlawFile, name: string, unit: Unit, field: string, width: number): Read<Flaw> {
  const side = (which: 'from' | 'to' | 'left' | 'right', most: number) =>
    readLength(file[which], unit, `${field}.${which}`, `${name}, ${which},`, { least: 0, most });
  const [from, to] = [side('from', LENGTH_BOUNDS.most), side('to', LENGTH_BOUNDS.most)];
  const [left, right] = [side('left', width), side('right', width)];
  if (!from.ok) return from;
  if (!to.ok) return to;
  if (!left.ok) return left;
  if (!right.ok) return right;
  const place = { from: from.value, to: to.value, left: left.value, right: right.value };
  return place.to - place.from < 1 || place.right - place.left < 1
    ? refuse(
        'out-of-range',
        `${field}.${place.to - place.from < 1 ? 'to' : 'right'}`,
        `${name} has no size: give where it begins first, then where it ends.`,
      )
    : read(place);
}

function readFlaws(files: readonly FlawFile[], unit: Unit, prefix: string, width: number): Read<Flaw[]> {
  return readEach(files, (file, index) =>
    readPlace(file, `Flaw ${index + 1}`, unit, `${prefix}flaws.${index}`, width),
  );
}

function readPanels(files: readonly PanelFile[], unit: Unit, prefix: string, width: number): Read<Panel[]> {
  return readEach(files, (file, index) => {
    const place = readPlace(file, `Panel ${index + 1}`, unit, `${prefix}panels.${index}`, width);
    return place.ok ? read({ ...place.value, piece: file.piece }) : place;
  });
}

/** How a print comes across the width. */
function readAcross(
  { repeatAcross, figureAt }: ClothFile,
  unit: Unit,
  cloth: string,
  width: number,
): Read<Pick<Cloth, 'repeatAcross' | 'figureAt'>> {
  const repeat = readLength(repeatAcross ?? 0, unit, `${cloth}.repeatAcross`, 'Repeat across', REPEAT_BOUNDS);
  if (!repeat.ok) return repeat;
  if (repeat.value === 0) return read({});
  if (repeat.value < LEAST_REPEAT)
    return refuse(
      'out-of-range',
      `${cloth}.repeatAcross`,
      'A repeat so fine needs no matching across; leave it out.',
    );
  if (figureAt === undefined) return read({ repeatAcross: repeat.value });
  const at = readLength(figureAt, unit, `${cloth}.figureAt`, 'Where a figure lies', {
    least: 0,
    most: width,
  });
  return at.ok ? read({ repeatAcross: repeat.value, figureAt: at.value }) : at;
}

/** How pieces lie, each said once; a hem can lie on a border only where the cloth has one. */
function readManners({ manners = [], border }: ClothFile, unit: Unit, cloth: string): Read<PieceManner[]> {
  return readEach(manners, ({ piece, manner, margin }: MannerFile, index): Read<PieceManner> => {
    const field = `${cloth}.manners.${index}`;
    if (manners.findIndex((each) => each.piece === piece) < index)
      return refuse('out-of-range', `${field}.piece`, `How ${piece} lies is said twice; say it once.`);
    if (manner === 'border' && !border)
      return refuse(
        'out-of-range',
        `${cloth}.border`,
        `${piece} lies with its hem on the border: say along which selvedge the border runs.`,
      );
    if (margin === undefined) return read({ piece, manner });
    const mm = readLength(margin, unit, `${field}.margin`, 'Margin of a block', MARGIN_BOUNDS);
    return mm.ok ? read({ piece, manner, margin: mm.value }) : mm;
  });
}

/** The outline of a leftover, clockwise; it has to lie on cloth so wide and long, and may not cross itself. */
function readOutline(
  files: readonly CornerFile[] | undefined,
  unit: Unit,
  prefix: string,
  width: number,
  length: number | null,
): Read<Ring | undefined> {
  if (files === undefined || files.length === 0) return read(undefined);
  const field = `${prefix}outline`;
  if (length === null)
    return refuse(
      'out-of-range',
      `${prefix}length`,
      'A leftover with an outline needs its whole length in hand.',
    );
  const corners = readEach(files, ({ along, across }, index) => {
    const name = `Corner ${index + 1} of the outline`;
    const y = readLength(along, unit, `${field}.${index}.along`, `${name}, along,`, {
      least: 0,
      most: length,
    });
    if (!y.ok) return y;
    const x = readLength(across, unit, `${field}.${index}.across`, `${name}, across,`, {
      least: 0,
      most: width,
    });
    return x.ok ? read(point(x.value, y.value)) : x;
  });
  if (!corners.ok) return corners;
  const ring = corners.value;
  if (countSelfCrossings(ring) > 0)
    return refuse(
      'out-of-range',
      field,
      'The outline crosses itself: give its corners in their order around the cloth.',
    );
  const area = signedArea(ring);
  if (Math.abs(area) < LEAST_AREA)
    return refuse(
      'out-of-range',
      field,
      'The outline holds no cloth: give at least three corners that are apart.',
    );
  return read(area > 0 ? ring : [...ring].reverse());
}

/** Reads one after the other, and stops at the first that cannot be read. */
function readEach<File, Value>(
  files: readonly File[],
  readOne: (file: File, index: number) => Read<Value>,
): Read<Value[]> {
  const values: Value[] = [];
  for (const [index, file] of files.entries()) {
    const value = readOne(file, index);
    if (!value.ok) return value;
    values.push(value.value);
  }
  return read(values);
}

/** Reads cloths; the selvedge is ½ in unless given, the name its role. */
export function readCloths(files: readonly ClothFile[], unit: Unit): Read<Cloth[]> {
  return readEach(files, (file, index) => {
    const { under } = file;
    const above = files.find(({ role }) => role === under);
    if (under && (!above || above.role === file.role || above.under))
      return refuse(
        'out-of-range',
        `cloths.${index}.under`,
        `The ${file.role} can be pinned only under another cloth of the order that is not pinned itself; name that cloth, or leave it out.`,
      );
    return readCloth(file, unit, `cloths.${index}`);
  });
}
