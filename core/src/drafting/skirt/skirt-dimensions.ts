import { dartDimensions, intakeOf, type DartSums } from '../../pieces/dart-dimensions.ts';
import { declared } from '../../pieces/carry-dimensions.ts';
import { corner, down, run, type Dimension } from '../../pieces/dimension.ts';
import { roleLength, type Piece } from '../../pieces/piece.ts';
import { drawn, minus, named, plus, sum, type Term, type Working } from '../../workings/working.ts';

/** The sums that a skirt panel is drawn by; downs are from the waist line at the centre front. */
export interface SkirtSums {
  /** Waist of the bodice there. */
  readonly waist: Working;
  readonly hip: Working;
  readonly hipDepth: Working;
  readonly length: Working;
  /** Difference of the hem from the hip, on the quarter. */
  readonly hemBy: Term;
  readonly slit: Working;
  /** Undefined where there is no zip. */
  readonly zipEnd: Working | undefined;
}

/** The sums that its drawing adds: how far the side rises above the waist line, and its darts. */
export interface SkirtShaping {
  readonly rise: Working;
  readonly darts: { readonly [dart: string]: DartSums };
}

/** The widths of the panel at waist, hip and hem, and the depths of those. */
function widthsAndDowns(piece: Piece, sums: SkirtSums, rise: Working): Dimension[] {
  const intakes = piece.darts.map((dart): Term => plus(drawn('dart', intakeOf(piece, dart))));
  const across = (level: 'waist' | 'hip', label: string, working: Working): Dimension => ({
    name: level,
    label,
    kind: 'out',
    at: { kind: 'width', level },
    working,
    adds: 'side',
  });
  const waist = sum(plus(named('bodice waist', sums.waist)), ...intakes);
  const hem = sum(plus(sums.hip), sums.hemBy);
  return [
    declared(piece, across('waist', 'Waist, across', waist), 'curve'),
    down('waist-side', 'Waist, down at the side', 'waist', 'side', sum(minus(rise))),
    { ...down('hip-line', 'Hip line, down', 'hip', 'side', sums.hipDepth), follows: true },
    across('hip', 'Hip, across', sums.hip),
    { ...down('length', 'Length, down at the centre', 'hem', 'centre', sums.length), adds: 'hem' },
    declared(piece, corner('hem', 'Hem, across', 'out', { of: 'side', end: 'end' }, hem, 'side'), 'trued'),
  ];
}

/** The end of the zip and the length of the slit. */
const openings = (piece: Piece, { zipEnd, slit }: SkirtSums): Dimension[] => [
  ...(zipEnd
    ? [
        {
          name: 'zip-end',
          label: 'End of the zip, down',
          kind: 'down' as const,
          at: { kind: 'inside' as const, x: 0, y: zipEnd.mm },
          working: zipEnd,
        },
      ]
    : []),
  ...(roleLength(piece, 'slit') > 0
    ? [{ ...run('slit', 'Slit, up from the hem', 'slit', slit), follows: true as const }]
    : []),
];

/** Every cut dimension of a skirt panel, from the waist down. */
export const skirtDimensions = (
  piece: Piece,
  sums: SkirtSums,
  { rise, darts }: SkirtShaping,
): Dimension[] => [
  ...widthsAndDowns(piece, sums, rise),
  ...piece.darts.flatMap((dart) => {
    const own = darts[dart.id];
    return own ? dartDimensions(piece, dart, { leg: named('tip, down', own.tipDown), ...own }) : [];
  }),
  declared(
    piece,
    run('side-seam', 'Side seam', 'side', sum(plus(named('length', sums.length)), plus(rise))),
    'curve',
  ),
  ...openings(piece, sums),
];
