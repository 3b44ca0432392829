import { expect, test } from '@jest/globals';
import { finding } from '@ample-bolt/core/findings/finding';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { KeptLay } from '@ample-bolt/core/lay/model/kept-lay';
import { findingKey } from '@ample-bolt/core/shop/sign-off';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { chalkHeld } from './chalk-held.ts';

const lay: KeptLay = { role: 'outer', width: 1143, usable: [13, 1130], length: 1500, buy: { amount: 1.75, unit: 'yd' }, utilisation: 0.7, fold: 'open', sections: [], placements: [], drawn: {}, bound: 900 }; // prettier-ignore
const stop = finding('round-differs', { subject: 'bust', measure: 'bust' }, { found: 930, expected: 965 });
const draftWith = (findings: Draft['findings']): Draft => ({
  pieces: [],
  seams: [],
  rounds: [],
  coverage: [],
  figures: [],
  details: [],
  findings,
});
const laid = sampleTicket({ lays: { outer: lay } });

test('nothing holds the chalk where the cloth that shows is laid and no stop is open', () => {
  expect(chalkHeld(laid, { draft: draftWith([]), staleLays: [] })).toBeUndefined();
  const signed = { ...laid, signedOff: { [findingKey(stop)]: { why: 'She wants it close', found: 930 } } };
  expect(chalkHeld(signed, { draft: draftWith([stop]), staleLays: [] })).toBeUndefined();
});

test('a stop holds it first, then a plan that no longer fits, then a cloth that shows without one; each says why', () => {
  const all = { draft: draftWith([stop]), staleLays: ['lining'] } as const;
  expect(chalkHeld(laid, all)).toMatchObject({ title: 'A check holds the cut', station: 'draft' });
  expect(chalkHeld(laid, all)?.why.join()).toContain('bust');
  expect(chalkHeld(laid, { ...all, draft: draftWith([]) })?.why).toEqual([
    'The lining was planned before its pieces or its cloth changed.',
  ]);
  expect(chalkHeld(sampleTicket(), { draft: draftWith([]), staleLays: [] })).toMatchObject({
    title: 'Lay the cloth first',
    station: 'lay',
  });
});
