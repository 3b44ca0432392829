import {
  garmentMeasureIds,
  PLEATS_MOST,
  readGarmentMeasure,
  type GarmentMeasureId,
  type GarmentValues,
} from '@ample-bolt/core/measures/sample-garment';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useState } from 'react';
import { useKeptLengths } from '../../../ui/use-kept-lengths.ts';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { typedOf } from '../use-measure-entry.ts';

export interface GarmentEntry {
  readonly textOf: (id: GarmentMeasureId) => string;
  readonly type: (id: GarmentMeasureId, text: string) => void;
  readonly faultOf: (id: GarmentMeasureId) => string | undefined;
  /** Stored values with readable typed ones laid over them, mm. */
  readonly values: GarmentValues;
  readonly pleats: number;
  readonly setPleats: (count: number) => void;
  readonly save: () => void;
  readonly failure: string | undefined;
  readonly unsaved: boolean;
}

/** Typing of a garment's measures; kept here until they are stored, as those of the body are. */
export function useGarmentEntry(): GarmentEntry {
  const { ticket, actions } = useTicketContext();
  const { unit, measures } = ticket;
  const { values: stored } = measures.garment;
  /** Counted here and on its way to be stored: a second press counts on from it. */
  const [counted, setCounted] = useState<number>();
  const pleats = counted ?? measures.garment.pleats;
  const { typed, type, forget } = useKeptLengths(`garment-${ticket.id}`, unit);
  const [failure, setFailure] = useState<string>();
  const read = (id: GarmentMeasureId) =>
    typed[id] === undefined || typed[id].trim() === '' ? undefined : readGarmentMeasure(id, typed[id], unit);
  const typedIds = garmentMeasureIds.filter((id) => typed[id] !== undefined);
  const send = (count: number) => {
    const ready = typedIds.filter((id) => typed[id]?.trim() === '' || read(id)?.ok);
    const written = Object.fromEntries(ready.map((id) => [id, typed[id] ?? '']));
    const { from, startLine, observations } = measures;
    actions
      .put('measures', {
        from,
        startLine,
        observations,
        values: typedOf(measures),
        garment: { values: { ...typedOf({ values: stored }), ...written }, pleats: count },
      })
      .then(() => {
        forget(written);
        setCounted((held) => (held === count ? undefined : held));
        setFailure(undefined);
      })
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : 'Not stored yet.'));
  };
  const values = Object.fromEntries(
    garmentMeasureIds.flatMap((id) => {
      const own = read(id);
      const mm = own?.ok ? own.value : stored[id]?.mm;
      return mm === undefined ? [] : [[id, mm]];
    }),
  ) as GarmentValues;
  return {
    textOf: (id) =>
      typed[id] ?? (stored[id] ? formatNumber(stored[id].mm, unit, { denominator: 16, decimals: 2 }) : ''),
    type,
    faultOf: (id) => {
      const mm = read(id);
      return mm && !mm.ok ? mm.fault.message : undefined;
    },
    values,
    pleats,
    setPleats: (count) => {
      const possible = Math.max(0, Math.min(PLEATS_MOST, count));
      setCounted(possible);
      send(possible);
    },
    save: () => {
      if (typedIds.length > 0) send(pleats);
    },
    failure,
    unsaved: typedIds.length > 0,
  };
}
