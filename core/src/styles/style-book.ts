import { bustierBodice } from './bustier-bodice/bustier-bodice.ts';
import { fittedDress } from './fitted-dress/fitted-dress.ts';
import { plainBodice } from './plain-bodice/plain-bodice.ts';
import { tubeTop } from './tube-top/tube-top.ts';
import { waistcoat } from './waistcoat/waistcoat.ts';
import { turtleneckBodice } from './turtleneck-bodice/turtleneck-bodice.ts';
import type { Style } from './style.ts';

/** The styles that the shop can draft, by id; their recipes are in the recipe book. */
export const styleBook: { readonly [id: string]: Style } = {
  [fittedDress.id]: fittedDress,
  [plainBodice.id]: plainBodice,
  [bustierBodice.id]: bustierBodice,
  [tubeTop.id]: tubeTop,
  [waistcoat.id]: waistcoat,
  [turtleneckBodice.id]: turtleneckBodice,
};

export const styleOf = (id: string): Style | undefined =>
  Object.hasOwn(styleBook, id) ? styleBook[id] : undefined;
