import type { Remedy } from '@ample-bolt/core/findings/remedy';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { handOn } from '@ample-bolt/core/pieces/hand-figure';
import type { CheckedSeam } from '@ample-bolt/core/pieces/check-seams';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { asPreview, useDrafted } from '../../workers/use-drafted.ts';

export type Truing = Extract<Remedy, { kind: 'set-figure' }>;

export interface Trued {
  readonly truing: Truing;
  /** Undefined until it is drafted. */
  readonly draft: Draft | undefined;
}

/** The correction that would true a seam, drafted to be looked at; undefined for a seam that is true or that none trues. */
export function useTrued(ticket: Ticket, draft: Draft, seam: CheckedSeam | undefined): Trued | undefined {
  const found = draft.findings.find(
    ({ code, where }) => code === 'seam-differs' && where.subject === seam?.id,
  )?.orElse;
  const truing = found?.kind === 'set-figure' ? found : undefined;
  const { drafted } = useDrafted(
    truing &&
      asPreview(ticket, {
        figures: { ...ticket.figures, [truing.figure]: handOn(ticket.rules, truing.mm, '') },
      }),
  );
  return truing && { truing, draft: drafted?.draft };
}
