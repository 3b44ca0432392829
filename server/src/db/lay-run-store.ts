import { choosePlan } from '@ample-bolt/core/lay/plan/choose-plan';
import { keptLay, laidLay } from '@ample-bolt/core/lay/model/kept-lay';
import type { LayWay, Lay } from '@ample-bolt/core/lay/model/lay';
import { shareOut } from '@ample-bolt/core/lay/plan/share-out';
import type { LayRun, RunPlans } from '@ample-bolt/core/shop/lay-run';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { Op, UniqueConstraintError, type Sequelize } from 'sequelize';
import {
  LOST_AFTER,
  type KeptRun,
  type KeptShare,
  type LayRunStore,
  type RunTask,
} from '../stores/lay-run-store.ts';
import { LayRunModel, LayShareModel } from './models/lay-run-model.ts';

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
async function runsOf(ticketId: string): Promise<LayRun[]> {
  const rows = await LayRunModel.findAll({
    where: { ticketId },
    attributes: { exclude: ['task', 'plans'] },
    include: [shares],
    order: [['createdAt', 'DESC']],
  });
  return rows.map(toRun);
}

const runOn = (ticketId: string, id: string): Promise<LayRunModel | null> =>
  LayRunModel.findOne({ where: { ticketId, id }, include: [shares] });

const plansOf = async (ticketId: string, id: string): Promise<RunPlans | undefined> =>
  (await runOn(ticketId, id))?.plans;

/** Begins a search in the place of the cloth's last one; none while that one runs. Resolves to it and the ids of its shares. */
async function beginRun(
  ticketId: string,
  {
    role,
    folds,
    task,
    seconds,
  }: { role: ClothRole; folds: readonly LayWay[]; task: RunTask; seconds: number },
): Promise<{ readonly run: LayRun; readonly shareIds: readonly string[] } | undefined> {
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
    if (error instanceof UniqueConstraintError) return undefined;
    throw error;
  }
}

function sequelizeOf(): Sequelize {
  const { sequelize } = LayRunModel;
  if (!sequelize) throw new Error('the models are not bound to a connection');
  return sequelize;
}

/** Stops a search: what it found stays. One that has ended is left as it is. */
async function cancelRun(ticketId: string, id: string): Promise<LayRun | undefined> {
  const row = await runOn(ticketId, id);
  if (!row) return undefined;
  if (row.state === 'running') await row.update({ state: 'cancelled' });
  return toRun(row);
}

async function failRun(id: string, failure: string): Promise<void> {
  await LayRunModel.update({ state: 'failed', failure }, { where: { id, state: 'running' } });
}

/** Ends a search whose shares are all done. */
async function endIfDone(id: string): Promise<void> {
  const left = await LayShareModel.count({ where: { runId: id, state: { [Op.ne]: 'done' } } });
  if (left === 0) await LayRunModel.update({ state: 'done' }, { where: { id, state: 'running' } });
}

/** Keeps a lay if it is better than the search's best of the same fold. Shares end at the same time: the row is locked meanwhile. */
const keepBetter = (id: string, lay: Lay): Promise<boolean> =>
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
async function unfinishedShares(): Promise<{ readonly waiting: string[]; readonly lost: string[] }> {
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

async function shareOf(id: string): Promise<{ share: KeptShare; run: KeptRun } | undefined> {
  const share = await LayShareModel.findByPk(id);
  const run = share && (await LayRunModel.findByPk(share.runId));
  return run ? { share, run } : undefined;
}

export const layRunStore: LayRunStore = {
  ofTicket: runsOf,
  plans: plansOf,
  begin: beginRun,
  cancel: cancelRun,
  fail: failRun,
  endIfDone,
  keepBetter,
  share: shareOf,
  // Whoever writes on a share is at work on it.
  writeShare: async (id, change) => {
    await LayShareModel.update({ ...change, heardAt: new Date() }, { where: { id } });
  },
  state: async (id) => (await LayRunModel.findByPk(id, { attributes: ['state'] }))?.state,
  unfinishedShares,
};
