import { plainestOn, styleBook } from '../styles/style-book.ts';
import type { Style } from '../styles/style.ts';

/** For each bodice of the book the style that adds least to it: what holds of a bodice with a part holds of every style on it. */
export const styleOfEachBodice: readonly Style[] = [
  ...new Set(Object.values(styleBook).map(({ parts }) => parts.bodice)),
].flatMap((bodice) => plainestOn(bodice) ?? []);
