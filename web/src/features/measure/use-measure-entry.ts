import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import { readMeasure } from '@ample-bolt/core/measures/read-measure';
import type { MeasureSet, Ticket } from '@ample-bolt/core/shop/ticket';
import { useTypedValues, type TypedValues } from '../../ui/use-typed-values.ts';
import { useSending } from '../../writes/use-sending.ts';
import type { MeasuresChange } from '../../writes/ticket-changes.ts';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';

/** How and when a set was taken, as far as it changes. */
export type ConditionChange = Partial<Omit<MeasuresChange, 'values' | 'garment'>>;

/** Lengths as they are typed, by measure. */
export type TypedMeasures = { readonly [id in MeasureId]?: string };

export interface MeasureEntry extends Omit<TypedValues<MeasureId>, 'ready' | 'forget'> {
  /** Sends everything readable; says whether it was stored, or leaves it kept here with the failure shown. */
  readonly save: () => Promise<boolean>;
  /** Sends a change of conditions, with lengths that go with it; says whether it was stored. */
  readonly saveConditions: (conditions: ConditionChange, lengths?: TypedMeasures) => Promise<boolean>;
  readonly failure: string | undefined;
}

export const typedOf = ({ values }: Pick<MeasureSet, 'values'>): Record<string, string> =>
  Object.fromEntries(Object.entries(values).map(([id, entered]) => [id, entered.typed]));

/** Typing of measures: each keystroke survives a reload, each readable value is sent, none is lost when sending fails. */
export function useMeasureEntry(
  { id: ticketId, unit, measures }: Ticket,
  actions: TicketActions,
): MeasureEntry {
  const { ready, forget, ...typing } = useTypedValues(
    `measures-${ticketId}`,
    unit,
    measures.values,
    readMeasure,
  );
  const { unsent, send, failure } = useSending(ready, unit, forget);
  const store = (conditions: ConditionChange, lengths: TypedMeasures = {}) => {
    const values = { ...unsent, ...lengths };
    return send(values, (withUnits) => actions.put('measures', { ...conditions, values: withUnits }));
  };
  return {
    ...typing,
    save: () => (Object.keys(unsent).length > 0 ? store({}) : Promise.resolve(!typing.unsaved)),
    saveConditions: store,
    failure,
  };
}
