import type { MeasureId } from '../measures/catalogue.ts';

/** The part of the body that a level of a garment goes around. */
export type Around = 'torso' | 'arm' | 'leg' | 'neck' | 'head';

/** Number of such girths on a body: a limb is one of two. */
export const timesOnBody: { readonly [around in Around]: 1 | 2 } = {
  torso: 1,
  arm: 2,
  leg: 2,
  neck: 1,
  head: 1,
};

interface LevelKind {
  readonly around: Around;
  /** The line itself, and the girth there. */
  readonly words: string;
  readonly girth: string;
  /** The measure that a finished girth there turns on where drafting misses it. */
  readonly governing: MeasureId;
  /** The edge that is the level wherever a piece has it: its width is measured along the seam. */
  readonly seam?: 'waist';
  /** A line that only the checks measure along: nobody chalks it or has it as a cut dimension. */
  readonly measuredOnly?: true;
  /** The points that the chalk makes where the level ends: at the outermost seam of the piece, or at one inside its half. */
  readonly atSide: { readonly point: string; readonly words: string };
  readonly atSeam: { readonly point: string; readonly words: string };
}

/** The points of a level at the side and at a seam inside the half. */
const ends = <Id extends string>(id: Id, words: string) =>
  ({
    atSide: { point: `${id}-side`, words: `${words} at the side` },
    atSeam: { point: `${id}-seam`, words: `${words} at the seam` },
  }) as const;

const underarm = { point: 'underarm', words: 'Underarm' } as const;
const hipSide = { point: 'hip-side', words: 'Hip at the side' } as const;
const upperArmSeam = { point: 'upper-arm-seam', words: 'Upper arm, at the seam' } as const;
const sleeveSeam = { point: 'sleeve-hem-seam', words: 'Lower end of the sleeve, at its seam' } as const;

/** Every level of a garment, from the top of the torso down, then those of limbs. A bust line above the underarm comes of the armhole. */
export const levelKinds = {
  top: {
    around: 'torso',
    words: 'top edge',
    girth: 'top edge',
    governing: 'highBust',
    measuredOnly: true,
    ...ends('top-edge', 'Top edge'),
  },
  chest: {
    around: 'torso',
    words: 'chest line',
    girth: 'chest',
    governing: 'armhole',
    atSide: underarm,
    atSeam: underarm,
  },
  bust: {
    around: 'torso',
    words: 'bust line',
    girth: 'bust',
    governing: 'armhole',
    ...ends('bust', 'Bust line'),
  },
  underBust: {
    around: 'torso',
    words: 'under bust',
    girth: 'under bust',
    governing: 'underBust',
    ...ends('under-bust', 'Under the bust,'),
  },
  waist: {
    around: 'torso',
    words: 'waist',
    girth: 'waist',
    governing: 'waist',
    seam: 'waist',
    ...ends('waist', 'Waist'),
  },
  hip: {
    around: 'torso',
    words: 'hip line',
    girth: 'hip',
    governing: 'hip',
    atSide: hipSide,
    atSeam: hipSide,
  },
  crotch: {
    around: 'leg',
    words: 'crotch line',
    girth: 'thigh',
    governing: 'thigh',
    ...ends('crotch', 'Crotch line'),
  },
  knee: {
    around: 'leg',
    words: 'knee line',
    girth: 'knee of the leg',
    governing: 'knee',
    ...ends('knee', 'Knee'),
  },
  legHem: {
    around: 'leg',
    words: 'hem of the leg',
    girth: 'hem of the leg',
    governing: 'foot',
    ...ends('leg-hem', 'Hem of the leg'),
  },
  hem: {
    around: 'torso',
    words: 'hem',
    girth: 'hem',
    governing: 'hip',
    ...ends('hem', 'Hem'),
  },
  upperArm: {
    around: 'arm',
    words: 'upper arm line',
    girth: 'upper arm',
    governing: 'upperArm',
    atSide: upperArmSeam,
    atSeam: upperArmSeam,
  },
  sleeveHem: {
    around: 'arm',
    words: 'sleeve hem',
    girth: 'sleeve hem',
    governing: 'upperArm',
    atSide: sleeveSeam,
    atSeam: sleeveSeam,
  },
} as const satisfies { readonly [name: string]: LevelKind };

export type LevelName = keyof typeof levelKinds;

/** A point that is chalked where a level ends. */
export type LevelPoint = (typeof levelKinds)[LevelName]['atSide' | 'atSeam']['point'];

export const levelKind = (name: LevelName): LevelKind => levelKinds[name];

/** The levels of a piece that are chalked and have figures. */
export const isChalked = ({ name }: { readonly name: LevelName }): boolean =>
  levelKind(name).measuredOnly !== true;

/** The words of the points at the ends of levels. */
export const levelPointWords = Object.fromEntries(
  Object.values<LevelKind>(levelKinds)
    .flatMap(({ atSide, atSeam }) => [atSide, atSeam])
    .map(({ point, words }) => [point, words]),
) as { readonly [point in LevelPoint]: string };
