import { boxOf, type Ring } from '../../geometry/ring.ts';
import { point, rotate } from '../../geometry/point.ts';
import { inches } from '../../units/length.ts';
import type { Cloth } from './cloth.ts';

/**
 * How a piece lies: with its grain along the cloth; on the bias, at 45°; with its grain across; so too, and its hem on the border of the
 * cloth; or with the grain inside a rough block that is cut and fused first.
 */
export const layManners = ['grain', 'bias', 'crosswise', 'border', 'block'] as const;
export type LayManner = (typeof layManners)[number];

export interface PieceManner {
  readonly piece: string;
  readonly manner: LayManner;
  /** Around the piece, for a block; mm. */
  readonly margin?: number;
}

/** What a hand leaves around a piece that is fused as a block, mm. Common practice. */
export const BLOCK_MARGIN = inches(0.5);

/** How a piece lies on a cloth: as it was said of it, else across where the cloth stretches along its length, for the stretch goes around the body. */
export const mannerFor = ({ manners = [], stretch }: Cloth, piece: string): PieceManner =>
  manners.find((each) => each.piece === piece) ?? {
    piece,
    manner: stretch === 'along' ? 'crosswise' : 'grain',
  };

/** By how many degrees an outline is turned before it is laid, clockwise with y down: the hem then points to the left selvedge. */
export type Turn = 45 | 90;

export function turnFor(cloth: Cloth, piece: string): Turn | 0 {
  switch (mannerFor(cloth, piece).manner) {
    case 'bias':
      return 45;
    case 'crosswise':
    case 'border':
      return 90;
    case 'grain':
    case 'block':
      return 0;
  }
}

export const turnRing = (ring: Ring, turn: number): Ring =>
  ring.map((p) => rotate(p, point(0, 0), (turn * Math.PI) / 180));

/** The block around a piece; that of a half-piece ends at its fold. mm. */
export function blockAround(outline: Ring, margin: number, isHalf: boolean): Ring {
  const { minX, minY, maxX, maxY } = boxOf(outline);
  const [left, right] = [isHalf ? minX : minX - margin, maxX + margin];
  const [top, bottom] = [minY - margin, maxY + margin];
  return [point(left, top), point(right, top), point(right, bottom), point(left, bottom)];
}
