import type { Finding } from '@ample-bolt/core/checks/finding';
import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import { checkMeasures, findingsAbout } from '@ample-bolt/core/measures/plausibility';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { measuresAsked, type AskedMeasure } from './measures-asked.ts';
import { useMeasureEntry, type MeasureEntry } from './use-measure-entry.ts';

export interface Measuring {
  readonly asked: readonly AskedMeasure[];
  readonly entry: MeasureEntry;
  readonly current: MeasureId;
  /** Place of the current measure among those asked, from 0. */
  readonly index: number;
  readonly next: AskedMeasure | undefined;
  readonly fault: string | undefined;
  readonly findings: readonly Finding[];
  readonly field: RefObject<HTMLInputElement | null>;
  readonly choose: (id: MeasureId) => void;
  /** Stores what is readable and goes to the next measure, or on to the style; stays at a faulty one. */
  readonly forward: () => void;
  readonly skip: () => void;
}

/** Where measuring stands: one measure at a time, in taking order. */
export function useMeasuring(): Measuring {
  const { ticket, actions, goTo } = useTicketContext();
  const asked = measuresAsked(ticket.styleId);
  const entry = useMeasureEntry(ticket, actions);
  // Found once: a measure stays in hand while it is typed, though it is no longer missing then.
  const [current, setCurrent] = useState<MeasureId>(
    () =>
      (asked.find(({ id, need }) => need === 'required' && entry.values[id] === undefined) ?? asked[0])?.id ??
      'bust',
  );
  const index = asked.findIndex(({ id }) => id === current);
  const next = asked[index + 1];
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.select(), [current]);
  const fault = entry.faultOf(current);
  const skip = () => (next ? setCurrent(next.id) : goTo('style'));
  return {
    asked,
    entry,
    current,
    index,
    next,
    fault,
    findings: findingsAbout(checkMeasures(entry.values, ticket.client.kind), current),
    field,
    choose: (id) => {
      void entry.save();
      setCurrent(id);
    },
    forward: () => {
      if (fault) {
        field.current?.select();
        return;
      }
      void entry.save();
      skip();
    },
    skip,
  };
}
