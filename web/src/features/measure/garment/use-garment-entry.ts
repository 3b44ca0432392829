import {
  PLEATS_MOST,
  readGarmentMeasure,
  type GarmentMeasureId,
} from '@ample-bolt/core/worked-out/sample-garment';
import { useState } from 'react';
import { useTypedValues, type TypedValues } from '../../../ui/use-typed-values.ts';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { typedOf } from '../use-measure-entry.ts';

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
  const [failure, setFailure] = useState<string>();
  /** Counted here and on its way to be stored: a second press counts on from it. */
  const [counted, setCounted] = useState<number>();
  const pleats = counted ?? measures.garment.pleats;
  const send = (count: number) => {
    const { from, startLine, observations } = measures;
    actions
      .put('measures', {
        from,
        startLine,
        observations,
        values: typedOf(measures),
        garment: { values: { ...typedOf({ values: stored }), ...ready }, pleats: count },
      })
      .then(() => {
        forget(ready);
        setCounted((held) => (held === count ? undefined : held));
        setFailure(undefined);
      })
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : 'Not stored yet.'));
  };
  return {
    ...typing,
    pleats,
    setPleats: (count) => {
      const possible = Math.max(0, Math.min(PLEATS_MOST, count));
      setCounted(possible);
      send(possible);
    },
    save: () => {
      if (typing.unsaved) send(pleats);
    },
    failure,
  };
}
