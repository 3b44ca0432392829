import { declared } from '../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import type { Dart, Piece } from '../../pieces/piece.ts';
import { readPlace } from '../../pieces/read-place.ts';
import { changed, minus, named, plus, sum, type Working } from '../../workings/working.ts';
import { dartDimensions, dartLabel, type DartSums } from '../../pieces/dart-dimensions.ts';
import type { BodiceFrame } from './frame.ts';

type Which = 'front' | 'back';

/** The sums that a panel of the bodice was drawn by, beside those of its frame. */
export interface PanelSums {
  readonly chest: Working;
  readonly underarm: Working;
  readonly bust: Working;
  /** Down to where the waist meets the side. */
  readonly waistSide: Working;
  readonly side: Working;
  readonly darts: { readonly [dart: string]: DartSums };
}

/** The darts that open into the waist, with their intakes as terms of its width. */
const waistDarts = ({ darts }: Piece, sums: PanelSums) =>
  darts.flatMap((dart) => {
    const own = sums.darts[dart.id];
    return dart.in === 'waist' && own ? [{ dart, own }] : [];
  });

/** What a waist dart takes in, as a term with its name. */
const intakeTerm = (piece: Piece, dart: Dart, { intake }: DartSums) => {
  const at = { kind: 'dart', dart: dart.id, part: 'intake' } as const;
  const mm = readPlace(piece, { at, kind: 'length' })?.mm ?? 0;
  return plus(named(dartLabel(dart.id).toLowerCase(), changed(intake, 'curve', mm - intake.mm)));
};

/** Every cut dimension of a bodice panel, from the neck down. */
export function panelDimensions(
  piece: Piece,
  frame: BodiceFrame,
  which: Which,
  sums: PanelSums,
): Dimension[] {
  const { sums: of } = frame;
  const waistLine = named('waist line', of.waist[which]);
  const shoulderRun = sum(
    plus(named('shoulder, across', of.shoulder)),
    minus(named('neck, across', of.neckWidth)),
  );
  const bustPoint: Dimension[] =
    which === 'front'
      ? [
          {
            name: 'bust-point',
            label: 'Bust point, across',
            kind: 'out',
            at: { kind: 'inside', ...frame.bustPoint },
            working: of.bustOut,
          },
        ]
      : [];
  return [
    {
      name: 'neck-width',
      label: 'Neck, across',
      kind: 'out',
      at: { kind: 'corner', of: 'neck', end: 'end' },
      working: of.neckWidth,
      adds: 'neck',
    },
    {
      name: 'neck-depth',
      label: 'Neck, down at the centre',
      kind: 'down',
      at: { kind: 'corner', of: 'neck', end: 'start' },
      working: of.neckDepth[which],
      adds: 'neck',
    },
    {
      name: 'shoulder',
      label: 'Shoulder, across',
      kind: 'out',
      at: { kind: 'corner', of: 'shoulder', end: 'end' },
      working: of.shoulder,
      adds: 'armhole',
    },
    {
      name: 'shoulder-drop',
      label: 'Shoulder, drop',
      kind: 'down',
      at: { kind: 'corner', of: 'shoulder', end: 'end' },
      working: of.drop,
      adds: 'shoulder',
    },
    declared(
      piece,
      {
        name: 'shoulder-seam',
        label: 'Shoulder seam',
        kind: 'length',
        at: { kind: 'run', of: 'shoulder' },
        working: shoulderRun,
      },
      'slant',
    ),
    {
      name: 'chest-line',
      label: 'Chest line, down',
      kind: 'down',
      at: { kind: 'level', level: 'chest', end: 'centre' },
      working: sums.chest,
      follows: true,
    },
    declared(
      piece,
      {
        name: 'bust-line',
        label: 'Bust line, down',
        kind: 'down',
        at: { kind: 'level', level: 'bust', end: 'centre' },
        working: of.bustLine,
        follows: true,
      },
      'kept',
    ),
    {
      name: 'waist-line',
      label: 'Waist line, down at the centre',
      kind: 'down',
      at: { kind: 'level', level: 'waist', end: 'centre' },
      working: of.waist[which],
    },
    {
      name: 'waist-side',
      label: 'Waist, down at the side',
      kind: 'down',
      at: { kind: 'level', level: 'waist', end: 'side' },
      working: sums.waistSide,
    },
    {
      name: 'underarm',
      label: 'Underarm, across',
      kind: 'out',
      at: { kind: 'level', level: 'chest', end: 'side' },
      working: sums.underarm,
      adds: 'side',
    },
    declared(
      piece,
      {
        name: 'bust',
        label: 'Bust, across',
        kind: 'out',
        at: { kind: 'width', level: 'bust' },
        working: sums.bust,
        adds: 'side',
      },
      'slant',
    ),
    ...bustPoint,
    declared(
      piece,
      {
        name: 'waist',
        label: 'Waist, across',
        kind: 'out',
        at: { kind: 'width', level: 'waist' },
        working: sum(
          plus(of.waistWidth[which]),
          ...waistDarts(piece, sums).map(({ dart, own }) => intakeTerm(piece, dart, own)),
        ),
        adds: 'side',
      },
      'curve',
    ),
    ...piece.darts.flatMap((dart) => {
      const own = sums.darts[dart.id];
      if (!own) return [];
      const leg = sum(plus(waistLine), minus(named('tip, down', own.tipDown)));
      return dartDimensions(piece, dart, { ...(dart.in === 'waist' && { leg }), ...own });
    }),
    declared(
      piece,
      {
        name: 'side-seam',
        label: 'Side seam',
        kind: 'length',
        at: { kind: 'run', of: 'side' },
        working: sums.side,
      },
      which === 'front' ? 'trued' : 'slant',
    ),
  ];
}

/** From the chest line down to the waist at the side. */
export const sideRun = (chest: Working, waistSide: Working): Working =>
  sum(plus(named('waist, down at the side', waistSide)), minus(named('chest line', chest)));
