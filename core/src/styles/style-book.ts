import { bustierBodice } from './bustier-bodice/bustier-bodice.ts';
import { fittedDress } from './fitted-dress/fitted-dress.ts';
import { plainBodice } from './plain-bodice/plain-bodice.ts';
import type { Style } from './style.ts';

/** The styles that the shop can draft, by id; their recipes are in the recipe book. */
export const styleBook: { readonly [id: string]: Style } = {
  [fittedDress.id]: fittedDress,
  [plainBodice.id]: plainBodice,
  [bustierBodice.id]: bustierBodice,
};

export const styleOf = (id: string): Style | undefined =>
  Object.hasOwn(styleBook, id) ? styleBook[id] : undefined;
