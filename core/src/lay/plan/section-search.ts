import { moveRing } from '../../geometry/ring.ts';
import { amountOfCloth } from '../buy/buying.ts';
import { usableWidth } from '../model/cloth.ts';
import { creasesOf, type Lay, type Section } from '../model/lay.ts';
import { totalArea } from '../model/layable.ts';
import { lengthBound } from './length-bound.ts';
import type { NoFitCache } from '../no-fit/no-fit-cache.ts';
import { planFold, type LayStep } from './plan-fold.ts';
import type { FoldTask } from '../model/lay-task.ts';

/** What is laid in sections, each with a fold of its own. */
export type SectionsTask = Omit<FoldTask, 'fold'>;

/** Steps of a section before another one has its turn. */
const TURN = 40;

/** A section being searched, and its best so far. */
export interface SectionSearch {
  readonly search: ReturnType<typeof planFold>;
  readonly lay: Lay;
}

export function beginSection(task: FoldTask, cache: NoFitCache): SectionSearch {
  const search = planFold(task, cache);
  const first = search.next().value;
  if (!first) throw new Error('a section that can be laid has a first lay');
  return { search, lay: first.lay };
}

/** A turn of one section: yields what `tell` says after each step, and gives the section with its best lay. */
export function* turnOf(
  { search, lay }: SectionSearch,
  tell: () => LayStep,
): Generator<LayStep, SectionSearch> {
  let best = lay;
  for (let step = 0; step < TURN; step++) {
    const next = search.next().value;
    if (next?.improved) best = next.lay;
    yield tell();
  }
  return { search, lay: best };
}

/** A section further along the cloth; where it is folded across, its fold goes along. */
const movedSection = (section: Section, by: number): Section => ({
  ...section,
  from: section.from + by,
  to: section.to + by,
  foldLines: creasesOf(section).map(({ axis, at }) => (axis === 'y' ? at + by : at)),
});

/** Lays one after the other along the cloth. */
export function joinSections(
  { pieces, cloth, shrinkPercent, buyIn }: SectionsTask,
  lays: readonly [Lay, ...Lay[]],
): Lay {
  const [first, ...others] = lays;
  const joined = others.reduce<Pick<Lay, 'length' | 'sections' | 'placements'>>(
    ({ length, sections, placements }, next) => ({
      length: length + next.length,
      sections: [...sections, ...next.sections.map((section) => movedSection(section, length))],
      placements: [
        ...placements,
        ...next.placements.map((placement) => ({
          ...placement,
          polygon: moveRing(placement.polygon, 0, length),
          section: placement.section + sections.length,
        })),
      ],
    }),
    first,
  );
  const { length } = joined;
  return {
    ...first,
    ...joined,
    fold: 'mixed',
    buy: amountOfCloth(length, cloth, shrinkPercent, buyIn),
    utilisation: totalArea(pieces) / (usableWidth(cloth) * length),
    bound: lengthBound(pieces, usableWidth(cloth)),
  };
}
