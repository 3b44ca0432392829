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
  const across = readAcross(file, unit, field, width.value);
  if (!across.ok) return across;
  const places = readPlaces(file, unit, `${field}.`, width.value, length);
  if (!places.ok) return places;
  const spacing = readLength(
    file.spacing ?? 0,
    unit,
    `${field}.spacing`,
    'Room between pieces',
    SPACING_BOUNDS,
  );
  if (!spacing.ok) return spacing;
  const manners = readManners(file, unit, field);
  if (!manners.ok) return manners;
  const { bothSides = false, matched = false, joined = [], takes = [], border, stretch, under } = file;
  if (matched && repeat.value < LEAST_REPEAT)
    return refuse(
      'out-of-range',
      `${field}.repeat`,
      'A print that is matched needs its repeat: measure from one figure to the same again.',
    );
  const { role, name = role, bolt, colour = UNNAMED_COLOUR, oneWay = false, price } = file;
  return read({
    role,
    name,
    ...(bolt === undefined ? {} : { bolt }),
    colour,
    width: width.value,
    selvedge: selvedge.value,
    length,
    oneWay,
    ...(bothSides ? { bothSides } : {}),
    ...(price === undefined ? {} : { price }),
    ...(endTrim.value > 0 ? { endTrim: endTrim.value } : {}),
    ...(repeat.value > 0 ? { repeat: repeat.value } : {}),
    ...(matched ? { matched } : {}),
    ...across.value,
    ...(spacing.value > 0 ? { spacing: spacing.value } : {}),
    ...places.value,
    ...(manners.value.length > 0 ? { manners: manners.value } : {}),
    ...(border ? { border } : {}),
    ...(stretch ? { stretch } : {}),
    ...(under ? { under } : {}),
    ...(takes.length > 0 ? { takes: [...new Set(takes)] } : {}),
    ...(joined.length > 0 ? { joined: [...new Set(joined)] } : {}),
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
