import type { Figure } from '@ample-bolt/core/drafting/draft';
import { formatNumber, type LengthFormat } from '@ample-bolt/core/units/format-length';
import { withUnit } from '@ample-bolt/core/units/with-unit';
import { parseLength } from '@ample-bolt/core/units/parse-length';
import { useState } from 'react';
import { useKept } from '../../ui/use-kept.ts';
import { wasLeftOut } from '../../writes/ticket-line.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';

export interface HandEntry {
  /** What stands in the two fields. */
  readonly value: string;
  readonly why: string;
  readonly type: (change: { readonly value?: string; readonly why?: string }) => void;
  /** A figure wanted by hand on the drawing, mm. */
  readonly move: (mm: number) => void;
  /** What is typed or dragged and not stored, mm: to be drawn on trial. */
  readonly trial: number | undefined;
  readonly changed: boolean;
  readonly fault: string | undefined;
  /** Stores what is typed, or takes the hand off the figure. */
  readonly set: () => Promise<void>;
  readonly takeBack: () => Promise<void>;
}

interface Typed {
  readonly value: string;
  readonly why: string;
}

const format: LengthFormat = { denominator: 16, decimals: 2 };

/** A figure being set by hand: what is typed or dragged survives a reload until it is stored or given up. */
export function useHandEntry(figure: Figure | undefined): HandEntry {
  const { ticket, actions } = useTicketContext();
  const { unit } = ticket;
  const [kept, keep] = useKept<Typed>(`figure-${ticket.id}-${figure?.id ?? ''}-${unit}`);
  const [fault, setFault] = useState<{ readonly id: string; readonly words: string }>();
  const shown = { value: figure ? formatNumber(figure.mm, unit, format) : '', why: figure?.why ?? '' };
  const typed = kept ?? shown;
  const type = (change: Partial<Typed>) => keep((held) => ({ ...shown, ...held, ...change }));
  const put = (entry: Typed | null) => {
    if (!figure) return Promise.resolve();
    const { id } = figure;
    return actions
      .put('figures', { figures: { [id]: entry && { ...entry, value: withUnit(entry.value, unit) } } })
      .then(() => {
        keep(() => undefined);
        setFault(undefined);
      })
      .catch((error: unknown) => {
        if (wasLeftOut(error)) keep(() => undefined);
        setFault({ id, words: error instanceof Error ? error.message : 'Not stored; try again.' });
      });
  };
  const parsed = parseLength(typed.value, unit);
  return {
    ...typed,
    type,
    move: (mm) => type({ value: formatNumber(mm, unit, format) }),
    trial: kept !== undefined && kept.value !== shown.value && parsed.ok ? parsed.mm : undefined,
    changed: kept !== undefined,
    fault: fault?.id === figure?.id ? fault?.words : undefined,
    set: () => put(typed),
    takeBack: () => put(null),
  };
}
