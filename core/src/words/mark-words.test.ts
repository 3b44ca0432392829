import { describe, expect, test } from '@jest/globals';
import type { Mark } from '../chalk/mark.ts';
import { point } from '../geometry/point.ts';
import { inches } from '../units/length.ts';
import { chalkNumber, markLine, markWords } from './mark-words.ts';

const base = {
  piece: 'bodice-back',
  from: 'centre',
  order: 1,
  origin: { x: 0, y: 0 },
  points: [point(0, 0), point(inches(3), inches(1.03))],
} as const;
const marks: readonly Mark[] = [
  {
    ...base,
    kind: 'place',
    fromStart: inches(12),
    across: inches(3),
    alongFrom: 'start',
    acrossFrom: 'fold',
    onFold: false,
    below: 0,
    bothSides: false,
    downs: 'away',
    outs: 'left',
  },
  {
    ...base,
    kind: 'place',
    fromStart: inches(12),
    across: 0,
    alongFrom: 'start',
    acrossFrom: 'fold',
    onFold: true,
    below: 0,
    bothSides: false,
    downs: 'back',
    outs: 'right',
  },
  {
    ...base,
    kind: 'again',
    copy: 1,
    mirrored: true,
    fromStart: inches(2),
    across: inches(20),
    alongFrom: 'start',
    acrossFrom: 'left selvedge',
    onFold: false,
    below: 0,
    bothSides: false,
    downs: 'away',
    outs: 'right',
  },
  { ...base, kind: 'trace', template: 'facing-back', trims: [], pinned: false },
  { ...base, kind: 'start-line', below: 0, out: inches(10) },
  { ...base, kind: 'level', level: 'bust', down: inches(10), out: inches(9) },
  { ...base, kind: 'point', name: 'underarm', down: inches(8), out: inches(9) },
  { ...base, kind: 'slope', edge: 'shoulder', mm: inches(4.75) },
  { ...base, kind: 'curve', edge: 'armhole', mm: inches(9) },
  {
    ...base,
    kind: 'curve',
    edge: 'hem',
    mm: inches(40),
    swing: { radius: inches(30), down: -inches(5), out: 0 },
  },
  { ...base, kind: 'dart', dart: 'bust-dart', intake: inches(2), down: inches(10), out: inches(5) },
  { ...base, kind: 'allowance', side: 'outside', role: 'side', mm: inches(1) },
  { ...base, kind: 'notch', edge: 'armhole', notch: 'double', mm: inches(4), end: 'upper' },
  { ...base, kind: 'label', copies: 2 },
];

describe('markWords', () => {
  test('an arc says from where the tape is swung, and how far', () => {
    const arc = marks.find((mark) => mark.kind === 'curve' && mark.swing);
    if (!arc) throw new Error('no arc');
    const { text, figures } = markWords(arc, 'in');
    expect(text).toBe(
      'An arc: hold the tape 5 above the start line, on the centre, and swing it from end to end.',
    );
    expect(figures[0]).toEqual({ value: '30', word: 'to swing' });
  });

  test.each(marks.map((mark) => [mark.kind, mark] as const))('%s has a title and a sentence', (_, mark) => {
    const { title, text, figures } = markWords(mark, 'in');
    expect(title).toMatch(/^[A-Z]/);
    expect(text).toMatch(/\.$/);
    for (const { value, word } of figures) expect(`${value} ${word}`).toMatch(/^\d[\d /]* [a-z]/);
  });

  test('on the fold there is nothing to measure across', () => {
    expect(markWords(marks[0]!, 'in').figures.map(({ word }) => word)).toEqual([
      'from the start',
      'from the fold',
    ]);
    expect(markWords(marks[1]!, 'in').figures.map(({ word }) => word)).toEqual(['from the start']);
    expect(markWords(marks[1]!, 'in').text).toContain('Centre on the fold');
  });

  test('a half-piece on single cloth is chalked on both sides of its centre', () => {
    const place = marks[0];
    if (place?.kind !== 'place') throw new Error('expected a place');
    expect(markWords({ ...place, bothSides: true }, 'in').text).toContain('both sides of the centre');
  });

  test('numbers at the table are to the nearest eighth, or half centimetre', () => {
    expect(chalkNumber(inches(1.03), 'in')).toBe('1');
    expect(chalkNumber(inches(1.07), 'in')).toBe('1 1/8');
    expect(chalkNumber(312, 'cm')).toBe('31');
    expect(chalkNumber(313, 'cm')).toBe('31.5');
  });

  test('a curve’s line lists its points, across and down', () => {
    expect(
      markLine(
        marks.find(({ kind }) => kind === 'curve')!,
        'in',
      ),
    ).toContain('Across and down: 0, 0; 3, 1.');
  });
});
