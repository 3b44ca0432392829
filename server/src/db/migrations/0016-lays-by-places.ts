import { keptLay } from '@ample-bolt/core/lay/model/kept-lay';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import jsonPatch, { type Operation } from 'fast-json-patch';
import { QueryTypes } from 'sequelize';
import type { Migration } from '../migrate.ts';

/** Lays by their cloth or their way of folding, each copy with its outline. */
interface Outlined {
  readonly [key: string]: Lay;
}

interface Step {
  readonly place: number;
  readonly back: readonly Operation[] | null;
  readonly forth: readonly Operation[] | null;
}

/** What a history holds of lays at one of its places. */
interface Laid {
  readonly lays: Outlined;
}

const byPlaces = (lays: Outlined) =>
  Object.fromEntries(Object.entries(lays).map(([key, lay]) => [key, keptLay(lay)]));

const isOfLays = ({ path }: Operation): boolean => path === '/lays' || path.startsWith('/lays/');

const after = (laid: Laid, patch: readonly Operation[] | null): Laid =>
  jsonPatch.applyPatch(laid, (patch ?? []).filter(isOfLays), false, false).newDocument;

/** A patch with what it does to lays said by places. */
const rewritten = (patch: readonly Operation[], from: Laid, to: Laid): Operation[] => [
  ...patch.filter((each) => !isOfLays(each)),
  ...jsonPatch.compare({ lays: byPlaces(from.lays) }, { lays: byPlaces(to.lays) }),
];

/** Every step of a history, its lays by places: walked from where the ticket stands to its first step, and to its last. */
function steppedByPlaces(lays: Outlined, place: number, steps: readonly Step[]): Step[] {
  const at = new Map<number, Laid>([[place, { lays }]]);
  const laidAt = (where: number): Laid => {
    const laid = at.get(where);
    if (!laid) throw new Error(`no step leads to place ${where} of the history`);
    return laid;
  };
  const sorted = [...steps].sort((a, b) => a.place - b.place);
  for (const step of sorted.filter((each) => each.place <= place).reverse())
    at.set(step.place - 1, after(laidAt(step.place), step.back));
  for (const step of sorted.filter((each) => each.place > place))
    at.set(step.place, after(laidAt(step.place - 1), step.forth));
  return sorted.map(({ place: there, back, forth }) => ({
    place: there,
    back: back && rewritten(back, laidAt(there), laidAt(there - 1)),
    forth: forth && rewritten(forth, laidAt(there - 1), laidAt(there)),
  }));
}

/** A placement is where its piece lies, and no longer has the outline as well: in lays, in every step of the history, and in plans that were found. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  const select = <Row extends object>(sql: string, bind: unknown[] = []) =>
    query.sequelize.query<Row>(sql, { type: QueryTypes.SELECT, bind, transaction });
  const run = (sql: string, bind: unknown[]) => query.sequelize.query(sql, { bind, transaction });
  const ids = await select<{ id: string }>('SELECT id FROM tickets');
  // One ticket at a time: the histories of all are more than is well held at once.
  for (const { id } of ids) {
    const [ticket] = await select<{ lays: Outlined; place: number }>(
      'SELECT lays, place FROM tickets WHERE id = $1',
      [id],
    );
    if (!ticket) continue;
    const steps = await select<Step>('SELECT place, back, forth FROM ticket_states WHERE ticket_id = $1', [
      id,
    ]);
    const patches = steps.flatMap(({ back, forth }) => [...(back ?? []), ...(forth ?? [])]);
    if (Object.keys(ticket.lays).length === 0 && !patches.some(isOfLays)) continue;
    await run('UPDATE tickets SET lays = $2 WHERE id = $1', [id, JSON.stringify(byPlaces(ticket.lays))]);
    for (const { place, back, forth } of steppedByPlaces(ticket.lays, ticket.place, steps))
      await run('UPDATE ticket_states SET back = $3, forth = $4 WHERE ticket_id = $1 AND place = $2', [
        id,
        place,
        back && JSON.stringify(back),
        forth && JSON.stringify(forth),
      ]);
  }
  const runs = await select<{ id: string }>(`SELECT id FROM lay_runs WHERE plans <> '{}'::jsonb`);
  for (const { id } of runs) {
    const [found] = await select<{ plans: Outlined }>('SELECT plans FROM lay_runs WHERE id = $1', [id]);
    if (found)
      await run('UPDATE lay_runs SET plans = $2 WHERE id = $1', [id, JSON.stringify(byPlaces(found.plans))]);
  }
};
