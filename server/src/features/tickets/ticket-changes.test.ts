import { describe, expect, test } from '@jest/globals';
import { keptLay } from '@ample-bolt/core/lay/model/kept-lay';
import { planForWork } from '@ample-bolt/core/lay/plan/plan-lay';
import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import { layTaskOf } from '@ample-bolt/core/shop/lay-task';
import { eventsTowards } from '@ample-bolt/core/shop/table-event';
import { orderOfTicket, type Ticket } from '@ample-bolt/core/shop/ticket';
import { middleBody } from '@ample-bolt/core/testing/bodies';
import { sampleCloth } from '@ample-bolt/core/testing/sample-cloth';
import { sampleTicket } from '@ample-bolt/core/testing/sample-ticket';
import { Problem } from '../../http/problem.ts';
import { memoryStores } from '../../testing/memory-stores.ts';
import { changeTicket, changeTickets, contentOf, goToStep, stamp, ticketById } from './ticket-changes.ts';
import { noteAtTable } from './ticket-table.ts';

const problemOf = async (act: Promise<unknown>): Promise<Problem> => {
  try {
    await act;
  } catch (error) {
    if (error instanceof Problem) return error;
    throw error;
  }
  throw new Error('it was not refused');
};

const values = Object.fromEntries(
  Object.entries(middleBody).map(([id, mm]) => [id, { mm: Number(mm), typed: `${mm} mm` }]),
);
const cloth = sampleCloth({ width: 1500 });

/** A dress that is measured and laid. */
function laidTicket(): Ticket {
  const measures = { ...sampleTicket().measures, values };
  const measured = sampleTicket({ measures, cloths: [cloth] });
  const order = orderOfTicket(measured);
  if (!order) throw new Error('the sample is not measured');
  const task = layTaskOf(measured, draftOrder(order).pieces, cloth, 'open', 1);
  return { ...measured, lays: { outer: { ...keptLay(planForWork(task, 1)), id: 'a lay' } }, marksInAll: 80 };
}
const ticket = sampleTicket();
const { id } = ticket;
const chalk = (of: Ticket, piece: string, count: number) => ({
  events: eventsTowards(of.lays, of, { ...of, chalked: { ...of.chalked, [piece]: count } }, stamp('')),
  sentAt: new Date().toISOString(),
});

describe('a change of a ticket', () => {
  test('is a step on its version; one that changes nothing is none, and an older version is refused with what is there', async () => {
    const { stores, writes } = memoryStores([ticket]);
    const changed = await changeTicket(stores, ticket, { version: 1, by: 'Odile' }, { title: 'Navy' });
    expect(changed).toMatchObject({ title: 'Navy', version: 2 });
    expect(writes.map(({ by, write }) => [by, write.step.kind])).toEqual([['Odile', 'new']]);
    await changeTicket(stores, ticket, { version: 2 }, { title: 'Navy' });
    expect(writes).toHaveLength(1);
    const late = await problemOf(changeTicket(stores, ticket, { version: 1 }, { title: 'Red' }));
    expect([late.status, late.code]).toEqual([409, 'stale']);
    expect(late.extra['current']).toMatchObject({ title: 'Navy', version: 2 });
  });

  test('goes back to a step that is kept, as a version of its own', async () => {
    const { stores } = memoryStores([ticket]);
    await changeTicket(stores, ticket, { version: 1 }, { remarks: 'stands straight' });
    const back = await goToStep(stores, ticket, { version: 2 }, 0, contentOf(ticket));
    expect(back).toMatchObject({ remarks: '', version: 3, history: { place: 0 } });
  });

  test('of two tickets is made of both or of neither', async () => {
    const other = sampleTicket({ id: 'other', number: 7 });
    const { stores, writes } = memoryStores([ticket, other]);
    const both = (version: number) =>
      changeTickets(stores, [
        { ticket, on: { version: 1 }, change: { remarks: 'one' } },
        { ticket: other, on: { version }, change: { remarks: 'two' } },
      ]);
    await expect(both(4)).rejects.toThrow(Problem);
    expect(writes).toEqual([]);
    await both(1);
    expect((await ticketById(stores, 'other')).remarks).toBe('two');
  });

  test('comes after marks that are chalked meanwhile, and gives up where there is no end of them', async () => {
    const laid = laidTicket();
    const { stores, meanwhile } = memoryStores([laid]);
    let marks = 0;
    const another = () => void stores.table.write(id, { chalked: { 'skirt-back': ++marks }, cut: [] });
    meanwhile.act = () => (marks < 3 ? another() : undefined);
    const changed = await changeTicket(stores, laid, { version: 1 }, { remarks: 'press the hem' });
    expect([changed.remarks, marks]).toEqual(['press the hem', 3]);
    meanwhile.act = another;
    const busy = await problemOf(changeTicket(stores, laid, { version: 2 }, { remarks: 'x' }));
    expect([busy.status, busy.code]).toEqual([503, 'busy']);
  });
});

describe('pieces under the chalk', () => {
  test('freeze with the first mark and thaw with the last that is rubbed out', async () => {
    const laid = laidTicket();
    const { stores } = memoryStores([laid]);
    await noteAtTable(stores, id, chalk(laid, 'skirt-front', 2));
    const frozen = await ticketById(stores, id);
    expect([frozen.frozen === null, frozen.chalked]).toEqual([false, { 'skirt-front': 2 }]);
    await noteAtTable(stores, id, chalk(frozen, 'skirt-front', 0));
    expect((await ticketById(stores, id)).frozen).toBeNull();
  });

  test('hold a change that would draw them anew, say what is chalked, and let it through once it is released', async () => {
    const laid = laidTicket();
    const { stores } = memoryStores([laid]);
    await noteAtTable(stores, id, chalk(laid, 'skirt-front', 2));
    await noteAtTable(stores, id, chalk(await ticketById(stores, id), 'bodice-front', 1));
    const longer = { choices: { length: { mm: 1100, typed: '1100 mm' } } };
    const held = await problemOf(changeTicket(stores, laid, { version: 1 }, longer));
    expect([held.status, held.extra['touched']]).toMatchObject([423, [{ piece: 'skirt-front', chalked: 2 }]]);
    // What draws nothing anew goes through.
    await changeTicket(stores, laid, { version: 1 }, { remarks: 'soft pressing' });
    const released = await changeTicket(stores, laid, { version: 2, release: true }, longer);
    expect(released.chalked).toEqual({ 'bodice-front': 1 });
    expect(released.frozen).not.toBeNull();
  });

  test('count no mark on a lay that was replaced meanwhile', async () => {
    const laid = laidTicket();
    const { stores } = memoryStores([laid]);
    const late = chalk(
      { ...laid, lays: { outer: { ...laid.lays.outer!, id: 'the lay before' } } },
      'skirt-front',
      1,
    );
    const answer = await noteAtTable(stores, id, late);
    expect([answer.refused, answer.chalked]).toEqual([late.events.map((event) => event.id), {}]);
  });
});
