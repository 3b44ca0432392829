import { inches } from '../units/length.ts';
import type { MeasureId } from './catalogue.ts';

export type ClientKind = 'adult' | 'child';

/** Hard bounds of any measure: outside them a figure is a slip of the pen, mm. */
export const MEASURE_BOUNDS = { least: inches(0.25), most: inches(120) };

/** Start of the shoulder lengths of a set; shops differ, so a set says which. */
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
