import { dartDimensions, type DartSums } from '../../pieces/dart-dimensions.ts';
import { declared } from '../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { roleLength, type Piece } from '../../pieces/piece.ts';
import { readPlace } from '../../pieces/read-place.ts';
import { drawn, minus, named, plus, sum, type Term, type Working } from '../../workings/working.ts';

/** The sums that a skirt panel is drawn by; downs are from the waist line at the centre front. */
export interface SkirtSums {
  /** What the bodice's waist measures there. */
  readonly waist: Working;
  readonly hip: Working;
  readonly hipDepth: Working;
  readonly length: Working;
  readonly pegging: Working;
  readonly slit: Working;
  /** Undefined where there is no zip. */
  readonly zipEnd: Working | undefined;
}

/** The sums that its drawing adds: how far the side rises above the waist line, and its darts. */
export interface SkirtShaping {
  readonly rise: Working;
  readonly darts: { readonly [dart: string]: DartSums };
}

/** Every cut dimension of a skirt panel, from the waist down. */
export function skirtDimensions(piece: Piece, sums: SkirtSums, { rise, darts }: SkirtShaping): Dimension[] {
  const intakes = piece.darts.map(({ id }): Term => {
    const at = { kind: 'dart', dart: id, part: 'intake' } as const;
    return plus(drawn('dart', readPlace(piece, { at, kind: 'length' })?.mm ?? 0));
  });
  const hem = sum(plus(sums.hip), minus(sums.pegging));
  return [
    declared(
      piece,
      {
        name: 'waist',
        label: 'Waist, across',
        kind: 'out',
        at: { kind: 'width', level: 'waist' },
        working: sum(plus(named('bodice waist', sums.waist)), ...intakes),
        adds: 'side',
      },
      'curve',
    ),
    {
      name: 'waist-side',
      label: 'Waist, down at the side',
      kind: 'down',
      at: { kind: 'level', level: 'waist', end: 'side' },
      working: sum(minus(rise)),
    },
    {
      name: 'hip-line',
      label: 'Hip line, down',
      kind: 'down',
      at: { kind: 'level', level: 'hip', end: 'side' },
      working: sums.hipDepth,
      follows: true,
    },
    {
      name: 'hip',
      label: 'Hip, across',
      kind: 'out',
      at: { kind: 'width', level: 'hip' },
      working: sums.hip,
      adds: 'side',
    },
    {
      name: 'length',
      label: 'Length, down at the centre',
      kind: 'down',
      at: { kind: 'level', level: 'hem', end: 'centre' },
      working: sums.length,
      adds: 'hem',
    },
    declared(
      piece,
      {
        name: 'hem',
        label: 'Hem, across',
        kind: 'out',
        at: { kind: 'corner', of: 'side', end: 'end' },
        working: hem,
        adds: 'side',
      },
      'trued',
    ),
    ...piece.darts.flatMap((dart) => {
      const own = darts[dart.id];
      return own ? dartDimensions(piece, dart, { leg: named('tip, down', own.tipDown), ...own }) : [];
    }),
    declared(
      piece,
      {
        name: 'side-seam',
        label: 'Side seam',
        kind: 'length',
        at: { kind: 'run', of: 'side' },
        working: sum(plus(named('length', sums.length)), plus(rise)),
      },
      'curve',
    ),
    ...(sums.zipEnd
      ? [
          {
            name: 'zip-end',
            label: 'End of the zip, down',
            kind: 'down' as const,
            at: { kind: 'inside' as const, x: 0, y: sums.zipEnd.mm },
            working: sums.zipEnd,
          },
        ]
      : []),
    ...(roleLength(piece, 'slit') > 0
      ? [
          {
            name: 'slit',
            label: 'Slit, up from the hem',
            kind: 'length' as const,
            at: { kind: 'run' as const, of: 'slit' as const },
            working: sums.slit,
            follows: true as const,
          },
        ]
      : []),
  ];
}
