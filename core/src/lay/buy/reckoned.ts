import { boxOf, signedArea } from '../../geometry/ring.ts';
import { usableSpan, usableWidth } from '../model/cloth.ts';
import { creasesOf, type Lay } from '../model/lay.ts';
import type { LayTask } from '../model/lay-task.ts';
import { amountOfCloth } from './buying.ts';

/** Cloth, its shrinking in per cent and the unit it is sold in: a lay is measured by them again once pieces lie elsewhere. */
export type Measuring = Pick<LayTask, 'cloth' | 'shrinkPercent' | 'buyIn'>;

/**
 * A lay with its length, what to buy and how much is used as they follow from where its pieces lie, and those of others beside them; what
 * was said of them before does not count. Cloth that is folded across keeps its length: the fold lies in the middle of it.
 */
export function reckoned<Told extends Pick<Lay, 'length' | 'sections' | 'placements'> & Pick<Lay, 'beside'>>(
  lay: Told,
  { cloth, shrinkPercent, buyIn }: Measuring,
): Told & Pick<Lay, 'width' | 'usable' | 'buy' | 'utilisation'> {
  const { placements, beside = [] } = lay;
  const laid = [...placements, ...beside.flatMap((other) => other.placements)];
  const polygons = laid.map(({ polygon }) => polygon);
  const isCross = lay.sections.some((section) => creasesOf(section).some(({ axis }) => axis === 'y'));
  const length =
    isCross || polygons.length === 0 ? lay.length : Math.max(...polygons.map((ring) => boxOf(ring).maxY));
  const area = polygons.reduce((sum, ring) => sum + Math.abs(signedArea(ring)), 0);
  const sections = lay.sections.filter(({ from }, index) => index === 0 || isCross || from < length - 1e-6);
  return {
    ...lay,
    width: cloth.width,
    usable: usableSpan(cloth),
    length,
    buy: amountOfCloth(length, cloth, shrinkPercent, buyIn),
    utilisation: area / (usableWidth(cloth) * length),
    sections: sections.map((section, index) =>
      index === sections.length - 1 ? { ...section, to: length } : section,
    ),
  };
}
