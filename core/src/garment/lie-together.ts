import { point, type Point } from '../geometry/point.ts';
import { boxOf, type Box } from '../geometry/ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { ClothRole, Face, Piece } from '../pieces/piece.ts';

/** The turn of a piece beside what it is sewn to: as drafted, over its centre, or along the row. */
export type Turn = 'as-drafted' | 'mirrored' | 'across';

/** A piece in its place among the others, mm. */
export interface LyingPiece {
  readonly drafted: DraftedPiece;
  readonly turn: Turn;
  /** The upper left corner of its turned box. */
  readonly at: Point;
}

/** Pieces placed from 0, 0. */
interface Block {
  readonly pieces: readonly LyingPiece[];
  readonly width: number;
  readonly height: number;
}

const empty: Block = { pieces: [], width: 0, height: 0 };

/** Room between pieces, and between groups of them; mm. */
const GAP = 36;
const GROUP_GAP = 110;

const turned = (turn: Turn, { x, y }: Point): Point => {
  switch (turn) {
    case 'as-drafted':
      return point(x, y);
    case 'mirrored':
      return point(-x, y);
    case 'across':
      return point(y, -x);
  }
};

const turnedBox = ({ outline, stitch }: DraftedPiece, turn: Turn): Box =>
  boxOf([...outline, ...stitch].map((p) => turned(turn, p)));

/** Places a point of a piece where the piece lies. */
export function lyingAt({ drafted, turn, at }: LyingPiece): (p: Point) => Point {
  const { minX, minY } = turnedBox(drafted, turn);
  return (p) => {
    const { x, y } = turned(turn, p);
    return point(x - minX + at.x, y - minY + at.y);
  };
}

const single = (drafted: DraftedPiece, turn: Turn): Block => {
  const { minX, minY, maxX, maxY } = turnedBox(drafted, turn);
  return { pieces: [{ drafted, turn, at: point(0, 0) }], width: maxX - minX, height: maxY - minY };
};

const moved = ({ pieces }: Block, by: Point): LyingPiece[] =>
  pieces.map((piece) => ({ ...piece, at: point(piece.at.x + by.x, piece.at.y + by.y) }));

const hasPieces = ({ pieces }: Block): boolean => pieces.length > 0;

function beside(blocks: readonly Block[], gap: number): Block {
  return blocks.filter(hasPieces).reduce((row, block) => {
    const left = hasPieces(row) ? row.width + gap : 0;
    return {
      pieces: [...row.pieces, ...moved(block, point(left, 0))],
      width: left + block.width,
      height: Math.max(row.height, block.height),
    };
  }, empty);
}

/** Rows one under the other. */
function under(blocks: readonly Block[], gap: number): Block {
  const rows = blocks.filter(hasPieces);
  const width = Math.max(0, ...rows.map((row) => row.width));
  return rows.reduce((stack, row) => {
    const top = hasPieces(stack) ? stack.height + gap : 0;
    return {
      pieces: [...stack.pieces, ...moved(row, point(0, top))],
      width,
      height: top + row.height,
    };
  }, empty);
}

/** Parts that are seen, from the shoulder down, and those that lie inside them. */
const seen: readonly Piece['part'][] = ['yoke', 'net', 'cup', 'bodice', 'waistband', 'skirt', 'trousers'];
const inside: readonly Piece['part'][] = ['base', 'facing'];

/** Panels of one face in a storey: from the centre out to the side in front, and from the side in to the centre behind. */
function faceRow(pieces: readonly DraftedPiece[], part: Piece['part'], face: Face): Block {
  const panels = pieces
    .filter(({ piece }) => piece.part === part && piece.face === face)
    .sort((a, b) => Number(a.piece.panel === 'side') - Number(b.piece.panel === 'side'));
  const isMirrored = ({ piece }: DraftedPiece) => face === 'back' && piece.cut.layers !== 'single';
  const blocks = panels.map((each) => single(each, isMirrored(each) ? 'mirrored' : 'as-drafted'));
  return beside(face === 'back' ? blocks.reverse() : blocks, GAP);
}

