import type { MeasureId } from './catalogue.ts';

/** What the shoulder lengths of a set start at; shops differ, so a set says which. */
export type MeasuredFrom = 'neckSide' | 'midShoulder';
export type Build = 'slim' | 'middle' | 'full';
export type Tummy = 'flat' | 'rounded';
export type Shoulders = 'square' | 'middle' | 'sloping';

export interface Observations {
  readonly build: Build;
  readonly tummy: Tummy;
  readonly shoulders: Shoulders;
}

export const usualObservations: Observations = { build: 'middle', tummy: 'flat', shoulders: 'middle' };

/** Measured values in mm; what was not measured is absent. */
export type MeasureValues = { readonly [id in MeasureId]?: number };
