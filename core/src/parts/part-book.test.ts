import { expect, test } from '@jest/globals';
import type { Choice } from '../garment/choice.ts';
import { slotIds } from '../garment/part.ts';
import { partBook } from './part-book.ts';

/** A choice but for what it usually is, which is its part's own. */
const asked = ({ usual, ...choice }: Choice) => {
  expect(usual).toBeDefined();
  return choice;
};

test('what several parts of a slot ask by one id they ask in the same words and within the same range', () => {
  for (const slot of slotIds) {
    const parts = partBook.filter((part) => part.slot === slot);
    const first = new Map<string, Choice>();
    for (const { id: part, choices } of parts)
      for (const [id, choice] of Object.entries(choices)) {
        const known = first.get(id) ?? choice;
        first.set(id, known);
        expect([part, id, asked(choice)]).toEqual([part, id, asked(known)]);
      }
  }
});
