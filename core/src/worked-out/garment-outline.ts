import type { GarmentMeasureId } from './sample-garment.ts';

/** A garment laid flat: buttoned in front, from behind, or one part of it laid out by itself. */
export type GarmentView = 'front' | 'back' | 'cuff' | 'collar';

export const GARMENT = { width: 300, height: 260 };

const sleeves = 'M104 42L58 66L18 172L44 182L84 104M196 42L242 66L282 172L256 182L216 104';
const body =
  'M104 42C98 66 90 84 84 104C90 140 92 168 84 226C110 242 190 242 216 226C208 168 210 140 216 104C210 84 202 66 196 42';

/** A shirt, drawn as it lies on the table. Our own drawing. */
export const garmentOutline: { readonly [view in GarmentView]: readonly string[] } = {
  front: [
    body,
    sleeves,
    'M104 42L124 30L150 52L176 30L196 42',
    'M124 30C136 40 164 40 176 30',
    'M145 50L145 238M155 50L155 238',
    'M24 155L50 166M276 155L250 166',
  ],
  back: [
    body,
    sleeves,
    'M104 42C120 26 180 26 196 42',
    'M96 70L204 70',
    'M150 34L150 40',
    'M24 155L50 166M276 155L250 166',
  ],
  cuff: [
    'M60 60L240 60L224 150L76 150Z',
    'M80 150L220 150L220 210L80 210Z',
    'M120 150L116 92M136 150L133 92',
    'M208 180L212 180',
    'M92 176L92 184',
  ],
  collar: [
    'M40 150C90 110 210 110 260 150L268 108C210 62 90 62 32 108Z',
    'M52 148L52 136',
    'M246 140L250 140',
  ],
};

interface GarmentTape {
  readonly view: GarmentView;
  readonly path: string;
}

/** Course of the tape for every measure of a garment. */
export const garmentTapes: { readonly [id in GarmentMeasureId]: GarmentTape } = {
  collar: { view: 'collar', path: 'M52 142C100 112 200 112 248 140' },
  halfYoke: { view: 'back', path: 'M150 52L198 52' },
  sleeve: { view: 'back', path: 'M150 36L196 42L242 66L282 172' },
  sleeveAtElbow: { view: 'back', path: 'M222 112L262 112' },
  armhole: { view: 'front', path: 'M104 42C98 66 90 84 84 104' },
  backLength: { view: 'back', path: 'M150 36L150 239' },
  frontLength: { view: 'front', path: 'M124 30L120 236' },
  frontChest: { view: 'front', path: 'M84 108L155 108' },
  frontWaist: { view: 'front', path: 'M89 156L155 156' },
  frontHip: { view: 'front', path: 'M86 208L155 208' },
  backChest: { view: 'back', path: 'M84 108L216 108' },
  backWaist: { view: 'back', path: 'M89 156L211 156' },
  backHip: { view: 'back', path: 'M86 208L214 208' },
  sideSeam: { view: 'front', path: 'M216 104C210 140 208 168 216 226' },
  cuffDepth: { view: 'cuff', path: 'M150 150L150 210' },
  cuffLength: { view: 'cuff', path: 'M92 180L210 180' },
  sleeveAtCuff: { view: 'cuff', path: 'M76 144L224 144' },
  pleatDepth: { view: 'cuff', path: 'M119 138L135 138' },
};
