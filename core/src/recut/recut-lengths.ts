import type { GarmentMeasureId } from '../worked-out/sample-garment.ts';
import { chosen, divided, drawnTerm, minus, plus, sum, type Working } from '../workings/working.ts';
import type { RecutInput } from './recut-input.ts';

/** Work at a shirt beyond its sides, in the order in which it is done. */
export const recutWorks = [
  'halfYoke',
  'sleeve',
  'sleeveAtElbow',
  'sleeveAtCuff',
  'armhole',
  'sideSeam',
  'frontLength',
  'backLength',
  'collar',
  'cuffLength',
  'cuffDepth',
] as const satisfies readonly GarmentMeasureId[];
export type RecutWork = (typeof recutWorks)[number];

/** Work at collar and cuffs is charged apart. Common practice. */
const apart: ReadonlySet<RecutWork> = new Set(['collar', 'cuffLength', 'cuffDepth'] as const);

/** One measure of a shirt that is changed. */
export interface RecutLength {
  readonly work: RecutWork;
  readonly now: Working;
  readonly wanted: Working;
  /** Shortened or narrowed; less than nothing is let down or out. */
  readonly less: number;
  readonly charged: 'included' | 'apart';
  /** More is to be let out than the seams hold, by so much, mm. */
  readonly beyond: number;
}

/** The length that a body asks for; undefined where it says nothing. */
function bodyAsks({ target }: RecutInput, work: RecutWork): Working | undefined {
  if (target.kind !== 'body') return undefined;
  const { body, ease } = target;
  switch (work) {
    case 'halfYoke':
      return body.shoulder === undefined ? undefined : divided(chosen('shoulder', body.shoulder), 2);
    case 'sleeve':
      return body.shoulder === undefined || body.armLength === undefined
        ? undefined
        : sum(plus(divided(chosen('shoulder', body.shoulder), 2)), plus(chosen('arm length', body.armLength)));
    case 'collar':
      return body.neck === undefined ? undefined : sum(plus(chosen('neck', body.neck)), plus(chosen('ease', ease.neck)));
    case 'cuffLength':
      return body.wrist === undefined ? undefined : sum(plus(chosen('wrist', body.wrist)), plus(chosen('ease', ease.cuff)));
    case 'sleeveAtElbow':
    case 'sleeveAtCuff':
    case 'armhole':
    case 'sideSeam':
    case 'frontLength':
    case 'backLength':
    case 'cuffDepth':
      return undefined;
  }
} // prettier-ignore

function wantedOf(input: RecutInput, work: RecutWork): Working | undefined {
  if (input.target.kind === 'body') return bodyAsks(input, work);
  const mm = input.target.values[work];
  return mm === undefined ? undefined : chosen('of the shirt that fits', mm);
}

/** By how much the yoke becomes narrower on its half: a sleeve that is measured from the centre back is shorter by that already. */
function yokeLess(input: RecutInput): number {
  const [now, wanted] = [input.now.halfYoke, wantedOf(input, 'halfYoke')];
  return now === undefined || !wanted ? 0 : now - wanted.mm;
}

function lengthOf(work: RecutWork, input: RecutInput): RecutLength | undefined {
  const [mm, wanted] = [input.now[work], wantedOf(input, work)];
  if (mm === undefined || !wanted) return undefined;
  const taken = work === 'sleeve' ? yokeLess(input) : 0;
  const now = sum(plus(chosen('as it is', mm)), drawnTerm('taken at the shoulder', -taken));
  const less = sum(plus(now), minus(wanted)).mm;
  return {
    work,
    now,
    wanted,
    less,
    charged: apart.has(work) ? 'apart' : 'included',
    beyond: Math.max(0, -less - input.holds),
  };
}

/** The measures of a shirt that are known on both sides, with what each is changed by. */
export const recutLengths = (input: RecutInput): RecutLength[] =>
  recutWorks.flatMap((work) => lengthOf(work, input) ?? []);