/** Front and back with their sides to each other, storey by storey. */
function bothFaces(pieces: readonly DraftedPiece[], storeys: readonly Piece['part'][]): Block {
  const rows = storeys.map((part) => ({
    front: faceRow(pieces, part, 'front'),
    back: faceRow(pieces, part, 'back'),
  }));
  const most = (face: Face) => Math.max(0, ...rows.map((row) => row[face].width));
  const [front, back] = [most('front'), most('back')];
  const apart = front > 0 && back > 0 ? GROUP_GAP / 2 : 0;
  return under(
    rows.map((row) => ({
      pieces: [...row.front.pieces, ...moved(row.back, point(front + apart + back - row.back.width, 0))],
      width: front + apart + back,
      height: Math.max(row.front.height, row.back.height),
    })),
    GAP,
  );
}

/** Capes and flounces that lie over each other: each layer's front and back in a row, the rows from the uppermost down. */
function layersOf(capes: readonly DraftedPiece[]): Block {
  const of = (face: Face) => capes.filter(({ piece }) => piece.face === face);
  const [fronts, backs] = [of('front'), of('back')];
  return under(
    Array.from({ length: Math.max(fronts.length, backs.length) }, (_, layer) =>
      beside(
        [...fronts.slice(layer, layer + 1), ...backs.slice(layer, layer + 1)].map((each) =>
          single(each, 'as-drafted'),
        ),
        GAP,
      ),
    ),
    GAP,
  );
}

const strips: readonly Piece['part'][] = ['strip', 'placket'];

/** A tier that goes all around: it lies below what it is gathered to. */
const isTier = ({ piece }: DraftedPiece): boolean =>
  piece.part === 'skirt' && piece.face === undefined && piece.panel === undefined;

/** The pieces of one cloth: front and back side by side, tiers below, sleeves and collars beside them, strips along the foot. */
function clothBlock(pieces: readonly DraftedPiece[]): Block {
  const loose = pieces.filter(
    ({ piece }) => piece.face === undefined || ![...seen, ...inside].includes(piece.part),
  );
  const long = loose.filter(({ piece }) => strips.includes(piece.part));
  const tiers = loose.filter(isTier);
  const capes = loose.filter(({ piece }) => piece.part === 'cape' && piece.face !== undefined);
  const apart = [...long, ...tiers, ...capes];
  const others = loose.filter((each) => !apart.includes(each));
  return under(
    [
      beside(
        [
          under([bothFaces(pieces, seen), ...tiers.map((each) => single(each, 'as-drafted'))], GAP),
          under(
            [
              ...inside.map((part) => bothFaces(pieces, [part])),
              beside(
                others.map((each) => single(each, 'as-drafted')),
                GAP,
              ),
              layersOf(capes),
            ],
            GAP,
          ),
        ],
        GROUP_GAP,
      ),
      ...long.map((each) => single(each, 'across')),
    ],
    GAP,
  );
}

/** Blocks in rows of at most a width. */
function inRows(blocks: readonly Block[], width: number): Block {
  const rows: Block[][] = [];
  let used = Infinity;
  for (const block of blocks) {
    if (used + GROUP_GAP + block.width > width) rows.push([]);
    const row = rows.at(-1);
    used = row?.length ? used + GROUP_GAP + block.width : block.width;
    row?.push(block);
  }
  return under(
    rows.map((row) => beside(row, GROUP_GAP)),
    GROUP_GAP,
  );
}

/** Cloths that are laid out together: those that are seen, then each that lies under them. */
const shown: readonly (readonly ClothRole[])[] = [['outer', 'net', 'trim'], ['lining'], ['stay']];

/** All pieces of a draft as they lie in the garment. */
export interface LyingTogether {
  readonly pieces: readonly LyingPiece[];
  readonly width: number;
  readonly height: number;
}

/**
 * The pieces of a garment laid out as they are sewn: cloth by cloth, front beside back with their sides to each other, what hangs from
 * the waist below; in the rows that fill a space of `across` ÷ `down` best. Lengths in mm.
 */
export function lieTogether(pieces: readonly DraftedPiece[], aspect: number): LyingTogether {
  const blocks = shown
    .map((roles) => clothBlock(pieces.filter(({ piece }) => roles.includes(piece.role))))
    .filter(hasPieces);
  const widths = blocks.map((_, index) =>
    blocks.slice(0, index + 1).reduce((sum, { width }) => sum + width + GROUP_GAP, 1),
  );
  const fits = [...widths, ...blocks.map(({ width }) => width + 1)].map((width) => inRows(blocks, width));
  const sizeOf = ({ width, height }: Block) => Math.max(width, height * aspect);
  return fits.reduce((best, fit) => (sizeOf(fit) < sizeOf(best) ? fit : best), fits[0] ?? empty);
}
