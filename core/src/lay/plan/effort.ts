import type { RuleSet } from '../../rules/catalogue.ts';
import { creasesOf, outlineCount, type Lay } from '../model/lay.ts';

/** Folds that have to be laid for a lay: every crease of every section. */
export const foldCount = ({ sections }: Pick<Lay, 'sections'>): number =>
  sections.reduce((count, section) => count + creasesOf(section).length, 0);

/** Minutes at the table that a lay takes to fold, chalk and cut, by the shop's own figures. */
export const layMinutes = (
  lay: Lay,
  rules: Pick<RuleSet, 'cloth.minutesPerOutline' | 'cloth.minutesPerFold'>,
): number =>
  outlineCount(lay) * rules['cloth.minutesPerOutline'] + foldCount(lay) * rules['cloth.minutesPerFold'];

/** The plans of which no other takes both less cloth and less time: what there is to choose between. */
export const frontier = (
  plans: readonly Lay[],
  minutesOf: (lay: Lay) => number,
  clothOf: (lay: Lay) => number,
): Lay[] =>
  plans.filter((plan) =>
    plans.every((other) => {
      const [minutes, cloth] = [minutesOf(other) - minutesOf(plan), clothOf(other) - clothOf(plan)];
      return minutes > 0 || cloth > 0 || (minutes === 0 && cloth === 0);
    }),
  );
