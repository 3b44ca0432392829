import type { ChoiceValues } from '@ample-bolt/core/garment/choice';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { Sketch } from '@ample-bolt/core/sketch/sketch';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useEffect, useRef, useState } from 'react';
import useSWRImmutable from 'swr/immutable';
import { started, type Started } from './started.ts';
import { latestOnly, type LatestOnly } from './latest-only.ts';
import { useSettled } from '../ui/use-settled.ts';
import type { DraftedTicket, DraftingApi, TicketToDraft } from './drafting.worker.ts';

const newWorker = (): Started<DraftingApi> =>
  started<DraftingApi>(new Worker(new URL('./drafting.worker.ts', import.meta.url), { type: 'module' }));

/** One worker for every draft of the application: drafts are short, and it keeps its code warm. */
const worker = newWorker();

let picturing: Started<DraftingApi> | undefined;
/** Another for pictures of what is not chosen, so that the garment in hand never waits for them; started with the first. */
const pictures = (): Started<DraftingApi> => (picturing ??= newWorker());

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
  const queue = useRef<LatestOnly>(undefined);
  useEffect(() => {
    if (inputs === undefined) return;
    let live = true;
    const show = (drafted: DraftedTicket | undefined, error?: Error) => {
      if (live) setResult({ inputs, frozen, drafted, error });
    };
    queue.current ??= latestOnly();
    const withdraw = queue.current.ask(() =>
      worker
        .ask((api) => api.draftTicket(inputs, frozen))
        .then((drafted) => show(drafted))
        .catch((error: unknown) => show(undefined, failed(error))),
    );
    return () => {
      live = false;
      withdraw();
    };
  }, [inputs, frozen]);
  return {
    drafted: inputs === undefined ? undefined : result?.drafted,
    error: inputs === undefined ? undefined : result?.error,
    pending: result?.inputs !== inputs || result?.frozen !== frozen,
  };
}

/** A style of the book made up on an ordinary figure, with what a house chooses with it, drafted once; undefined until it is. */
export const useStyleDrawn = (styleId: string, choices?: ChoiceValues): Sketch | undefined =>
  useSWRImmutable(['style-drawn', styleId, JSON.stringify(choices ?? {})], () =>
    pictures().ask((api) => api.drawStyle(styleId, choices)),
  ).data;

/** Pictures of what is not chosen follow once the hand rests so long, ms. */
const SETTLED = 250;

/** A ticket's garment made up with one choice made otherwise; undefined until it is drawn, or while a measure is missing. */
export const useOptionDrawn = (ticket: TicketToDraft, choice: string, option: string): Sketch | undefined => {
  const inputs = useSettled(inputsOf({ ...ticket, lays: {} }), SETTLED);
  return useSWRImmutable(
    ['option-drawn', inputs, choice, option],
    () => pictures().ask((api) => api.drawOption(inputs, choice, option)),
    {
      keepPreviousData: true,
    },
  ).data;
};

/** The ticket as another inputs would draft it, without its lays: for previews and comparisons. */
export const asPreview = (ticket: Ticket, change: Partial<TicketToDraft>): TicketToDraft => ({
  ...ticket,
  lays: {},
  ...change,
});
