import PgBoss from 'pg-boss';

const QUEUE = 'lay-shares';
/** A share that no process took up for so long was lost with it; those at work are looked after by their own sign of life. */
const EXPIRES_IN_SECONDS = 3600;
/** Restarts interrupt shares; none is given up for that. */
const RETRIES = 1000;

/** Shares of long searches on their way to whichever process is free, on this machine or another. */
export interface LayQueue {
  /** Offers shares by their ids; one that is in the queue already is not offered twice. */
  offer(shares: readonly string[]): Promise<void>;
  /** Offers a share again that a process took and did not end. */
  giveBack(share: string): Promise<void>;
  /** Takes one share after the other. A share whose work throws is offered again. */
  take(work: (share: string) => Promise<void>): Promise<void>;
  /** Waits for the share in hand; used again, it connects again. */
  close(): Promise<void>;
}

/** The queue in a database; it connects when it is first used. */
export function layQueue(databaseUrl: string, onError: (error: Error) => void): LayQueue {
  let started: Promise<PgBoss> | undefined;
  const boss = (): Promise<PgBoss> => {
    started ??= (async () => {
      const made = new PgBoss({ connectionString: databaseUrl, schema: 'jobs', schedule: false, max: 3 });
      made.on('error', onError);
      await made.start();
      await made.createQueue(QUEUE);
      return made;
    })();
    // A start that failed is tried again by the next call.
    started.catch(() => (started = undefined));
    return started;
  };
  return {
    async offer(shares) {
      const queue = await boss();
      const options = { retryLimit: RETRIES, retryDelay: 0, expireInSeconds: EXPIRES_IN_SECONDS };
      for (const id of shares) await queue.send(QUEUE, {}, { ...options, id });
    },
    async giveBack(share) {
      await (await boss()).fail(QUEUE, share);
    },
    async take(work) {
      const queue = await boss();
      await queue.work(QUEUE, { batchSize: 1, pollingIntervalSeconds: 0.5 }, async ([job]) => {
        if (job) await work(job.id);
      });
    },
    async close() {
      const running = await started;
      started = undefined;
      await running?.stop({ graceful: true, wait: true, timeout: 5000 });
    },
  };
}
