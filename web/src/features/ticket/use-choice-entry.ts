import { readChoice } from '@ample-bolt/core/formats/order/read-choices';
import type { EnteredChoices, Ticket } from '@ample-bolt/core/shop/ticket';
import type { Style } from '@ample-bolt/core/styles/style';
import { isAsked } from '@ample-bolt/core/garment/choice';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useState } from 'react';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import { withUnit } from '@ample-bolt/core/units/with-unit';
import { useKeptLengths } from '../../ui/use-kept-lengths.ts';

export interface ChoiceEntry {
  /** What stands for a choice: a length as typed, or the id of an option. */
  readonly textOf: (id: string) => string;
  readonly type: (id: string, text: string) => void;
  /** Types a length that was dragged, or that a remedy asks for; mm. */
  readonly move: (id: string, mm: number) => void;
  /** Whether it was typed or dragged and is not agreed. */
  readonly isTyped: (id: string) => boolean;
  readonly faultOf: (id: string) => string | undefined;
  /** Stored choices with readable typed ones laid over them: what the preview is drafted from. */
  readonly preview: EnteredChoices;
  /** Lengths that are chosen or on trial, mm: known before the draft that follows from them. */
  readonly lengths: { readonly [id: string]: number };
  readonly agree: () => Promise<boolean>;
  /** Gives up what was typed or dragged and not agreed. */
  readonly leave: () => void;
  readonly failure: string | undefined;
  readonly changed: boolean;
}

/** Making a style's choices: kept through a reload, previewed at once, stored when agreed. */
export function useChoiceEntry(
  { id: ticketId, unit, choices }: Ticket,
  style: Style,
  actions: TicketActions,
): ChoiceEntry {
  const { typed: kept, type, forget } = useKeptLengths(`choices-${ticketId}-${style.id}`, unit);
  const [failure, setFailure] = useState<string>();
  const stored = choices ?? {};
  const read = (id: string) => {
    const choice = style.choices[id];
    const text = kept[id];
    return choice && text !== undefined && text.trim() !== ''
      ? readChoice(choice, text, unit, `choices.${id}`)
      : undefined;
  };
  const preview: Record<string, EnteredChoices[string]> = { ...stored };
  for (const [id, text] of Object.entries(kept)) {
    const value = read(id);
    if (value?.ok)
      preview[id] =
        typeof value.value === 'string'
          ? { option: value.value, typed: text }
          : { mm: value.value, typed: text };
    else if (text.trim() === '') delete preview[id];
  }
  const faultOf = (id: string) => {
    const value = read(id);
    return value && !value.ok ? value.fault.message : undefined;
  };
  const format = (mm: number): string => formatNumber(mm, unit, { denominator: 16, decimals: 2 });
  /** Options as they stand, for what is only asked with one of them. */
  const chosen = Object.fromEntries(
    Object.entries(style.choices).flatMap(([id, choice]) => {
      const entered = preview[id];
      if (choice.kind !== 'option') return [];
      return [[id, entered && 'option' in entered ? entered.option : choice.usual] as const];
    }),
  );
  /** What is not asked any more is in nobody's sight: a fault there must not hold the rest. */
  const isHeld = (id: string): boolean => {
    const choice = style.choices[id];
    return choice !== undefined && isAsked(choice, chosen) && faultOf(id) !== undefined;
  };
  const storedText = (id: string): string => {
    const choice = stored[id];
    if (!choice) return '';
    return 'option' in choice ? choice.option : format(choice.mm);
  };
  return {
    textOf: (id) => kept[id] ?? storedText(id),
    type,
    move: (id, mm) => type(id, format(mm)),
    isTyped: (id) => kept[id] !== undefined,
    faultOf,
    preview,
    lengths: Object.fromEntries(
      Object.entries(preview).flatMap(([id, entered]) =>
        'mm' in entered ? [[id, entered.mm] as const] : [],
      ),
    ),
    agree: async () => {
      if (Object.keys(kept).some(isHeld)) return false;
      const typed = Object.entries(kept)
        .filter(([id]) => faultOf(id) === undefined)
        .map(
          ([id, text]) => [id, style.choices[id]?.kind === 'length' ? withUnit(text, unit) : text] as const,
        );
      try {
        await actions.put('choices', { choices: Object.fromEntries(typed) });
        forget(kept);
        setFailure(undefined);
        return true;
      } catch (error) {
        setFailure(error instanceof Error ? error.message : 'Not stored yet.');
        return false;
      }
    },
    leave: () => forget(kept),
    failure,
    changed: Object.keys(kept).length > 0,
  };
}
