import { wrap, type Remote } from 'comlink';

export interface Started<Api> {
  readonly worker: Worker;
  readonly api: Remote<Api>;
  /** What is asked of it; fails when the worker's program cannot be loaded, instead of never answering. */
  readonly ask: <T>(question: (api: Remote<Api>) => Promise<T>) => Promise<T>;
}

const NOT_LOADED =
  'A part of the application did not load. Load the page again; nothing that you typed is lost.';

/** A worker with its calls; one that cannot be started says so. */
export function started<Api>(worker: Worker): Started<Api> {
  const api = wrap<Api>(worker);
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener('error', () => reject(new Error(NOT_LOADED)), { once: true });
  });
  // Whoever asks is told; where nobody does, nobody has to be.
  failed.catch(() => undefined);
  return { worker, api, ask: (question) => Promise.race([question(api), failed]) };
}
