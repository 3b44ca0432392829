import { buy, convert, tiledLength } from './cloth-sums.ts';
import type { QuickSum } from './quick-sum.ts';
import { flare, flounce, gather, tiers } from './skirt-sums.ts';
import { collar, netOverlay, placket, sleeveSteps, tieBelt } from './strip-sums.ts';
import {
  chestLine,
  crotchDepth,
  dart,
  foldWidth,
  halfLength,
  offShoulder,
  quarter,
  recut,
  underbust,
} from './width-sums.ts';

/** Every quick sum, in the order in which a garment comes to need them. */
export const slate: readonly QuickSum[] = [
  quarter,
  foldWidth,
  chestLine,
  halfLength,
  dart,
  underbust,
  offShoulder,
  flare,
  gather,
  tiers,
  flounce,
  sleeveSteps,
  placket,
  collar,
  tieBelt,
  netOverlay,
  crotchDepth,
  recut,
  tiledLength,
  buy,
  convert,
];

export const sumNames: readonly string[] = slate.map(({ name }) => name);

export const sumNamed = (name: string): QuickSum | undefined => slate.find((each) => each.name === name);
