import { pointWhere, startOf } from '../geometry/curve.ts';
import type { Piece } from '../pieces/piece.ts';
import { inches } from '../units/length.ts';
import { finding, type Finding } from '../findings/finding.ts';
import { TYPED_WITHIN } from '../findings/remedy.ts';

/** Height of a neckline or a top edge above the bust line at the centre, mm; below it is negative. */
export interface Coverage {
  readonly piece: string;
  readonly face: Piece['face'];
  readonly edge: 'neck' | 'top';
  readonly aboveBust: number;
}

/** A strapless edge nearer to the bust line than this shows more than most clients expect, mm. Common practice. */
const STRAPLESS_LEAST = inches(3.5);

/** Measured on the pieces that have both an upper edge and a bust line, at the centre. */
export const coverageOf = (pieces: readonly Piece[]): Coverage[] =>
  pieces.flatMap(({ id, face, edges, levels }) => {
    const upper = edges.find(({ role }) => role === 'neck' || role === 'top');
    const bust = levels.find(({ name }) => name === 'bust')?.path[0];
    if (!upper || !bust) return [];
    const edge = upper.role === 'top' ? ('top' as const) : ('neck' as const);
    const { y } = pointWhere(upper.path, 'x', 0) ?? startOf(upper.path);
    return [{ piece: id, face, edge, aboveBust: bust.y - y }];
  });

/** Says where a strapless front stands low above the bust; `choice` sets its level, now `level` mm down. */
export const straplessFindings = (coverage: readonly Coverage[], choice: string, level: number): Finding[] =>
  coverage
    .filter(({ edge, aboveBust }) => edge === 'top' && aboveBust < STRAPLESS_LEAST - TYPED_WITHIN)
    .map(({ piece, aboveBust }) =>
      finding(
        'edge-covers-little',
        { piece, choice },
        {
          found: aboveBust,
          expected: STRAPLESS_LEAST,
          remedy: { kind: 'set-choice', choice, mm: level - (STRAPLESS_LEAST - aboveBust) },
        },
      ),
    );
