import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import type { MeasureValues } from '@ample-bolt/core/measures/measure-set';
import { readMeasure } from '@ample-bolt/core/measures/read-measure';
import { valuesOf, type MeasureSet, type Ticket } from '@ample-bolt/core/shop/ticket';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useState } from 'react';
import type { MeasuresChange, TicketActions } from '../../api/tickets.ts';
import { useKeptLengths } from '../../ui/use-kept-lengths.ts';

/** How and when a set was taken, as far as it changes. */
export type ConditionChange = Partial<Omit<MeasuresChange, 'values' | 'garment'>>;

/** Lengths as they are typed, by measure. */
export type TypedMeasures = { readonly [id in MeasureId]?: string };

export interface MeasureEntry {
  /** What stands in the field of a measure: typed and not stored, or the stored value in the ticket's unit. */
  readonly textOf: (id: MeasureId) => string;
  readonly type: (id: MeasureId, text: string) => void;
  /** Stored values with readable typed ones laid over them, mm: what the checks look at. */
  readonly values: MeasureValues;
  /** What is wrong with the text of a measure, in words. */
  readonly faultOf: (id: MeasureId) => string | undefined;
  /** Sends everything readable; resolves when stored, or leaves it kept here with the failure shown. */
  readonly save: () => Promise<void>;
  /** Sends a change of conditions, with lengths that go with it. */
  readonly saveConditions: (conditions: ConditionChange, lengths?: TypedMeasures) => Promise<void>;
  readonly failure: string | undefined;
  readonly unsaved: boolean;
}

export const typedOf = ({ values }: Pick<MeasureSet, 'values'>): Record<string, string> =>
  Object.fromEntries(Object.entries(values).map(([id, entered]) => [id, entered.typed]));

/** Typing of measures: each keystroke survives a reload, each readable value is sent, none is lost when sending fails. */
export function useMeasureEntry(
  { id: ticketId, unit, measures }: Ticket,
  actions: TicketActions,
): MeasureEntry {
  const { typed: kept, type, forget } = useKeptLengths(`measures-${ticketId}`, unit);
  const [failure, setFailure] = useState<string>();
  const read = (id: MeasureId) =>
    kept[id] === undefined || kept[id].trim() === '' ? undefined : readMeasure(id, kept[id], unit);
  const typedIds = Object.keys(kept) as MeasureId[];

  const values: MeasureValues = { ...valuesOf(measures.values) };
  const overlay = Object.fromEntries(typedIds.flatMap((id) => { const mm = read(id); return mm?.ok ? [[id, mm.value]] : []; })); // prettier-ignore

  const send = async (conditions: ConditionChange, lengths: TypedMeasures = {}) => {
    const { from, startLine, observations } = measures;
    const ready = typedIds.filter((id) => kept[id]?.trim() === '' || read(id)?.ok);
    const typed = typedOf(measures);
    for (const id of ready) typed[id] = kept[id] ?? '';
    try {
      await actions.put('measures', {
        from,
        startLine,
        observations,
        ...conditions,
        values: { ...typed, ...lengths },
      });
      forget(Object.fromEntries(ready.map((id) => [id, kept[id] ?? ''])));
      setFailure(undefined);
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'Not stored yet.');
    }
  };

  return {
    textOf: (id) =>
      kept[id] ??
      (measures.values[id]
        ? formatNumber(measures.values[id].mm, unit, { denominator: 16, decimals: 2 })
        : ''),
    type,
    values: { ...values, ...overlay },
    faultOf: (id) => {
      const mm = read(id);
      return mm && !mm.ok ? mm.fault.message : undefined;
    },
    save: () => (typedIds.length > 0 ? send({}) : Promise.resolve()),
    saveConditions: send,
    failure,
    unsaved: typedIds.length > 0,
  };
}
