import {
  PLEATS_MOST,
  readGarmentMeasure,
  type GarmentMeasureId,
} from '@ample-bolt/core/worked-out/sample-garment';
import { useState } from 'react';
import { useTypedValues, type TypedValues } from '../../../ui/use-typed-values.ts';
import { useSending } from '../../../writes/use-sending.ts';
import { useTicketContext } from '../../ticket/ticket-context.ts';

export interface GarmentEntry extends Omit<TypedValues<GarmentMeasureId>, 'ready' | 'forget'> {
  readonly pleats: number;
  readonly setPleats: (count: number) => void;
  readonly save: () => void;
  readonly failure: string | undefined;
}

/** Typing of a garment's measures; kept here until they are stored, as those of the body are. */
export function useGarmentEntry(): GarmentEntry {
  const { ticket, actions } = useTicketContext();
  const { unit, measures } = ticket;
  const stored = measures.garment.values;
  const { ready, forget, ...typing } = useTypedValues(
    `garment-${ticket.id}`,
    unit,
    stored,
    readGarmentMeasure,
  );
  const { unsent, send, failure } = useSending(ready, unit, forget);
  /** Counted here and on its way to be stored: a second press counts on from it. */
  const [counted, setCounted] = useState<number>();
  const pleats = counted ?? measures.garment.pleats;
  return {
    ...typing,
    pleats,
    setPleats: (count) => {
      const possible = Math.max(0, Math.min(PLEATS_MOST, count));
      setCounted(possible);
      void send({}, () => actions.put('measures', { garment: { pleats: possible } })).then(() =>
        setCounted((held) => (held === possible ? undefined : held)),
      );
    },
    save: () => {
      if (Object.keys(unsent).length > 0)
        void send(unsent, (values) => actions.put('measures', { garment: { values } }));
    },
    failure,
  };
}
