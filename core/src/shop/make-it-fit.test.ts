import { describe, expect, test } from '@jest/globals';
import { middleBody } from '../testing/bodies.ts';
import { sampleCloth } from '../testing/sample-cloth.ts';
import { sampleTicket } from '../testing/sample-ticket.ts';
import { inches } from '../units/length.ts';
import { parseLength } from '../units/parse-length.ts';
import { draftOrder } from './draft-order.ts';
import { readChoice } from '../formats/order/read-choices.ts';
import { checkLay } from '../lay/proof/check-lay.ts';
import { layPiecesOn } from '../lay/model/layable.ts';
import { styleOf } from '../styles/style-book.ts';
import { planForWork } from '../lay/plan/plan-lay.ts';
import { layTaskOf } from './lay-task.ts';
import { changedCloths, makeItFit, type FitTicket } from './make-it-fit.ts';
import { noMeasures, orderOfTicket } from './ticket.ts';

const values = Object.fromEntries(
  Object.entries(middleBody).map(([id, mm]) => [id, { mm, typed: `${mm} mm` }]),
);
const ticketWith = (length: number | null): FitTicket =>
  sampleTicket({ measures: { ...noMeasures, values }, cloths: [sampleCloth({ length })] });
const WORK = 200;

/** How long the garment lies as it is. */
function needed(ticket: FitTicket): number {
  const order = orderOfTicket(ticket);
  const [cloth] = ticket.cloths;
  if (!order || !cloth) throw new Error('not ready to lay');
  return planForWork(layTaskOf(ticket, draftOrder(order).pieces, cloth, 'width', 1), WORK).length;
}

describe('what would make a garment fit', () => {
  const long = needed(ticketWith(null));

  test('on cloth that is a little too short a small change is enough, and no larger one of its kind is tried', () => {
    const tries = [...makeItFit(ticketWith(long - 8), 'outer', 'width', WORK)];
    const shorter = tries.filter(({ way }) => way.kind === 'shorter');
    expect(shorter.length).toBeGreaterThan(0);
    expect(shorter.at(-1)?.fits).toBe(true);
    expect(shorter.slice(0, -1).every(({ fits }) => !fits)).toBe(true);
    // Of what may be joined all is: the facings, never the skirt that shows.
    expect(tries[0]?.way).toEqual({ kind: 'join', pieces: ['facing-front'] });
    // There is no lining to cut them from.
    expect(tries.some(({ way }) => way.kind === 'other')).toBe(false);
    const widths = tries.flatMap(({ way, fits }) => (way.kind === 'width' ? [{ mm: way.mm, fits }] : []));
    expect(widths.filter(({ fits }) => fits)).toHaveLength(1);
    expect(widths.every(({ mm }) => mm > inches(45))).toBe(true);
    for (const found of tries)
      if (found.fits) expect(found.lay.length).toBeLessThanOrEqual(long - 8);
      else expect(found.length).toBeGreaterThan(long - 8);
  });

  test('what fits is the very lay that the changed ticket takes, once its choices are typed', () => {
    const ticket = ticketWith(long - 8);
    const found = [...makeItFit(ticket, 'outer', 'width', WORK)].find(
      ({ way, fits }) => fits && 'choices' in way,
    );
    if (!found?.fits || !('choices' in found.way)) throw new Error('no choice made it fit');
    const { choices = {} } = styleOf(ticket.styleId) ?? {};
    const entered = Object.entries(found.way.choices).map(([id, typed]) => {
      const choice = choices[id];
      const read = choice && readChoice(choice, typed, ticket.unit, id);
      if (!read?.ok || typeof read.value !== 'number') throw new Error(`${id} cannot be ${typed}`);
      return [id, { mm: read.value, typed }] as const;
    });
    const next = { ...ticket, choices: { ...ticket.choices, ...Object.fromEntries(entered) } };
    const order = orderOfTicket(next);
    const [cloth] = ticket.cloths;
    if (!order || !cloth) throw new Error('not ready to lay');
    const { pieces } = layTaskOf(next, draftOrder(order).pieces, cloth, found.lay.fold, 1);
    expect(checkLay(found.lay, pieces, cloth)).toEqual([]);
  });

  test('where there is a lining the facings may be cut from it: tried on the draft that has them there', () => {
    const lining = sampleCloth({ role: 'lining', name: 'Lining' });
    const short = ticketWith(long - 8);
    const ticket = { ...short, cloths: [...short.cloths, lining] };
    const found = [...makeItFit(ticket, 'outer', 'width', WORK)].find(({ way }) => way.kind === 'other');
    if (!found?.fits || found.way.kind !== 'other') throw new Error('the facings were not tried elsewhere');
    expect(found.way).toEqual({ kind: 'other', role: 'lining', pieces: ['facing-front', 'facing-back'] });
    expect(found.lay.placements.some(({ piece }) => piece.startsWith('facing'))).toBe(false);
    const next = { ...ticket, cloths: changedCloths(ticket.cloths, 'outer', found.way) };
    const order = orderOfTicket(next);
    const pieces = order ? draftOrder(order).pieces : [];
    expect(layPiecesOn(lining, pieces).map(({ id }) => id)).toEqual(expect.arrayContaining(['facing-front', 'facing-back'])); // prettier-ignore
    // What shows stays with its cloth, whoever asks for it.
    const bold = orderOfTicket({
      ...ticket,
      cloths: [...short.cloths, { ...lining, takes: ['skirt-front'] }],
    });
    const skirt = bold && draftOrder(bold).pieces.find(({ piece }) => piece.id === 'skirt-front');
    expect(skirt?.piece.role).toBe('outer');
    // A lining of which there is only so much is not offered.
    const few = { ...ticket, cloths: [...short.cloths, { ...lining, length: 400 }] };
    expect([...makeItFit(few, 'outer', 'width', 1)].some(({ way }) => way.kind === 'other')).toBe(false);
  });

  test('on cloth that is far too short nothing fits, and every try says what it would still need', () => {
    const tries = [...makeItFit(ticketWith(300), 'outer', 'width', 10)];
    expect(tries.length).toBeGreaterThan(4);
    expect(tries.every((found) => !found.fits && found.length > 300)).toBe(true);
    // Every way takes away, and stays within what the style allows.
    const lengths = tries.flatMap(({ way }) => ('choices' in way ? Object.values(way.choices) : []));
    expect(lengths.length).toBeGreaterThan(0);
    for (const typed of lengths) expect(parseLength(typed, 'in').ok).toBe(true);
  });

  test('without its measures nothing is tried', () => {
    expect([
      ...makeItFit(sampleTicket({ cloths: [sampleCloth({ length: 900 })] }), 'outer', 'open', 20),
    ]).toEqual([]);
  });
});
