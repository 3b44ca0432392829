/** @jest-environment jsdom */
import { beforeEach, expect, test } from '@jest/globals';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { planForWork } from '@ample-bolt/core/lay/plan/plan-lay';
import { sampleCloth, samplePanel } from '@ample-bolt/core/testing/sample-cloth';
import { act, renderHook, waitFor } from '@testing-library/react';
import 'fake-indexeddb/auto';
import { clear } from 'idb-keyval';
import { acted } from '../../../testing/acted.ts';
import type { LayWorker } from '../../../workers/use-lay-worker.ts';
import { useLaySearch } from './use-lay-search.ts';

beforeEach(() => clear());

const task: LayTask = {
  pieces: [samplePanel('front', 'fold', 10, 20), samplePanel('back', 'fold', 11, 22)],
  cloth: sampleCloth(),
  fold: 'half',
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
};
const planned = planForWork(task, 5);
const longer: Lay = { ...planned, length: planned.length + 100 };

interface Search {
  readonly task: LayTask;
  readonly tell: (progress: { readonly work: number; readonly lay: Lay | undefined }) => void;
  readonly end: () => void;
  readonly fail: (error: Error) => void;
}

/** A worker whose searches tell and end as the test says. */
function workers() {
  const searches: Search[] = [];
  let stops = 0;
  const api = {
    search: (asked: LayTask, _milliseconds: number, tell: Search['tell']) =>
      new Promise<void>((end, fail) => searches.push({ task: asked, tell, end, fail })),
  };
  const ask = (question: (worker: typeof api) => Promise<unknown>) => question(api);
  const layWorker = {
    api: () => ({ ask }),
    all: () => [{ ask }],
    stop: () => void stops++,
  } as unknown as LayWorker;
  return { layWorker, searches, stops: () => stops };
}

function searching({ layWorker }: ReturnType<typeof workers>, inputs = 'these pieces') {
  return renderHook(
    (page) =>
      useLaySearch({
        layWorker,
        key: 'a cloth',
        seed: 7,
        taskFor: (fold, seed) => ({ ...task, fold, seed }),
        inputs: page.inputs,
        first: ['half'],
        firstMilliseconds: 100,
      }),
    { initialProps: { inputs } },
  );
}

const lengthOf = (page: ReturnType<typeof searching>): number | undefined =>
  page.result.current.plans.find(({ fold }) => fold === 'half')?.lay?.length;

test('it begins by itself, shows what is better and never what is worse', async () => {
  const own = workers();
  const page = searching(own);
  await waitFor(() => expect(own.searches).toHaveLength(1));
  await waitFor(() => expect(page.result.current.running).toBe('half'));
  const [search] = own.searches;
  act(() => search?.tell({ work: 3, lay: planned }));
  act(() => search?.tell({ work: 4, lay: longer }));
  expect(lengthOf(page)).toBe(planned.length);
  await acted(() => search?.end());
  expect(page.result.current.running).toBeUndefined();
});

test('loaded again, the plan that was found is there and is not searched for', async () => {
  const first = workers();
  const page = searching(first);
  await waitFor(() => expect(first.searches).toHaveLength(1));
  act(() => first.searches[0]?.tell({ work: 3, lay: planned }));
  page.unmount();
  const second = workers();
  const again = searching(second);
  await waitFor(() => expect(lengthOf(again)).toBe(planned.length));
  expect(second.searches).toHaveLength(0);
});

test('for other pieces what was found counts no more, and what is still told of them is not heard', async () => {
  const own = workers();
  const page = searching(own);
  await waitFor(() => expect(own.searches).toHaveLength(1));
  page.rerender({ inputs: 'other pieces' });
  act(() => own.searches[0]?.tell({ work: 9, lay: planned }));
  expect([lengthOf(page), own.stops() > 0]).toEqual([undefined, true]);
  await waitFor(() => expect(own.searches).toHaveLength(2));
});

test('asked again it looks from another seed, and says what that gained', async () => {
  const own = workers();
  const page = searching(own);
  await waitFor(() => expect(own.searches).toHaveLength(1));
  act(() => own.searches[0]?.tell({ work: 3, lay: longer }));
  await acted(() => own.searches[0]?.end());
  act(() => page.result.current.run(['half'], 100));
  act(() => own.searches[1]?.tell({ work: 5, lay: planned }));
  await acted(() => own.searches[1]?.end());
  expect(own.searches[0]?.task.seed).not.toBe(own.searches[1]?.task.seed);
  await waitFor(() => expect(page.result.current.gained).toBeCloseTo(100));
});

test('a search that fails says why, and can be asked for again', async () => {
  const own = workers();
  const page = searching(own);
  await waitFor(() => expect(own.searches).toHaveLength(1));
  await acted(() => own.searches[0]?.fail(new Error('A part of the application did not load.')));
  expect([page.result.current.failure, page.result.current.running]).toEqual([
    'A part of the application did not load.',
    undefined,
  ]);
  act(() => page.result.current.run(['half'], 100));
  expect(page.result.current.failure).toBeUndefined();
});

test('stopped, nothing of it is shown any more', async () => {
  const own = workers();
  const page = searching(own);
  await waitFor(() => expect(own.searches).toHaveLength(1));
  act(() => page.result.current.stop());
  act(() => own.searches[0]?.tell({ work: 3, lay: planned }));
  expect([lengthOf(page), page.result.current.running, own.stops() > 0]).toEqual([
    undefined,
    undefined,
    true,
  ]);
});
