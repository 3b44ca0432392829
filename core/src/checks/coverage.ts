import { startOf } from '../geometry/curve.ts';
import type { Piece } from '../pieces/piece.ts';

/** How much a neckline covers: how far its lowest point lies above the bust line, mm; below it is negative. */
export interface Coverage {
  readonly piece: string;
  readonly aboveBust: number;
}

/** Measured on the pieces that have both a neckline and a bust line, at the centre. */
export const coverageOf = (pieces: readonly Piece[]): Coverage[] =>
  pieces.flatMap(({ id, edges, levels }) => {
    const neck = edges.find(({ role }) => role === 'neck');
    const bust = levels.find(({ name }) => name === 'bust')?.path[0];
    return neck && bust ? [{ piece: id, aboveBust: bust.y - startOf(neck.path).y }] : [];
  });
