import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { DraftableOrder } from '@ample-bolt/core/shop/draft-order';
import { Piscina } from 'piscina';
import * as work from './drafting-work.ts';

type Work = typeof work;
type Kind = keyof Work;

let threads: Piscina | undefined;

/** From now on garments are drafted and drawn beside the thread that answers, which goes on answering; gives what ends it. */
export function draftInThreads(program: URL): () => Promise<void> {
  threads = new Piscina({ filename: program.href, minThreads: 1, maxThreads: 2, idleTimeout: 60_000 });
  return () => threads?.destroy() ?? Promise.resolve();
}

/** Without threads, as in tests, it is done here. */
const run = async <K extends Kind>(kind: K, asked: Parameters<Work[K]>[0]): Promise<ReturnType<Work[K]>> =>
  threads
    ? ((await threads.run(asked, { name: kind })) as ReturnType<Work[K]>)
    : (work[kind] as (task: typeof asked) => ReturnType<Work[K]>)(asked);

export const drafted = (order: DraftableOrder): Promise<Draft> => run('draft', order);

export const pictured = (asked: work.PictureAsked): Promise<string | undefined> => run('picture', asked);
