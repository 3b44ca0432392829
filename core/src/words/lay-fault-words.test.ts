import { expect, test } from '@jest/globals';
import type { LayFaultCode } from '../lay/proof/lay-fault.ts';
import { layFaultWords } from './lay-fault-words.ts';

test('an overlap is told by both pieces, by their number, and by how deep', () => {
  const fault = { code: 'overlap', pieces: ['bodice-back 2', 'facing-front 1'], mm: 12.7 } as const;
  expect(layFaultWords(fault, 'in')).toBe('Bodice back 2 and Facing front 1 lie on each other, ½ in deep.'.replace('½', '1⁄2')); // prettier-ignore
  expect(layFaultWords(fault, 'cm')).toContain('1.3 cm deep');
});

test('every fault has a sentence that names its piece, or the cloth', () => {
  const codes: readonly LayFaultCode[] = ['outside-width', 'outside-length', 'wrong-count', 'unknown-piece', 'not-the-outline', 'not-mirrored-in-pairs', 'against-the-nap', 'off-the-fold', 'not-on-double-cloth', 'unreal-fold', 'out-of-section', 'on-a-flaw']; // prettier-ignore
  const said = codes.map((code) => layFaultWords({ code, pieces: ['skirt-back 1'] }, 'in'));
  expect(new Set(said).size).toBe(codes.length);
  for (const words of said) expect(words).toMatch(/^(Skirt back 1|The cloth) .*\.$/);
});
