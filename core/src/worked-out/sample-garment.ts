import { readLength } from '../input/read-length.ts';
import { read, refuse, type Read } from '../input/input-fault.ts';
import type { Unit } from '../units/length.ts';
import { chosen, divided, plus, sum, times, type Working } from '../workings/working.ts';
import { MEASURE_BOUNDS } from '../measures/measure-set.ts';

/** A measure of a garment that fits: finished, seam to seam, laid flat. */
export interface GarmentMeasure {
  readonly name: string;
  readonly steps: readonly [string] | readonly [string, string];
}

/**
 * What is measured on a garment that was sent in because it fits, in the order in which it is laid out. On a flat-felled
 * seam the edge is the groove seen from the right side, not the topstitching. Common practice, no source.
 */
// prettier-ignore
export const garmentMeasures = {
  collar: { name: 'Collar', steps: ['Laid open, button centre to buttonhole centre.'] },
  halfYoke: { name: 'Half yoke', steps: ['Centre back mark to the sleeve seam.'] },
  sleeve: { name: 'Sleeve', steps: ['Centre back, over the shoulder, to the cuff end.'] },
  sleeveAtElbow: { name: 'Sleeve at the elbow', steps: ['Flat, fold to seam.'] },
  armhole: { name: 'Armhole, along the seam', steps: ['Flat, along the curve, shoulder to underarm.'] },
  backLength: { name: 'Back length', steps: ['From under the collar band to the hem.'] },
  frontLength: { name: 'Front length', steps: ['From the point where neck and shoulder meet, to the hem.'] },
  frontChest: { name: 'Front half at the chest', steps: ['Buttoned: placket edge to side seam.', 'Never assume that it is the back’s half.'] },
  frontWaist: { name: 'Front half at the waist', steps: ['Placket edge to side seam.'] },
  frontHip: { name: 'Front half at the hip', steps: ['Placket edge to side seam.'] },
  backChest: { name: 'Back at the chest', steps: ['Side seam to side seam.'] },
  backWaist: { name: 'Back at the waist', steps: ['Side seam to side seam.'] },
  backHip: { name: 'Back at the hip', steps: ['Side seam to side seam.'] },
  sideSeam: { name: 'Side seam', steps: ['Along its curve, underarm to hem.'] },
  cuffDepth: { name: 'Cuff depth', steps: ['Edge to sleeve seam.'] },
  cuffLength: { name: 'Cuff length', steps: ['Laid open, button centre to buttonhole centre.'] },
  sleeveAtCuff: { name: 'Sleeve at the cuff seam', steps: ['Flat, fold to seam, pleats closed.'] },
  pleatDepth: { name: 'Depth of one pleat', steps: ['What one pleat takes up, fold to fold and back.'] },
} as const satisfies Record<string, GarmentMeasure>;

export type GarmentMeasureId = keyof typeof garmentMeasures;
export const garmentMeasureIds = Object.keys(garmentMeasures) as GarmentMeasureId[];
export const isGarmentMeasureId = (id: string): id is GarmentMeasureId => Object.hasOwn(garmentMeasures, id);
export const garmentMeasureOf = (id: GarmentMeasureId): GarmentMeasure => garmentMeasures[id];

/** Measured on the garment, mm. */
export type GarmentValues = { readonly [id in GarmentMeasureId]?: number };

/** A finished figure of the whole garment, from what was measured flat. */
export interface GarmentFigure {
  readonly id: string;
  readonly label: string;
  readonly working: Working;
  /** The round of the body that it goes around. */
  readonly over?: 'bust' | 'waist' | 'hip';
}

/** Pleats at one cuff that a person would sew. */
export const PLEATS_MOST = 12;

/**
 * Doubles, halves and adds up what was measured flat; a figure is left out until everything that it needs was measured.
 * @param pleats how many pleats one sleeve has at its cuff
 */
export function garmentFigures(values: GarmentValues, pleats: number): GarmentFigure[] {
  const term = (id: GarmentMeasureId): Working | undefined => {
    const mm = values[id];
    return mm === undefined ? undefined : chosen(garmentMeasureOf(id).name.toLowerCase(), mm);
  };
  const figure = (
    id: string,
    label: string,
    working: Working | undefined,
    over?: GarmentFigure['over'],
  ): GarmentFigure[] => (working ? [{ id, label, working, ...(over && { over }) }] : []);
  const doubled = (of: Working | undefined) => of && times(of, 2);
  const halved = (of: Working | undefined) => of && divided(of, 2);
  const around = (front: Working | undefined, back: Working | undefined) =>
    front && back && sum(plus(times(front, 2)), plus(back));
  const pleat = pleats === 0 ? undefined : term('pleatDepth');
  const atCuff = doubled(term('sleeveAtCuff'));
  const openAtCuff = pleats === 0 ? atCuff : pleat && atCuff && sum(plus(atCuff), plus(times(pleat, pleats)));
  return [
    ...figure('collar', 'collar', term('collar')),
    ...figure('yoke', 'yoke, whole', doubled(term('halfYoke'))),
    ...figure('sleeve', 'sleeve from the centre back', term('sleeve')),
    ...figure('elbow', 'sleeve round at the elbow', doubled(term('sleeveAtElbow'))),
    ...figure('armhole', 'armhole round', doubled(term('armhole'))),
    ...figure('backLength', 'back length', term('backLength')),
    ...figure('frontLength', 'front length', term('frontLength')),
    ...figure('chest', 'chest round', around(term('frontChest'), term('backChest')), 'bust'),
    ...figure('waist', 'waist round', around(term('frontWaist'), term('backWaist')), 'waist'),
    ...figure('hip', 'hip round', around(term('frontHip'), term('backHip')), 'hip'),
    ...figure('backChestHalf', 'back half at the chest', halved(term('backChest'))),
    ...figure('backWaistHalf', 'back half at the waist', halved(term('backWaist'))),
    ...figure('backHipHalf', 'back half at the hip', halved(term('backHip'))),
    ...figure('sideSeam', 'side seam', term('sideSeam')),
    ...figure('cuffDepth', 'cuff depth', term('cuffDepth')),
    ...figure('cuffLength', 'cuff length', term('cuffLength')),
    ...figure('cuffSeam', 'sleeve at the cuff seam, pleats open', openAtCuff),
  ];
}

/** Reads one measure of a garment as it was typed, mm. */
export const readGarmentMeasure = (
  id: GarmentMeasureId,
  written: number | string,
  unit: Unit,
): Read<number> => readLength(written, unit, `garment.${id}`, garmentMeasureOf(id).name, MEASURE_BOUNDS);

/** Reads measures of a garment by id; an unknown one is refused with the known ones. */
export function readGarmentMeasures(
  written: { readonly [id: string]: number | string },
  unit: Unit,
): Read<GarmentValues> {
  const values: { [id in GarmentMeasureId]?: number } = {};
  for (const [id, value] of Object.entries(written)) {
    if (!isGarmentMeasureId(id))
      return refuse(
        'unknown-measure',
        `garment.${id}`,
        `${id} is not measured on a garment; there are ${garmentMeasureIds.join(', ')}.`,
      );
    const mm = readGarmentMeasure(id, value, unit);
    if (!mm.ok) return mm;
    values[id] = mm.value;
  }
  return read(values);
}
