import { Ajv2020 } from 'ajv/dist/2020.js';
import { finding, type Finding } from '../../findings/finding.ts';
import { point, type Point } from '../../geometry/point.ts';
import { boxOf, countSelfCrossings, openHalf, sidesOf, signedArea, type Ring } from '../../geometry/ring.ts';
import type { Cloth } from '../../lay/model/cloth.ts';
import { turnedPiece, type LayPiece } from '../../lay/model/layable.ts';
import { sectorsOf } from '../../lay/fold/sectors.ts';
import { inches, MM_PER_CENTIMETRE, MM_PER_INCH, type Unit } from '../../units/length.ts';
import { readPlaces } from '../order/read-cloths.ts';
import { checkFile } from '../check-file.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { piecesSchema, type PieceFile, type PiecesFile, type PlaceOnCloth } from './pieces-schema.ts';

/** Pieces to lay on one cloth, in mm. */
export interface PiecesToLay {
  /** The unit in which lengths are said. */
  readonly unit: Unit;
  readonly cloth: Cloth;
  readonly pieces: readonly LayPiece[];
  /** Flares that are cut in parts. */
  readonly findings: readonly Finding[];
}

const validate = new Ajv2020({ allErrors: false, allowUnionTypes: true, verbose: true }).compile<PiecesFile>(
  piecesSchema,
);

const MM_PER = { mm: 1, cm: MM_PER_CENTIMETRE, in: MM_PER_INCH } as const;
const UNNAMED_COLOUR = '#2f5d62';
const WIDTH = { least: inches(1), most: inches(400) };
/** Sides of a piece on the fold may differ by so much from each other's mirror, as a part of its width. */
const SYMMETRY = 0.005;

/** The half to the right of the middle, its fold on x = 0; undefined when the middle is crossed other than twice. */
function rightHalf(ring: Ring): Ring | undefined {
  const { minX, maxX } = boxOf(ring);
  const middle = (minX + maxX) / 2;
  const half: Point[] = [];
  for (const [a, b] of sidesOf(ring)) {
    const [from, to] = [point(a.x - middle, a.y), point(b.x - middle, b.y)];
    if (from.x > 1e-6) half.push(from);
    if (Math.abs(from.x) <= 1e-6) half.push(point(0, from.y));
    if ((from.x > 1e-6 && to.x < -1e-6) || (from.x < -1e-6 && to.x > 1e-6))
      half.push(point(0, from.y + ((to.y - from.y) * from.x) / (from.x - to.x)));
  }
  return half.filter(({ x }) => x === 0).length === 2 && half.length > 2 ? half : undefined;
}

/** The half of a symmetric outline, or nothing when its sides are not each other's mirror. */
function symmetricHalf(ring: Ring): Ring | undefined {
  const half = rightHalf(ring);
  if (!half) return undefined;
  const { minX, maxX } = boxOf(ring);
  const whole = Math.abs(signedArea(openHalf(half)));
  const [own, width] = [Math.abs(signedArea(ring)), maxX - minX];
  const even = Math.abs(boxOf(half).maxX - width / 2) <= SYMMETRY * width;
  return even && Math.abs(whole - own) <= SYMMETRY * own ? half : undefined;
}

function readPiece(file: PieceFile, mmPerUnit: number, field: string): Read<LayPiece> {
  const {
    name,
    count = 1,
    mirror = false,
    onFold = false,
    rotations = [0, 180],
    matchAt,
    bias = false,
  } = file;
  const points = (file.polygon ?? [])
    .map(([x, y]) => point(x * mmPerUnit, y * mmPerUnit))
    .filter((p, index, all) => {
      const next = all[(index + 1) % all.length];
      return !next || Math.hypot(next.x - p.x, next.y - p.y) > 1e-3;
    });
  const bad = (part: string, words: string) =>
    refuse('out-of-range', `${field}.${part}`, `${name}: ${words}`);
  if (points.length < 3 || Math.abs(signedArea(points)) < 1)
    return bad('polygon', 'its corners enclose nothing; give at least three that do.');
  if (countSelfCrossings(points) > 0)
    return bad('polygon', 'its outline crosses itself; list its corners in order, once around.');
  const outline = signedArea(points) < 0 ? [...points].reverse() : points;
  if (mirror && onFold) return bad('onFold', 'a piece is cut on the fold or as mirrored pairs, not both.');
  if (mirror && count % 2 === 1)
    return bad('count', 'half of the copies are mirrored, so give an even count.');
  if (!rotations.includes(0)) return bad('rotations', 'every piece may lie as drawn; include 0.');
  const half = onFold ? symmetricHalf(outline) : outline;
  if (!half)
    return bad('polygon', 'on the fold its sides must be each other’s mirror about the middle of its width.');
  if (bias && matchAt !== undefined)
    return bad('matchAt', 'on the bias its grain crosses the print; match it, or lay it on the bias.');
  const piece: LayPiece = {
    id: name,
    cut: { copies: count, layers: mirror ? 'pair' : onFold ? 'fold' : 'single' },
    outline: half,
    oneWay: !rotations.includes(180),
    ...(matchAt === undefined ? {} : { levels: { waist: matchAt * mmPerUnit } }),
  };
  return read(bias ? turnedPiece(piece, 45) : piece);
}

