import type { FindingCode } from '../findings/severity.ts';

/** A value somewhere in an order file, by its path. */
type Planted = readonly (readonly [path: string, value: unknown])[];

/** A slip of the trade as it is planted in a sound order, and what has to be said of it. */
export interface PlantedSlip {
  readonly id: string;
  readonly slip: string;
  readonly planted: Planted;
  readonly says: FindingCode;
}

const figure = (id: string, value: string): Planted[number] => [
  `garments.0.figures.${id}`,
  { value, why: 'as it was done at the table' },
];

/**
 * The slips that shops lose cloth by, each planted in the example order. Figures are what the example would be chalked by
 * with the slip in them.
 */
export const plantedSlips: readonly PlantedSlip[] = [
  {
    id: 'wrong-sum',
    slip: 'A quarter and its allowance are added up three quarters of an inch short',
    planted: [figure('bodice-back/waist', '8 7/8')],
    says: 'round-differs',
  },
  {
    id: 'forgotten-allowance',
    slip: 'A seam is cut without its allowance',
    planted: [['rules.allowance.side', 0]],
    says: 'allowance-unusual',
  },
  {
    id: 'doubled-allowance',
    slip: 'An allowance is added twice',
    planted: [['rules.allowance.neck', '1/2']],
    says: 'allowance-unusual',
  },
  {
    id: 'intake-not-given-back',
    slip: 'A dart is taken out and not given back at the side',
    planted: [figure('bodice-front/waist', '8 11/16')],
    says: 'round-differs',
  },
  {
    id: 'short-radius',
    slip: 'The radius of a circle skirt is taken from a rough divisor',
    planted: [
      ['garments.0', { style: 'plain-bodice', parts: { skirt: 'skirt-circle' } }],
      figure('skirt-front/waist-circle', '5'),
    ],
    says: 'figure-not-a-point',
  },
  {
    id: 'unmeasured-edge',
    slip: 'A skirt is cut before the waist that it joins was measured',
    planted: [figure('skirt-back/waist', '9 3/8')],
    says: 'seam-differs',
  },
  {
    id: 'unequal-sides',
    slip: 'Front and back side seam differ',
    planted: [figure('bodice-back/waist-side', '17 1/2')],
    says: 'seam-differs',
  },
  {
    id: 'short-cloth',
    slip: 'The cloth is too short, and a second one would fill in',
    planted: [['cloths.0.length', 50]],
    says: 'cloth-too-short',
  },
  {
    id: 'forgotten-correction',
    slip: 'The last garment gaped, and the correction is left out of this one',
    planted: [
      [
        'corrections',
        [
          {
            figure: 'bodice-front/neck-width',
            by: '-1/4',
            of: 'client',
            from: 'The fitting of the last dress',
            leftOut: true,
          },
        ],
      ],
    ],
    says: 'correction-left-out',
  },
  {
    id: 'invisible-chalk',
    slip: 'No chalk shows on the cloth',
    planted: [['cloths.0.colour', '#8f8a7d']],
    says: 'chalk-hardly-shows',
  },
];

/** A parsed order file with a slip planted in it. */
export function withSlip(order: unknown, { planted }: Pick<PlantedSlip, 'planted'>): unknown {
  const copy = JSON.parse(JSON.stringify(order)) as Record<string, unknown>;
  for (const [path, value] of planted) {
    // What follows these is one name, whatever dots it has.
    const prefix = ['rules.', 'garments.0.figures.'].find((each) => path.startsWith(each));
    const keys = prefix ? [...prefix.slice(0, -1).split('.'), path.slice(prefix.length)] : path.split('.');
    let at: Record<string, unknown> = copy;
    for (const key of keys.slice(0, -1)) {
      at[key] ??= {};
      at = at[key] as Record<string, unknown>;
    }
    at[keys[keys.length - 1] ?? ''] = value;
  }
  return copy;
}
