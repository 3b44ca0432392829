import { expect, test } from '@jest/globals';
import { bodiceBook, partBook } from '../parts/part-book.ts';
import { leftOffWords } from './lack-words.ts';

const leftOff = (bodice: string, ...ids: readonly string[]) =>
  leftOffWords(
    partBook.filter(({ id }) => ids.includes(id)),
    bodiceBook.find(({ id }) => id === bodice)?.lacks ?? {},
  );

test('what another bodice cannot take over is told with the reason, and nothing of what stays', () => {
  expect(leftOff('bodice-strapless', 'collar-fall', 'sleeve-gathered', 'skirt-fitted')).toEqual([
    'Without the falling collar: its edge lies below the neck.',
    'Without the gathered sleeve: it is strapless and has no armhole to set one into.',
  ]);
  expect(leftOff('bodice-princess', 'collar-fall', 'sleeve-gathered', 'skirt-fitted')).toEqual([]);
});
