import type { LayWay } from '@ample-bolt/core/lay/model/lay';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { FitTicket, FitTry } from '@ample-bolt/core/shop/make-it-fit';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import { started } from '../../../workers/started.ts';
import type { FitApi } from '../../../workers/fit.worker.ts';

/** Steps of search for each try that does not fit: a few seconds of looking, as the page's own first search. */
const WORK = 1500;

export interface FitTries {
  readonly tries: readonly FitTry[];
  readonly trying: boolean;
}

/** What would make the garment fit, tried one after the other in a worker; nothing is tried while `fold` is undefined. */
export function useMakeItFit(ticket: Ticket, role: ClothRole, fold: LayWay | undefined): FitTries {
  const { client, styleId, measures, choices, rules, figures, cloths, unit, signedOff } = ticket;
  const inputs: FitTicket = { client, styleId, measures, choices, rules, figures, cloths, unit, signedOff };
  const asked = fold && JSON.stringify(inputs);
  const [found, setFound] = useState<FitTries & { readonly key: string }>();
  const key = `${role} ${fold} ${asked}`;
  useEffect(() => {
    if (fold === undefined || asked === undefined) return undefined;
    const { worker, ask } = started<FitApi>(
      new Worker(new URL('../../../workers/fit.worker.ts', import.meta.url), { type: 'module' }),
    );
    const tell = (one: FitTry | undefined) =>
      setFound((before) => {
        const tries = before?.key === key ? before.tries : [];
        return { key, tries: one ? [...tries, one] : tries, trying: one !== undefined };
      });
    void ask((api) => api.tryAll(asked, role, fold, WORK, proxy(tell)))
      .catch(() => undefined)
      .finally(() => tell(undefined));
    return () => worker.terminate();
  }, [asked, role, fold, key]);
  return found?.key === key ? found : { tries: [], trying: fold !== undefined };
}
