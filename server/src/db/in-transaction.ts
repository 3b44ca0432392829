import { AsyncLocalStorage } from 'node:async_hooks';
import { Sequelize, type Transaction } from 'sequelize';

/** What Sequelize keeps for the work that is under way: its transaction. */
const work = new AsyncLocalStorage<Map<string, unknown>>();

/** Lets every query that is made within a transaction belong to it, however deep in services it is made. */
export function followTransactions(): void {
  Sequelize.useCLS({
    run: (act: () => unknown) => work.run(new Map(work.getStore()), act),
    bind: <Act>(act: Act): Act => act,
    get: (key: string) => work.getStore()?.get(key),
    set: (key: string, value: unknown) => work.getStore()?.set(key, value),
  });
}

const isUnderWay = (): boolean =>
  (work.getStore()?.get('transaction') as Transaction | null | undefined) != null;

/** Does all of it or nothing; what it calls joins it, and is none of its own. */
export const inTransaction = <T>(sequelize: Sequelize | undefined, act: () => Promise<T>): Promise<T> => {
  if (!sequelize) throw new Error('a model is used before it is connected');
  return isUnderWay() ? act() : sequelize.transaction(act);
};
