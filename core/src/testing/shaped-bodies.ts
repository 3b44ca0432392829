import { seededRandom } from '../lay/plan/seeded-random.ts';
import type { MeasureValues, Observations } from '../measures/measure-set.ts';
import { inches, MM_PER_CENTIMETRE } from '../units/length.ts';
import { ordinaryBody, type BodyShape } from './bodies.ts';
import { childBody, childSizes } from './child-size-table.ts';
import { wholeSet } from './whole-set.ts';

type Range = readonly [least: number, most: number];

/** A kind of figure: between what its girths and heights lie, and how far lengths lie off what goes with them, in inches. */
interface FigureShape {
  readonly of: { readonly [measure in keyof BodyShape]: Range };
  /** Lengths and widths that are longer on this figure than on an ordinary one. */
  readonly longer: { readonly [measure in keyof MeasureValues]?: Range };
}

const usual: FigureShape['of'] = {
  bust: [32, 46],
  bustToWaist: [5, 10],
  waistToHipRound: [8, 12],
  height: [61, 71],
  cup: [1.5, 3],
};

/**
 * Figures that fitting handbooks treat by name. Ranges are of our own, from what alterations of that name are given for;
 * from memory, no source.
 */
export const figureShapes = {
  ordinary: { of: usual, longer: {} },
  'narrow frame, full bust': {
    of: { ...usual, bust: [36, 46], bustToWaist: [8, 13], cup: [3.5, 6] },
    longer: {
      shoulder: [-1.25, -0.5],
      acrossChest: [-1.25, -0.5],
      acrossBack: [-1.25, -0.5],
      armhole: [-1, 0],
    },
  },
  'sway back': { of: usual, longer: { backWaistLength: [-1.25, -0.5] } },
  'long body, short legs': {
    of: usual,
    longer: { backWaistLength: [0.75, 1.75], frontWaistLength: [0.75, 1.75], waistToKnee: [-2, -1] },
  },
  'high hip': { of: { ...usual, waistToHipRound: [9, 14] }, longer: { waistToHip: [-1.5, -0.5] } },
} as const satisfies { readonly [name: string]: FigureShape };

export type FigureName = keyof typeof figureShapes;
export const figureNames = Object.keys(figureShapes) as FigureName[];

export interface ShapedBody {
  readonly values: MeasureValues;
  readonly observations: Observations;
}

/** A stream of whole sets of one kind of figure, the same for the same seed. */
export function* shapedBodies(name: FigureName, seed: number): Generator<ShapedBody, never> {
  const random = seededRandom(seed);
  const between = ([least, most]: Range) => least + random() * (most - least);
  const pick = <T>(words: readonly [T, ...T[]]): T => words[Math.floor(random() * words.length)] ?? words[0];
  const { of, longer }: FigureShape = figureShapes[name];
  for (;;) {
    const values = ordinaryBody({
      bust: between(of.bust),
      bustToWaist: between(of.bustToWaist),
      waistToHipRound: between(of.waistToHipRound),
      height: between(of.height),
      cup: between(of.cup),
    });
    const moved = Object.entries(longer).map(([id, range]) => {
      const mm = values[id as keyof MeasureValues] ?? 0;
      return [id, mm + inches(between(range))] as const;
    });
    yield {
      values: wholeSet({ ...values, ...Object.fromEntries(moved) }),
      observations: {
        build: pick(['slim', 'middle', 'full']),
        tummy: pick(['flat', 'rounded']),
        shoulders: pick(['square', 'middle', 'sloping']),
      },
    };
  }
}

/** Body heights of children of 2 to 14 years, in cm: those of the children's series of EN 13402, from memory. */
const CHILD_HEIGHTS: Range = [92, 164];

/** A stream of children between two and fourteen years: girths between those of the sizes nearest in height. */
export function* children(seed: number): Generator<ShapedBody, never> {
  const random = seededRandom(seed);
  for (;;) {
    const height = CHILD_HEIGHTS[0] + random() * (CHILD_HEIGHTS[1] - CHILD_HEIGHTS[0]);
    const above = childSizes.find(({ size }) => size >= height) ?? childSizes[4];
    const by = (height - above.size) / 12;
    // From one size to the next a child gains about 4 to 6 cm round chest, 3 round the waist and 5 round the hip.
    const grown = {
      size: height,
      chest: above.chest + 4.5 * by,
      waist: above.waist + 3 * by,
      hip: above.hip + 5 * by,
    };
    const off = (random() * 2 - 1) * 2 * MM_PER_CENTIMETRE;
    const values = childBody(grown);
    yield {
      values: { ...values, bust: (values.bust ?? 0) + off, highBust: (values.highBust ?? 0) + off },
      observations: { build: 'middle', tummy: 'rounded', shoulders: 'middle' },
    };
  }
}
