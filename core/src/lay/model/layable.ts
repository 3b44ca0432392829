import { boxOf, moveRing, openHalf, signedArea, type Ring } from '../../geometry/ring.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import type { LevelName } from '../../pieces/level.ts';
import type { Cut } from '../../pieces/piece.ts';
import type { Cloth } from './cloth.ts';
import type { Placement } from './lay.ts';
import { stateOf, turnOutline } from './outline-state.ts';
import { cutWith, layUnder, type Beneath, type OtherCloths, type Pinned } from './pinned.ts';
import { BLOCK_MARGIN, blockAround, mannerFor, turnRing, type Turn } from './lay-manner.ts';

/** What is to be laid: the pieces of one role, each with its cut, as it lies on its cloth. */
export interface LayPiece {
  readonly id: string;
  readonly cut: Cut;
  readonly outline: Ring;
  /** It points one way, even where the cloth has no nap. */
  readonly oneWay?: boolean;
  /** How far down its levels lie, in the outline's own places, mm: where prints are matched. */
  readonly levels?: { readonly [name in LevelName]?: number };
  /** By how much its outline is turned already, so that its grain does not run along the cloth. */
  readonly turn?: Turn;
  /** The selvedge that its hem lies on, for a piece that is cut on the border. */
  readonly border?: 'left' | 'right';
  /** It may lie on either face, because its cloth has no wrong side. */
  readonly eitherFace?: boolean;
  /** It is cut together with another cloth that lies above. */
  readonly pinned?: Pinned;
  /** Cloths that lie under it and are cut with it. */
  readonly beneath?: readonly Beneath[];
}

/** A piece as its outline lies with the grain along the cloth. */
const withTheGrain = ({ piece, outline }: DraftedPiece): LayPiece => ({
  id: piece.id,
  cut: piece.cut,
  outline,
  levels: Object.fromEntries(
    piece.levels.flatMap(({ name, path: [start] }) => (start ? [[name, start.y]] : [])),
  ),
});

/** A piece with its grain turned: no fold runs along its middle then, and what is even on both sides is its own other hand. */
export function turnedPiece(piece: LayPiece, turn: Turn): LayPiece {
  const { id, cut, oneWay = false } = piece;
  const { copies } = cut;
  return {
    id,
    cut: cut.layers === 'fold' ? { copies, layers: copies % 2 === 0 ? 'pair' : 'single' } : cut,
    outline: turnRing(wholeOutline(piece), turn),
    turn,
    ...(oneWay ? { oneWay } : {}),
  };
}

/** A piece as it lies on its cloth. */
export function layPieceOf(drafted: DraftedPiece, cloth: Cloth): LayPiece {
  const piece = withTheGrain(drafted);
  const how = mannerFor(cloth, piece.id);
  switch (how.manner) {
    case 'grain':
      return piece;
    case 'bias':
      return turnedPiece(piece, 45);
    case 'crosswise':
      return turnedPiece(piece, 90);
    case 'border':
      return { ...turnedPiece(piece, 90), border: cloth.border ?? 'left' };
    case 'block': {
      const { margin = BLOCK_MARGIN } = how;
      return { ...piece, outline: blockAround(piece.outline, margin, piece.cut.layers === 'fold') };
    }
  }
}

/** Those of a draft's pieces that are cut from a cloth, as they lie on it; what is pinned under another cloth has the outline of what is cut there. */
export function layPiecesOn(
  cloth: Cloth,
  pieces: readonly DraftedPiece[],
  { cloths, lays }: OtherCloths = { cloths: [], lays: {} },
): LayPiece[] {
  const clothAbove = cloths.find(({ role }) => role === cloth.under);
  const own = pieces
    .filter(({ piece }) => piece.role === cloth.role)
    .map((drafted) => ({ drafted, above: clothAbove && cutWith(drafted, clothAbove.role, pieces) }));
  const names = new Map(
    own.flatMap(({ drafted, above }) => (above ? [[above.piece.id, drafted.piece.id]] : [])),
  );
  const layAbove = clothAbove && lays[clothAbove.role];
  const under = layAbove && names.size > 0 ? layUnder(cloth, layAbove, names) : { above: undefined, from: 0 };
  const beneathOf = ({ piece: { id } }: DraftedPiece): readonly Cloth[] =>
    cloths.filter(
      ({ role, under }) =>
        under === cloth.role &&
        pieces.some((each) => each.piece.role === role && cutWith(each, under, pieces)?.piece.id === id),
    );
  const laid = own.map(({ drafted, above: template }): LayPiece => {
    if (!clothAbove || !template) {
      const beneath = beneathOf(drafted);
      return { ...layPieceOf(drafted, cloth), ...(beneath.length > 0 ? { beneath } : {}) };
    }
    const pinned = { under: clothAbove.role, ...under };
    return { ...layPieceOf(template, clothAbove), id: drafted.piece.id, pinned };
  });
  // What is cut through two cloths keeps its hand for the other one.
  const isAlone = ({ pinned, beneath }: LayPiece) => !pinned && !beneath;
  return cloth.bothSides
    ? laid.map((piece) => (isAlone(piece) ? { ...piece, eitherFace: true } : piece))
    : laid;
}

/** What is cut from the blocks of a lay once they are fused: each piece in the middle of its block. */
export const insideBlocks = (
  placements: readonly Placement[],
  cloth: Cloth,
  pieces: readonly DraftedPiece[],
): Ring[] =>
  placements.flatMap((placement) => {
    const drafted = pieces.find(({ piece }) => piece.id === placement.piece);
    if (!drafted || mannerFor(cloth, placement.piece).manner !== 'block') return [];
    const ring = turnOutline(wholeOutline(withTheGrain(drafted)), stateOf(placement, 0));
    const [block, own] = [boxOf(placement.polygon), boxOf(ring)];
    return [
      moveRing(
        ring,
        (block.minX + block.maxX - own.minX - own.maxX) / 2,
        (block.minY + block.maxY - own.minY - own.maxY) / 2,
      ),
    ];
  });

/** The whole piece as it lies on the opened cloth: a half-piece is opened at its fold. */
export const wholeOutline = ({ cut, outline }: LayPiece): Ring =>
  cut.layers === 'fold' ? openHalf(outline) : outline;

/** Area of all copies, in mm². */
export const totalArea = (pieces: readonly LayPiece[]): number =>
  pieces.reduce((sum, piece) => sum + piece.cut.copies * Math.abs(signedArea(wholeOutline(piece))), 0);
