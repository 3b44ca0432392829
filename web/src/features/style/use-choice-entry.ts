import { readLength } from '@ample-bolt/core/formats/read-length';
import type { EnteredById, Ticket } from '@ample-bolt/core/shop/ticket';
import type { Style } from '@ample-bolt/core/styles/style';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useState } from 'react';
import type { TicketActions } from '../../api/tickets.ts';
import { useKeptLengths } from '../../ui/use-kept-lengths.ts';

export interface ChoiceEntry {
  readonly textOf: (id: string) => string;
  readonly type: (id: string, text: string) => void;
  readonly faultOf: (id: string) => string | undefined;
  /** Stored choices with readable typed ones laid over them: what the preview is drafted from. */
  readonly preview: EnteredById;
  readonly agree: () => Promise<boolean>;
  readonly failure: string | undefined;
  readonly changed: boolean;
}

/** Typing of a style's choices: kept through a reload, previewed at once, stored when agreed. */
export function useChoiceEntry(
  { id: ticketId, unit, choices }: Ticket,
  style: Style,
  actions: TicketActions,
): ChoiceEntry {
  const { typed: kept, type, forget } = useKeptLengths(`choices-${ticketId}`, unit);
  const [failure, setFailure] = useState<string>();
  const stored = choices ?? {};
  const read = (id: string) => {
    const choice = style.choices[id];
    const text = kept[id];
    return choice && text !== undefined && text.trim() !== ''
      ? readLength(text, unit, `choices.${id}`, choice.label, choice)
      : undefined;
  };
  const preview: Record<string, EnteredById[string]> = { ...stored };
  for (const [id, text] of Object.entries(kept)) {
    const mm = read(id);
    if (mm?.ok) preview[id] = { mm: mm.value, typed: text };
    else if (text.trim() === '') delete preview[id];
  }
  const faultOf = (id: string) => {
    const mm = read(id);
    return mm && !mm.ok ? mm.fault.message : undefined;
  };
  return {
    textOf: (id) =>
      kept[id] ?? (stored[id] ? formatNumber(stored[id].mm, unit, { denominator: 16, decimals: 2 }) : ''),
    type,
    faultOf,
    preview,
    agree: async () => {
      if (Object.keys(kept).some(faultOf)) return false;
      const typed = Object.fromEntries([
        ...Object.entries(stored).map(([id, entered]) => [id, entered.typed] as const),
        ...Object.entries(kept),
      ]);
      try {
        await actions.put('choices', { choices: typed });
        forget(kept);
        setFailure(undefined);
        return true;
      } catch (error) {
        setFailure(error instanceof Error ? error.message : 'Not stored yet.');
        return false;
      }
    },
    failure,
    changed: Object.keys(kept).length > 0,
  };
}
