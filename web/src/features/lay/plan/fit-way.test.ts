import { describe, expect, test } from '@jest/globals';
import { readCloths } from '@ample-bolt/core/formats/order/read-cloths';
import { sampleCloth } from '@ample-bolt/core/testing/sample-cloth';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { inches } from '@ample-bolt/core/units/length';
import { plainLengths } from '@ample-bolt/core/units/format-length';
import { typedChange, wayWords } from './fit-way.ts';

const flaws = [{ from: 10, to: 20, left: 10, right: 20 }];
const ticket = sampleTicket({
  choices: { easeBust: { mm: inches(2), typed: '2 in' }, pegging: { mm: inches(0.5), typed: '1/2' } },
  cloths: [sampleCloth({ flaws, joined: ['collar'] }), sampleCloth({ role: 'lining', width: inches(54) })],
});

describe('what would make a garment fit', () => {
  test('is said with what is changed and by how much', () => {
    const words = (way: Parameters<typeof wayWords>[0]) => plainLengths(wayWords(way, ticket));
    expect(words({ kind: 'ease', choices: { easeBust: '1 in' }, by: inches(1.25) })).toBe(
      'Eases less by up to 1 1/4 in',
    );
    expect(words({ kind: 'shorter', choices: { length: '40 in' }, by: inches(2) })).toBe('Length 2 in less');
    expect(words({ kind: 'join', pieces: ['facing-front', 'collar'] })).toBe(
      'A join at the fold of facing front, collar',
    );
    expect(words({ kind: 'width', mm: inches(54) })).toBe('Another cloth, 54 in wide');
    expect(words({ kind: 'other', pieces: ['facing-front'], role: 'lining' })).toBe(
      'Facing front from the lining',
    );
  });

  test('a choice is typed anew, and the others stay as they were typed', () => {
    const change = typedChange({ kind: 'ease', choices: { easeBust: '1 1/2 in' }, by: 1 }, ticket, 'outer');
    expect(change).toEqual({ part: 'choices', choices: { easeBust: '1 1/2 in', pegging: '1/2' } });
  });

  test('a join is added to those of its cloth; another cloth has none of the places of this one', () => {
    const read = (way: Parameters<typeof typedChange>[0]) => {
      const change = typedChange(way, ticket, 'outer');
      const cloths = change.part === 'cloths' ? readCloths(change.cloths, 'in') : undefined;
      if (!cloths?.ok) throw new Error('no cloths');
      return cloths.value;
    };
    const joined = read({ kind: 'join', pieces: ['facing-front'] });
    expect(joined[0]?.joined).toEqual(['collar', 'facing-front']);
    expect(joined[0]?.flaws).toEqual(flaws);
    const other = read({ kind: 'other', pieces: ['facing-front'], role: 'lining' });
    expect(other.map(({ takes }) => takes)).toEqual([undefined, ['facing-front']]);
    const wider = read({ kind: 'width', mm: inches(60) });
    expect(wider[0]).toMatchObject({ width: inches(60), joined: ['collar'] });
    expect(wider[0]?.flaws).toBeUndefined();
    expect(wider[1]?.width).toBeCloseTo(inches(54), 6);
  });
});
