import { partBook } from '../parts/part-book.ts';

/** A choice that had another name before parts could be exchanged; its value counts for the new one unless it is meant so. */
interface FormerName {
  readonly styles: readonly string[];
  readonly was: string;
  readonly now: string;
  readonly isMeant: (choices: { readonly [id: string]: unknown }) => boolean;
}

const former: readonly FormerName[] = [
  {
    styles: ['plain-bodice', 'turtleneck-bodice'],
    was: 'length',
    now: 'lengthBelow',
    isMeant: ({ skirt }) => skirt === 'skirt-fitted',
  },
  {
    styles: ['surplice-crop-top'],
    was: 'sleeve',
    now: 'sleeveLength',
    isMeant: ({ sleeve }) => sleeve === 'none' || partBook.some(({ id }) => id === sleeve),
  },
];

/** Choices by their present names: files that were written before are read as they were meant. */
export function byPresentNames<Value>(
  style: string,
  choices: { readonly [id: string]: Value },
): { readonly [id: string]: Value } {
  return former
    .filter(({ styles }) => styles.includes(style))
    .reduce((named, { was, now, isMeant }) => {
      const { [was]: value, ...others } = named;
      return value === undefined || isMeant(named) ? named : { [now]: value, ...others };
    }, choices);
}
