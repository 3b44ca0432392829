import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { draftOrder } from '../../shop/draft-order.ts';
import type { Choice } from '../../garment/choice.ts';
import { measureIds } from '../../measures/catalogue.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import { orderOfTicket, type EnteredById, type EnteredChoices, type Ticket } from '../../shop/ticket.ts';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { extremeRanges, ordinaryRanges, randomBodies, type BodyRanges } from '../../testing/random-bodies.ts';
import { sampleTicket } from '../../testing/sample-ticket.ts';
import { formatLength } from '../../units/format-length.ts';
import type { Unit } from '../../units/length.ts';
import { parseLength } from '../../units/parse-length.ts';
import { readOrder } from './read-order.ts';
import { orderFileOf } from './write-order.ts';

/** A length as a person would have typed it: to a sixteenth, or to a millimetre. */
function typed(mm: number, unit: Unit): { mm: number; typed: string } {
  const text = formatLength(mm, unit, { denominator: 16 });
  const parsed = parseLength(text, unit);
  if (!parsed.ok) throw new Error(`${text} does not read back: ${parsed.fault}`);
  return { mm: parsed.mm, typed: text };
}

/** The dress as it is: its skirt stays on. */
const dressChoices = Object.entries(fittedDress.choices).filter(([id]) => id !== 'skirt');

/** A choice at a part of its range: a length between its bounds, or the option that lies there. */
function chosenAt(choice: Choice, share: number, unit: Unit): EnteredChoices[string] {
  if (choice.kind === 'length') return typed(choice.least + share * (choice.most - choice.least), unit);
  const options = Object.keys(choice.options);
  const option = options[Math.min(options.length - 1, Math.floor(share * options.length))] ?? choice.usual;
  return { option, typed: option };
}

function ticketOf(ranges: BodyRanges, seed: number, unit: Unit, shares: readonly number[]): Ticket {
  const { values, observations } = randomBodies(ranges, seed).next().value;
  const measured: EnteredById = Object.fromEntries(
    measureIds.flatMap((id) => (values[id] === undefined ? [] : [[id, typed(values[id], unit)] as const])),
  );
  const choices: EnteredChoices = Object.fromEntries(
    dressChoices.flatMap(([id, choice], index) => {
      const share = shares[index];
      return share === undefined ? [] : [[id, chosenAt(choice, share, unit)] as const];
    }),
  );
  return sampleTicket({
    unit,
    measures: { ...sampleTicket().measures, observations, values: measured },
    choices,
    rules: { 'allowance.side': 20, 'school.block': seed % 2 === 0 ? 'solved' : 'table' },
    figures: { 'skirt-front/hip': { mm: 300, why: 'a try' } },
    cloths: [
      { role: 'outer', name: 'Teal', colour: '#23545b', width: 1143.7, selvedge: 12, length: null, oneWay: true },
      { role: 'lining', name: '', colour: '#888888', width: 1400, selvedge: 10, length: 2300, oneWay: false },
    ], // prettier-ignore
  });
}

describe('a ticket written as an order file', () => {
  const shares = fc.array(fc.double({ min: 0.05, max: 0.95, noNaN: true }), {
    maxLength: dressChoices.length,
  });

  test('reads back as the order it was, whatever the body, the unit and the choices', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(ordinaryRanges, extremeRanges),
        fc.nat(10_000),
        fc.constantFrom<Unit>('in', 'cm'),
        shares,
        (ranges, seed, unit, chosen) => {
          const ticket = ticketOf(ranges, seed, unit, chosen);
          const file: unknown = JSON.parse(JSON.stringify(orderFileOf(ticket)));
          const read = readOrder(file);
          if (!read.ok) throw new Error(read.fault.message);
          const order = orderOfTicket(ticket);
          expect(read.value.person).toEqual(order?.person);
          expect(read.value.choices).toEqual(order?.choices);
          expect(read.value.figures).toEqual(order?.figures);
          expect(read.value.rules).toEqual(ruleSet(ticket.rules));
          expect(read.value.cloths.map(({ width, length }) => [width, length])).toEqual([
            [expect.closeTo(1143.7, 9), null],
            [1400, 2300],
          ]);
        },
      ),
      { numRuns: 200, seed: 5 },
    );
  });

  test('drafts the same garment, to the last figure', () => {
    const ticket = ticketOf(ordinaryRanges, 2, 'in', []);
    const order = orderOfTicket(ticket);
    const read = readOrder(JSON.parse(JSON.stringify(orderFileOf(ticket))));
    if (!read.ok || !order) throw new Error('expected an order');
    expect(draftOrder(read.value).figures).toEqual(draftOrder(order).figures);
  });
});
