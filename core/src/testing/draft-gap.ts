import type { Draft } from '../drafting/draft.ts';
import { distance } from '../geometry/point.ts';
import { ringGap } from '../geometry/distance-to-ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';

/** How far two drafts of a garment lie apart, and where most. */
export interface DraftGap {
  readonly mm: number;
  readonly piece: string;
}

const edgesOf = ({ piece }: DraftedPiece): string =>
  piece.edges.map(({ id, path }) => `${id} ${path.length}`).join();

/** How far the corners of two stitch lines with the same edges lie apart, mm; nothing where one has an edge more. */
const cornerGap = (a: DraftedPiece, b: DraftedPiece): number =>
  edgesOf(a) !== edgesOf(b)
    ? 0
    : Math.max(
        ...a.piece.edges.flatMap(({ path }, edge) =>
          path.map((segment, index) => {
            const same = b.piece.edges[edge]?.path[index];
            return same ? Math.max(distance(segment.a, same.a), distance(segment.b, same.b)) : Infinity;
          }),
        ),
      );

/** The greatest distance between outlines, or corners of the stitch line, of the pieces of two drafts; infinite where one has a piece more. */
export function draftGap(a: Draft, b: Draft): DraftGap {
  const gaps = a.pieces.map((one): DraftGap => {
    const { id, role } = one.piece;
    const other = b.pieces.find(({ piece }) => piece.id === id && piece.role === role);
    const mm = other ? Math.max(ringGap(one.outline, other.outline), cornerGap(one, other)) : Infinity;
    return { mm, piece: `${role} ${id}` };
  });
  const worst = gaps.reduce((most, each) => (each.mm > most.mm ? each : most), { mm: 0, piece: '' });
  return a.pieces.length === b.pieces.length ? worst : { mm: Infinity, piece: 'another count of pieces' };
}
