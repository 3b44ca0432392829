import type { Lay } from '../lay/model/lay.ts';
import { pairOf, tidy } from './draft-json.ts';

/** A lay as `bolt lay --json` and the HTTP API give it. */
export const layJson = (lay: Lay) => ({
  ...lay,
  length: tidy(lay.length),
  utilisation: tidy(lay.utilisation),
  bound: tidy(lay.bound),
  sections: lay.sections.map((section) => ({
    ...section,
    from: tidy(section.from),
    to: tidy(section.to),
  })),
  placements: lay.placements.map((placement) => ({ ...placement, polygon: placement.polygon.map(pairOf) })),
});
