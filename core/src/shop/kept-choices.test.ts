import { expect, test } from '@jest/globals';
import { styleBook } from '../styles/style-book.ts';
import { inches } from '../units/length.ts';
import { keptChoices, onAnotherBodice } from './kept-choices.ts';
import type { EnteredChoices } from './ticket.ts';

const length = (count: number) => ({ mm: inches(count), typed: `${count} in` });
const option = (id: string) => ({ option: id, typed: id });

const kept = (choices: EnteredChoices, id: string): string[] => {
  const style = styleBook[id];
  if (!style) throw new Error(`no style ${id}`);
  return Object.keys(keptChoices(choices, style)).sort();
};

test('what another bodice asks too is kept: its neck, its ease, the sleeve in it and what was chosen of that', () => {
  const choices = {
    neckDepthFront: length(4),
    easeBust: length(3),
    sleeve: option('sleeve-set-in'),
    sleeveTo: option('elbow'),
    topLevel: length(5),
  };
  expect(kept(choices, 'bustier-bodice')).toEqual(['easeBust', 'neckDepthFront', 'sleeve', 'sleeveTo']);
});

test('what it does not take, or only within another range, is let go', () => {
  expect(kept({ sleeve: option('sleeve-set-in'), neckDepthFront: length(4) }, 'tube-top')).toEqual([]);
  // A V of a waistcoat starts lower than any round neck may be high.
  expect(kept({ neckDepthFront: length(1) }, 'waistcoat')).toEqual([]);
  expect(kept({ easeBust: length(2) }, 'waistcoat')).toEqual(['easeBust']);
});

test('a choice that is a length in one style and an option in another means something else there', () => {
  expect(kept({ sleeve: length(6) }, 'bustier-bodice')).toEqual([]);
});

test('another bodice takes over what is sewn on where its joins fit: of a dress its skirt, chosen or not', () => {
  const onto = (choices: EnteredChoices, from: string, to: string) => {
    const [was, is] = [styleBook[from], styleBook[to]];
    if (!was || !is) throw new Error(`no style ${from} or ${to}`);
    const kept = onAnotherBodice(choices, was, is);
    return Object.fromEntries(
      Object.entries(kept).map(([id, each]) => [id, 'option' in each ? each.option : each.mm]),
    );
  };
  const sleeved = { sleeve: option('sleeve-set-in'), easeBust: length(3) };
  expect(onto(sleeved, 'fitted-dress', 'bustier-bodice')).toEqual({
    collar: 'none',
    sleeve: 'sleeve-set-in',
    skirt: 'skirt-fitted',
    easeBust: inches(3),
  });
  expect(onto(sleeved, 'fitted-dress', 'tube-top')).toEqual({ skirt: 'skirt-fitted', easeBust: inches(3) });
  // A shirt keeps no collar that was taken off before.
  expect(onto({ collar: option('none') }, 'turtleneck-bodice', 'keyhole-shirt-bodice')).toEqual({
    collar: 'none',
    sleeve: 'none',
  });
});
