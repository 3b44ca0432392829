import pg from 'pg';

const CHANNEL = 'lay_runs';
/** Before a lost connection is made anew, ms. */
const AGAIN = 1000;

/** Tells, across processes and machines, that something about a ticket's long searches changed. */
export interface Bell {
  ring(ticketId: string): Promise<void>;
  /** Calls `hear` for every ring about a ticket, and once after a connection was lost, until the returned function is called. */
  listen(ticketId: string, hear: () => void): () => void;
  close(): Promise<void>;
}

/** A bell over the database's own notifications; it connects when it is first used. */
export function bell(databaseUrl: string, onError: (error: Error) => void): Bell {
  const listeners = new Map<string, Set<() => void>>();
  let connecting: Promise<pg.Client> | undefined;
  let closed = false;

  const connect = async (onLost: (error: Error) => void): Promise<pg.Client> => {
    const client = new pg.Client({ connectionString: databaseUrl });
    client.on('error', onLost);
    client.on('notification', ({ payload = '' }) => listeners.get(payload)?.forEach((hear) => hear()));
    await client.connect();
    await client.query(`LISTEN ${CHANNEL}`);
    return client;
  };
  const connection = (): Promise<pg.Client> => {
    if (connecting) return connecting;
    const lost = (error: Error) => {
      // One connection is lost once, whatever it reports after that.
      if (connecting !== made) return;
      connecting = undefined;
      if (closed) return;
      onError(error);
      setTimeout(again, AGAIN).unref();
    };
    const made = connect(lost);
    made.catch((error: unknown) => lost(error instanceof Error ? error : new Error(String(error))));
    connecting = made;
    return made;
  };
  const again = () => {
    if (closed || listeners.size === 0) return;
    connection().then(
      () => listeners.forEach((hearers) => hearers.forEach((hear) => hear())),
      // Lost before it was made: that tries again by itself.
      () => undefined,
    );
  };

  return {
    async ring(ticketId) {
      await (await connection()).query('SELECT pg_notify($1, $2)', [CHANNEL, ticketId]);
    },
    listen(ticketId, hear) {
      const hearers = listeners.get(ticketId) ?? new Set();
      hearers.add(hear);
      listeners.set(ticketId, hearers);
      connection().catch(() => undefined);
      return () => {
        hearers.delete(hear);
        if (hearers.size === 0) listeners.delete(ticketId);
      };
    },
    async close() {
      closed = true;
      const client = await connecting?.catch(() => undefined);
      await client?.end();
    },
  };
}