/** A flare as its equal parts on cloth whose usable width is given, mm, and where they are joined. */
function readFlare(
  { name, count = 1, rotations = [0, 180], flare, ...others }: PieceFile,
  mmPerUnit: number,
  usable: number,
  field: string,
): Read<{ readonly piece: LayPiece; readonly found: Finding | undefined }> {
  const bad = (part: string, words: string) =>
    refuse('out-of-range', `${field}.${part}`, `${name}: ${words}`);
  const [stranger] = (['polygon', 'mirror', 'onFold', 'bias', 'matchAt'] as const).filter(
    (part) => others[part],
  );
  if (!flare || stranger)
    return bad(stranger ?? 'flare', 'a flare is given by its radii alone; leave this out.');
  const { inner, outer, circle = 1, join = 0 } = flare;
  if (outer <= inner + 1 / mmPerUnit)
    return bad('flare.outer', 'its outer radius must be more than its inner one.');
  const ring = { inner: inner * mmPerUnit, outer: outer * mmPerUnit, circle, join: join * mmPerUnit };
  const parts = sectorsOf(ring, usable);
  if (!parts)
    return bad('flare', 'no part of it lies on cloth so narrow; make it shorter, or take wider cloth.');
  const piece: LayPiece = {
    id: name,
    cut: { copies: count * parts.count, layers: 'single' },
    outline: parts.outline,
    // A part is even about its middle: turned over it is still the same part.
    eitherFace: true,
    oneWay: !rotations.includes(180),
  };
  const found = finding('flare-in-parts', { piece: name }, { parts: parts.count, joins: parts.joins });
  return read({ piece, found: parts.count > 1 ? found : undefined });
}

/** The places of a file as an order file has them, each with its unit. */
function placesOf({
  unit,
  flaws = [],
  panels = [],
  outline = [],
}: PiecesFile): Parameters<typeof readPlaces>[0] {
  const text = (value: number) => `${value}${unit}`;
  const sides = ({ from, to, left, right }: PlaceOnCloth) => ({
    from: text(from),
    to: text(to),
    left: text(left),
    right: text(right),
  });
  return {
    flaws: flaws.map(sides),
    panels: panels.map((panel) => ({ ...sides(panel), piece: panel.piece })),
    outline: outline.map(({ along, across }) => ({ along: text(along), across: text(across) })),
  };
}

/** The outlines of a file on cloth so wide, mm, and what was found in reading them. */
function readOutlines(
  files: PiecesFile['pieces'],
  mm: number,
  width: number,
): Read<Pick<PiecesToLay, 'pieces' | 'findings'>> {
  const pieces: LayPiece[] = [];
  const findings: Finding[] = [];
  for (const [index, each] of files.entries()) {
    const field = `pieces.${index}`;
    const flared = each.flare ? readFlare(each, mm, width, field) : undefined;
    if (flared && !flared.ok) return flared;
    if (flared?.value.found) findings.push(flared.value.found);
    const piece = flared ? read(flared.value.piece) : readPiece(each, mm, field);
    if (!piece.ok) return piece;
    if (pieces.some(({ id }) => id === piece.value.id))
      return refuse(
        'out-of-range',
        `${field}.name`,
        `${each.name} is there twice; name every piece otherwise.`,
      );
    pieces.push(piece.value);
  }
  return read({ pieces, findings });
}

/** Reads a parsed pieces file. */
export function readPieces(file: unknown): Read<PiecesToLay> {
  const checked = checkFile(file, 'ample-bolt/pieces', validate);
  if (!checked.ok) return checked;
  const {
    unit,
    width,
    length = null,
    oneWay = false,
    bothSides = false,
    spacing = 0,
    repeat,
    pieces: files,
  } = checked.value;
  const mm = MM_PER[unit];
  if (width * mm < WIDTH.least || width * mm > WIDTH.most)
    return refuse(
      'out-of-range',
      'width',
      `width ${width} ${unit} is no width of cloth; give the usable width.`,
    );
  const outlines = readOutlines(files, mm, width * mm);
  if (!outlines.ok) return outlines;
  const { findings } = outlines.value;
  const pieces = outlines.value.pieces.map((piece) => (bothSides ? { ...piece, eitherFace: true } : piece));
  const most = length === null ? null : length * mm;
  const places = readPlaces(placesOf(checked.value), 'cm', '', width * mm, most);
  if (!places.ok) return places;
  const stranger =
    places.value.panels?.findIndex(({ piece }) => !pieces.some(({ id }) => id === piece)) ?? -1;
  if (stranger >= 0)
    return refuse(
      'out-of-range',
      `panels.${stranger}.piece`,
      'The panel is for a piece that is not in the file.',
    );
  if (repeat === undefined && pieces.some(({ levels }) => levels))
    return refuse('out-of-range', 'repeat', 'Pieces that are matched need the repeat of the print.');
  return read({
    unit: unit === 'in' ? 'in' : 'cm',
    cloth: {
      role: 'outer',
      name: 'cloth',
      colour: UNNAMED_COLOUR,
      width: width * mm,
      selvedge: 0,
      length: most,
      oneWay,
      ...(bothSides ? { bothSides } : {}),
      ...(spacing > 0 ? { spacing: spacing * mm } : {}),
      ...(repeat === undefined ? {} : { repeat: repeat * mm, matched: true }),
      ...places.value,
    },
    pieces,
    findings,
  });
}
