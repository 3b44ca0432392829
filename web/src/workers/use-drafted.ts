import type { Draft, WornPart } from '@ample-bolt/core/drafting/draft';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import useSWRImmutable from 'swr/immutable';
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
const inputsOf = (ticket: TicketToDraft): string => {
  const { measures, choices, rules, figures, cloths, lays, signedOff, styleId, client } = ticket;
  return JSON.stringify({
    measures,
    choices,
    rules,
    figures,
    cloths,
    lays,
    signedOff,
    styleId,
    client,
  } satisfies TicketToDraft);
};

interface Result {
  readonly inputs: string;
  readonly frozen: Draft | undefined;
  readonly drafted: DraftedTicket | undefined;
  readonly error: Error | undefined;
}

const failed = (error: unknown): Error => (error instanceof Error ? error : new Error('The draft failed.'));

/**
 * Drafts a ticket off the main thread whenever its inputs change; an answer that comes too late is dropped. With frozen
 * pieces it works with those instead; without a ticket it does nothing.
 */
export function useDrafted(ticket: TicketToDraft | undefined, frozen?: Draft): Drafting {
  const inputs = ticket && inputsOf(ticket);
  const [result, setResult] = useState<Result>();
  useEffect(() => {
    if (inputs === undefined) return;
    let live = true;
    const show = (drafted: DraftedTicket | undefined, error?: Error) =>
      live && setResult({ inputs, frozen, drafted, error });
    worker
      .draftTicket(inputs, frozen)
      .then((drafted) => show(drafted))
      .catch((error: unknown) => show(undefined, failed(error)));
    return () => {
      live = false;
    };
  }, [inputs, frozen]);
  return {
    drafted: inputs === undefined ? undefined : result?.drafted,
    error: inputs === undefined ? undefined : result?.error,
    pending: result?.inputs !== inputs || result?.frozen !== frozen,
  };
}

/** How a style of the book hangs, drafted once on an ordinary figure; undefined until it is. */
export const useStyleDrawn = (styleId: string): readonly WornPart[] | undefined =>
  useSWRImmutable(['style-drawn', styleId], () => worker.drawStyle(styleId)).data;

/** The ticket as another inputs would draft it, without its lays: for previews and comparisons. */
export const asPreview = (ticket: Ticket, change: Partial<TicketToDraft>): TicketToDraft => ({
  ...ticket,
  lays: {},
  ...change,
});
