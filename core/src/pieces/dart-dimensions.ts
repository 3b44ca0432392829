import { drawn, type Working } from '../workings/working.ts';
import { declared } from './carry-dimensions.ts';
import type { Dimension } from './dimension.ts';
import { endOf, startOf } from '../geometry/curve.ts';
import { distance } from '../geometry/point.ts';
import { edgeLength, edgeOf, type Dart, type Piece } from './piece.ts';

/** The sums that one dart was drawn by. */
export interface DartSums {
  readonly intake: Working;
  /** Left out, the legs are as long as from mouth to tip. */
  readonly leg?: Working;
  readonly tipOut: Working;
  readonly tipDown: Working;
}

export const dartLabel = (id: string): string => {
  switch (id) {
    case 'bust-dart':
      return 'Bust dart';
    case 'neck-dart':
      return 'Neck dart';
    case 'elbow-dart':
      return 'Elbow dart';
    case 'waist-dart-1':
      return 'Waist dart';
    default:
      return 'Outer waist dart';
  }
};

/** The width of a dart's mouth, mm. */
export const intakeOf = (piece: Piece, { legs }: Dart): number =>
  distance(startOf(edgeOf(piece, legs[0]).path), endOf(edgeOf(piece, legs[1]).path));

/** The cut dimensions of a dart: how wide it opens, how long its legs are, and where its tip stands. */
export function dartDimensions(piece: Piece, dart: Dart, sums: DartSums): Dimension[] {
  const { id } = dart;
  const words = dartLabel(id);
  const legAt = { kind: 'dart', dart: id, part: 'leg' } as const;
  const leg = edgeLength(edgeOf(piece, dart.legs[0]));
  return [
    declared(
      piece,
      {
        name: `${id}-intake`,
        label: `${words}, whole intake`,
        kind: 'length',
        at: { kind: 'dart', dart: id, part: 'intake' },
        working: sums.intake,
      },
      'curve',
    ),
    declared(
      piece,
      {
        name: `${id}-leg`,
        label: `${words}, length of each leg`,
        kind: 'length',
        at: legAt,
        working: sums.leg ?? drawn('mouth to tip', leg),
      },
      'slant',
    ),
    {
      name: `${id}-tip-out`,
      label: `${words}, tip, across`,
      kind: 'out',
      at: { kind: 'dart', dart: id, part: 'tip' },
      working: sums.tipOut,
    },
    {
      name: `${id}-tip-down`,
      label: `${words}, tip, down`,
      kind: 'down',
      at: { kind: 'dart', dart: id, part: 'tip' },
      working: sums.tipDown,
    },
  ];
}
