import { endOf, startOf } from '../geometry/curve.ts';
import { distance, DOWN, OUT } from '../geometry/point.ts';
import type { Figure } from '../drafting/draft.ts';
import { contourIntake } from '../pieces/contour-dart.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { isOther, ownId } from '../pieces/other-half.ts';
import { edgeLength, edgeOf } from '../pieces/piece.ts';
import { drawn, plus, type Term, type Working } from '../workings/working.ts';
import { insideFigure } from './figure-parts.ts';

/** The sums behind a dart: what it takes in, and where its tip stands. */
export interface DartWorkings {
  readonly intake: Working;
  readonly tipOut: Working;
  readonly tipDown: Working;
}

/** Where each dart opens, how wide and how long. */
export function dartFigures(piece: DraftedPiece, workingsOf: (dartId: string) => DartWorkings): Figure[] {
  return piece.piece.darts.flatMap((dart) => {
    const [outer, inner] = [edgeOf(piece.piece, dart.legs[0]), edgeOf(piece.piece, dart.legs[1])];
    const [mouthA, tip, mouthB] = [startOf(outer.path), endOf(outer.path), endOf(inner.path)];
    const label = dartLabel(dart.id);
    const workings = workingsOf(dart.id);
    const inside = (
      kind: Figure['kind'],
      name: string,
      words: string,
      mm: number,
      working: Working,
      because: string,
      moves: Figure['moves'] = null,
    ) => insideFigure(piece, kind, `${dart.id}-${name}`, `${label}, ${words}`, mm, working, because, moves);
    const leg = edgeLength(outer);
    return [
      inside(
        'length',
        'intake',
        'whole intake',
        distance(mouthA, mouthB),
        workings.intake,
        'curve of the seam',
      ),
      inside('length', 'leg', 'length of each leg', leg, drawn('mouth to tip', leg), 'as drawn'),
      inside('out', 'tip-out', 'tip, across', tip.x, workings.tipOut, 'along the dart', {
        at: tip,
        way: OUT,
      }),
      inside('down', 'tip-down', 'tip, down', tip.y, workings.tipDown, 'along the dart', {
        at: tip,
        way: DOWN,
      }),
    ];
  });
}

/** How wide each contour dart is, and where its tips stand. */
export function contourFigures(piece: DraftedPiece, intake: (dartId: string) => Working): Figure[] {
  return (piece.piece.contours ?? []).flatMap((dart) => {
    const label = dartLabel(dart.id);
    const at = (name: string, words: string, kind: 'out' | 'down', mm: number) =>
      insideFigure(
        piece,
        kind,
        `${dart.id}-${name}`,
        `${label}, ${words}`,
        mm,
        drawn('as drawn', mm),
        'as drawn',
      );
    return [
      insideFigure(
        piece,
        'length',
        `${dart.id}-intake`,
        `${label}, whole intake at the waist`,
        contourIntake(dart),
        intake(dart.id),
        'curve of the seam',
      ),
      at('tip-out', 'tips, across', 'out', dart.top.x),
      at('tip-down', 'upper tip, down', 'down', dart.top.y),
      at('foot-down', 'lower tip, down', 'down', dart.bottom.y),
    ];
  });
}

export function dartLabel(id: string): string {
  if (isOther(id)) return `${dartLabel(ownId(id))}, other half`;
  if (id === 'bust-dart') return 'Bust dart';
  if (id === 'neck-dart') return 'Neck dart';
  return id.endsWith('-1') ? 'Waist dart' : 'Outer waist dart';
}

/** The intake of all darts in the waist, as a term of a width. */
export const waistDartTerms = ({ piece }: DraftedPiece): Term[] => [
  ...(piece.contours ?? []).map((dart) => plus(drawn(dartLabel(dart.id).toLowerCase(), contourIntake(dart)))),
  ...piece.darts
    .filter(({ id }) => id.startsWith('waist-dart'))
    .map((dart) =>
      plus(
        drawn(
          dartLabel(dart.id).toLowerCase(),
          distance(startOf(edgeOf(piece, dart.legs[0]).path), endOf(edgeOf(piece, dart.legs[1]).path)),
        ),
      ),
    ),
];
