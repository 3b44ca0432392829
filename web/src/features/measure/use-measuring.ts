import type { Finding } from '@ample-bolt/core/checks/finding';
import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import { checkMeasures, findingsAbout } from '@ample-bolt/core/measures/plausibility';
import { checkAgainstLast } from '@ample-bolt/core/measures/last-set';
import { lastSetBefore, type ClientSet } from '@ample-bolt/core/shop/client-set';
import { valuesOf } from '@ample-bolt/core/shop/ticket';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { useClientSets } from '../../api/clients.ts';
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
  /** What the current measure was in the client's last set. */
  readonly last: LastValue | undefined;
  readonly field: RefObject<HTMLInputElement | null>;
  readonly choose: (id: MeasureId) => void;
  /** Stores what is readable and goes to the next measure, or on to the style; stays at a faulty one. */
  readonly forward: () => void;
  readonly skip: () => void;
}

export interface LastValue {
  readonly mm: number;
  /** The day that set was taken, yyyy-mm-dd. */
  readonly takenOn: string;
}

/** The client's set before this one, if there is one that started at the same place. */
function useLastSet(): ClientSet | undefined {
  const { ticket } = useTicketContext();
  const { data: sets = [] } = useClientSets(ticket.client.id);
  return lastSetBefore(
    sets.filter(({ from }) => from === ticket.measures.from),
    ticket,
  );
}

const daysBetween = (earlier: string, later: string | null): number =>
  differenceInCalendarDays(later === null ? new Date() : parseISO(later), parseISO(earlier));

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
  const lastSet = useLastSet();
  const before = lastSet && {
    values: valuesOf(lastSet.values),
    daysAgo: daysBetween(lastSet.takenOn, ticket.measures.takenOn),
  };
  const lastMm = before?.values[current];
  const skip = () => (next ? setCurrent(next.id) : goTo('style'));
  return {
    asked,
    entry,
    current,
    index,
    next,
    fault,
    findings: findingsAbout(
      [...checkAgainstLast(entry.values, before), ...checkMeasures(entry.values, ticket.client.kind)],
      current,
    ),
    last: lastSet && lastMm !== undefined ? { mm: lastMm, takenOn: lastSet.takenOn } : undefined,
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
