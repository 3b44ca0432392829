import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { DraftedTicket, DraftingApi, TicketToDraft } from './drafting.worker.ts';

/** One worker for the whole application: drafts are short, and it keeps its code warm. */
const worker: Remote<DraftingApi> = wrap<DraftingApi>(
  new Worker(new URL('./drafting.worker.ts', import.meta.url), { type: 'module' }),
);

export interface Drafting {
  /** The newest finished draft; undefined while a required measure is missing or before the first is done. */
  readonly drafted: DraftedTicket | undefined;
  readonly error: Error | undefined;
  readonly pending: boolean;
}

/** What a draft depends on; chalking a mark does not draft anew. */
const inputsOf = ({ measures, choices, rules, cloths, lay, styleId, client }: Ticket): string =>
  JSON.stringify({ measures, choices, rules, cloths, lay, styleId, client } satisfies TicketToDraft);

/** Drafts a ticket off the main thread whenever its inputs change; an answer that comes too late is dropped. */
export function useDrafted(ticket: Ticket): Drafting {
  const inputs = inputsOf(ticket);
  const [result, setResult] = useState<{
    inputs: string;
    drafted: DraftedTicket | undefined;
    error: Error | undefined;
  }>();
  useEffect(() => {
    let live = true;
    worker
      .draftTicket(inputs)
      .then((drafted) => live && setResult({ inputs, drafted, error: undefined }))
      .catch(
        (error: unknown) =>
          live &&
          setResult({
            inputs,
            drafted: undefined,
            error: error instanceof Error ? error : new Error('The draft failed.'),
          }),
      );
    return () => {
      live = false;
    };
  }, [inputs]);
  return { drafted: result?.drafted, error: result?.error, pending: result?.inputs !== inputs };
}
