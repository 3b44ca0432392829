import { declared } from '../../pieces/carry-dimensions.ts';
import { corner, down, run, type Dimension } from '../../pieces/dimension.ts';
import type { LevelName } from '../../pieces/level.ts';
import type { Dart, Piece } from '../../pieces/piece.ts';
import { changed, divided, minus, named, plus, sum, type Working } from '../../workings/working.ts';
import { dartDimensions, dartLabel, intakeOf, type DartSums } from '../../pieces/dart-dimensions.ts';
import type { Body } from '../body.ts';
import type { BodiceFrame } from './frame.ts';
import type { BodiceShape } from './shape.ts';

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

/** The intake of a waist dart, as a term with its name. */
const intakeTerm = (piece: Piece, dart: Dart, { intake }: DartSums) => {
  const mm = intakeOf(piece, dart);
  return plus(named(dartLabel(dart.id).toLowerCase(), changed(intake, 'curve', mm - intake.mm)));
};

/** The corners of neck and shoulder, and the length of the shoulder seam. */
function neckAndShoulder(piece: Piece, { sums }: BodiceFrame, which: Which): Dimension[] {
  const along = sum(
    plus(named('shoulder, across', sums.shoulder[which])),
    minus(named('neck, across', sums.neckWidth)),
  );
  return [
    corner('neck-width', 'Neck, across', 'out', { of: 'neck', end: 'end' }, sums.neckWidth, 'neck'),
    corner(
      'neck-depth',
      'Neck, down at the centre',
      'down',
      { of: 'neck', end: 'start' },
      sums.neckDepth[which],
      'neck',
    ),
    corner(
      'shoulder',
      'Shoulder, across',
      'out',
      { of: 'shoulder', end: 'end' },
      sums.shoulder[which],
      'armhole',
    ),
    corner(
      'shoulder-drop',
      'Shoulder, drop',
      'down',
      { of: 'shoulder', end: 'end' },
      sums.drop[which],
      'shoulder',
    ),
    declared(piece, run('shoulder-seam', 'Shoulder seam', 'shoulder', along), 'slant'),
  ];
}

/** The depths of the levels, at the centre and at the side. */
function levelDowns(piece: Piece, { sums: of }: BodiceFrame, which: Which, sums: PanelSums): Dimension[] {
  return [
    { ...down('chest-line', 'Chest line, down', 'chest', 'centre', sums.chest), follows: true },
    declared(
      piece,
      { ...down('bust-line', 'Bust line, down', 'bust', 'centre', of.bustLine), follows: true },
      'kept',
    ),
    down('waist-line', 'Waist line, down at the centre', 'waist', 'centre', of.waist[which]),
    down('waist-side', 'Waist, down at the side', 'waist', 'side', sums.waistSide),
  ];
}

/** The widths of the panel at its levels, out to the side. */
function widths(piece: Piece, frame: BodiceFrame, which: Which, sums: PanelSums): Dimension[] {
  const waist = sum(
    plus(frame.sums.waistWidth[which]),
    ...waistDarts(piece, sums).map(({ dart, own }) => intakeTerm(piece, dart, own)),
  );
  const across = (name: LevelName, label: string, working: Working): Dimension => ({
    name,
    label,
    kind: 'out',
    at: { kind: 'width', level: name },
    working,
    adds: 'side',
  });
  return [
    {
      ...across('chest', 'Underarm, across', sums.underarm),
      name: 'underarm',
      at: { kind: 'level', level: 'chest', end: 'side' },
    },
    declared(piece, across('bust', 'Bust, across', sums.bust), 'slant'),
    ...(which === 'front'
      ? [
          {
            name: 'bust-point',
            label: 'Bust point, across',
            kind: 'out' as const,
            at: { kind: 'inside' as const, ...frame.bustPoint },
            working: frame.sums.bustOut,
          },
        ]
      : []),
    declared(piece, across('waist', 'Waist, across', waist), 'curve'),
  ];
}

/** Every cut dimension of a bodice panel, from the neck down. */
export function panelDimensions(
  piece: Piece,
  frame: BodiceFrame,
  which: Which,
  sums: PanelSums,
): Dimension[] {
  const waistLine = named('waist line', frame.sums.waist[which]);
  return [
    ...neckAndShoulder(piece, frame, which),
    ...levelDowns(piece, frame, which, sums),
    ...widths(piece, frame, which, sums),
    ...piece.darts.flatMap((dart) => {
      const own = sums.darts[dart.id];
      if (!own) return [];
      const leg = sum(plus(waistLine), minus(named('tip, down', own.tipDown)));
      return dartDimensions(piece, dart, { ...(dart.in === 'waist' && { leg }), ...own });
    }),
    declared(piece, run('side-seam', 'Side seam', 'side', sums.side), which === 'front' ? 'trued' : 'slant'),
  ];
}

/** Half of the armhole, and what the chest line was moved so that the armhole is as it was measured. */
export const chestSum = (body: Body, { chest }: BodiceShape): Working =>
  changed(divided(body.term('armhole'), 2), 'fitted', chest - body.mm('armhole') / 2);

/** Out to the underarm: the width that is wanted there, as far as the side can come in above the bust line. */
export const underarmSum = (chestWidth: Working, out: number): Working =>
  changed(chestWidth, 'kept', out - chestWidth.mm);

/** By how much a half is wider at the bust than at the waist. */
export const waistDrop = ({ sums }: BodiceFrame, which: Which): Working =>
  sum(plus(sums.bustWidth[which]), minus(sums.waistWidth[which]));

/** From the chest line down to the waist at the side. */
export const sideRun = (chest: Working, waistSide: Working): Working =>
  sum(plus(named('waist, down at the side', waistSide)), minus(named('chest line', chest)));
