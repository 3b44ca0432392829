import type { NewLayRun } from '@ample-bolt/core/messages/lay-run-messages';
import type { LayRun, RunPlans } from '@ample-bolt/core/shop/lay-run';
import { useEffect } from 'react';
import useSWR from 'swr';
import { send } from './fetcher.ts';

const keyOf = (ticketId: string): string => `/api/tickets/${ticketId}/lay-runs`;

/** Long searches of a ticket; while one runs, its progress is pushed by the shop's computer. */
export function useLayRuns(ticketId: string) {
  const runs = useSWR<LayRun[], Error>(keyOf(ticketId));
  const { mutate } = runs;
  const running = runs.data?.some(({ state }) => state === 'running') ?? false;
  useEffect(() => {
    if (!running) return undefined;
    // A connection that breaks is made again by the browser itself.
    const events = new EventSource(`${keyOf(ticketId)}/events`);
    events.onmessage = ({ data }: MessageEvent<string>) =>
      void mutate(JSON.parse(data) as LayRun[], { revalidate: false });
    return () => events.close();
  }, [ticketId, running, mutate]);
  return runs;
}

/** The best plans of a search so far, fetched anew whenever it found better ones. */
export const useRunPlans = (ticketId: string, run: LayRun | undefined) =>
  useSWR<RunPlans, Error>(
    run && run.found > 0 ? `${keyOf(ticketId)}/${run.id}/plans?found=${run.found}` : null,
    { keepPreviousData: true, revalidateOnFocus: false },
  );

export const beginLayRun = (ticketId: string, run: NewLayRun) => send<LayRun>('POST', keyOf(ticketId), run);

export const stopLayRun = (ticketId: string, runId: string) =>
  send<LayRun>('DELETE', `${keyOf(ticketId)}/${runId}`);
