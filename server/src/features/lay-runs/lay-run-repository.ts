import { choosePlan } from '@ample-bolt/core/lay/plan/choose-plan';
import { keptLay, laidLay } from '@ample-bolt/core/lay/model/kept-lay';
import type { LayWay, Lay } from '@ample-bolt/core/lay/model/lay';
import { shareOut } from '@ample-bolt/core/lay/plan/share-out';
import type { LayRun, RunPlans } from '@ample-bolt/core/shop/lay-run';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { Op, UniqueConstraintError, type Sequelize } from 'sequelize';
import { notFound, Problem } from '../../http/problem.ts';
import { LayRunModel, LayShareModel, type RunTask } from './lay-run-model.ts';

/** A share whose process was not heard of for so long was lost with it, ms. */
export const LOST_AFTER = 15_000;

const shares = { model: LayShareModel, as: 'shares' };

function toRun({ id, role, state, folds, seconds, found, failure, shares: own = [] }: LayRunModel): LayRun {
  const alive = Date.now() - LOST_AFTER;
  const working = own.filter((share) => share.state === 'working' && (share.heardAt?.getTime() ?? 0) > alive);
  return {
    id,
    role,
    state,
    folds,
    seconds,
    spent: own.reduce((sum, { spent }) => sum + spent, 0),
    atOnce: state === 'running' ? working.length : 0,
    found,
    failure,
  };
}

/** The searches of a ticket, one a cloth: the one that runs, or the last. */
export async function runsOf(ticketId: string): Promise<LayRun[]> {
  const rows = await LayRunModel.findAll({
    where: { ticketId },
    attributes: { exclude: ['task', 'plans'] },
    include: [shares],
    order: [['createdAt', 'DESC']],
  });
  return rows.map(toRun);
}

const runOn = async (ticketId: string, id: string): Promise<LayRunModel> => {
  const row = await LayRunModel.findOne({ where: { ticketId, id }, include: [shares] });
  if (!row) throw notFound('search on this ticket');
  return row;
};

export const plansOf = async (ticketId: string, id: string): Promise<RunPlans> =>
  (await runOn(ticketId, id)).plans;

/** Begins a search in the place of the cloth's last one, or 409 while that one runs. Resolves to it and the ids of its shares. */
export async function beginRun(
  ticketId: string,
  { role, folds, task, seconds }: { role: ClothRole; folds: LayWay[]; task: RunTask; seconds: number },
): Promise<{ readonly run: LayRun; readonly shareIds: readonly string[] }> {
  const sequelize = sequelizeOf();
  try {
    const run = await sequelize.transaction(async (transaction) => {
      await LayRunModel.destroy({ where: { ticketId, role, state: { [Op.ne]: 'running' } }, transaction });
      const row = await LayRunModel.create({ ticketId, role, folds, task, seconds }, { transaction });
      row.shares = await LayShareModel.bulkCreate(
        shareOut(folds, seconds).map((share) => ({ ...share, runId: row.id })),
        { transaction, returning: true },
      );
      return row;
    });
    await run.reload({ include: [shares] });
    return { run: toRun(run), shareIds: (run.shares ?? []).map(({ id }) => id) };
  } catch (error) {
    if (error instanceof UniqueConstraintError)
      throw new Problem(409, 'already-searching', 'A search for this cloth is running; stop it first.');
    throw error;
  }
}

function sequelizeOf(): Sequelize {
  const { sequelize } = LayRunModel;
  if (!sequelize) throw new Error('the models are not bound to a connection');
  return sequelize;
}

/** Stops a search: what it found stays. One that has ended is left as it is. */
export async function cancelRun(ticketId: string, id: string): Promise<LayRun> {
  const row = await runOn(ticketId, id);
  if (row.state === 'running') await row.update({ state: 'cancelled' });
  return toRun(row);
}

export async function failRun(id: string, failure: string): Promise<void> {
  await LayRunModel.update({ state: 'failed', failure }, { where: { id, state: 'running' } });
}

/** Ends a search whose shares are all done. */
export async function endIfDone(id: string): Promise<void> {
  const left = await LayShareModel.count({ where: { runId: id, state: { [Op.ne]: 'done' } } });
  if (left === 0) await LayRunModel.update({ state: 'done' }, { where: { id, state: 'running' } });
}

/** Keeps a lay if it is better than the search's best of the same fold. Shares end at the same time: the row is locked meanwhile. */
export const keepBetter = (id: string, lay: Lay): Promise<boolean> =>
  sequelizeOf().transaction(async (transaction) => {
    const row = await LayRunModel.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
    const kept = row?.plans[lay.fold];
    const before = kept && laidLay(kept, row.task.pieces);
    if (!row || (before && choosePlan([before, lay])[0] === before)) return false;
    const plans = { ...row.plans, [lay.fold]: keptLay(lay) };
    await row.update({ plans, found: row.found + 1 }, { transaction });
    return true;
  });

/** Shares of running searches that are not done: those that wait, and those whose process was lost. */
export async function unfinishedShares(): Promise<{ readonly waiting: string[]; readonly lost: string[] }> {
  const rows = await LayShareModel.findAll({
    where: { state: { [Op.ne]: 'done' } },
    include: [{ model: LayRunModel, where: { state: 'running' }, attributes: [] }],
  });
  const alive = Date.now() - LOST_AFTER;
  return {
    waiting: rows.filter(({ state }) => state === 'waiting').map(({ id }) => id),
    lost: rows
      .filter(({ state, heardAt }) => state === 'working' && (heardAt?.getTime() ?? 0) < alive)
      .map(({ id }) => id),
  };
}
