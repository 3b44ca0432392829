import type { Finding } from '@ample-bolt/core/findings/finding';
import { measureIds, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { checkAgainstLast } from '@ample-bolt/core/checks/last-set';
import { checkMeasures, findingsAbout, oneSlipEach } from '@ample-bolt/core/checks/plausibility';
import type { SequenceId } from '@ample-bolt/core/measures/sequences';
import { startsAtShoulder } from '@ample-bolt/core/measures/steps';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { measuresUsed, valuesOf } from '@ample-bolt/core/shop/ticket';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { useSearchParams } from 'react-router';
import { useKept } from '../../ui/use-kept.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { measuresAsked, type AskedMeasure } from './measures-asked.ts';
import { daysBetween, useLastSet } from './use-last-set.ts';
import { useMeasureEntry, type MeasureEntry } from './use-measure-entry.ts';

export interface Measuring {
  readonly sequence: SequenceId;
  readonly changeSequence: (sequence: SequenceId) => void;
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
  /** The measure in hand is needed and empty, and Enter was pressed: it is held until it is taken, or skipped on purpose. */
  readonly held: boolean;
  /** How many needed measures are not taken yet. */
  readonly missing: number;
}

export interface LastValue {
  readonly mm: number;
  /** The day that set was taken, yyyy-mm-dd. */
  readonly takenOn: string;
}

/** What is odd about the measure in hand, by itself, with the others, and beside the last set. */
function useFindings(entry: MeasureEntry, current: MeasureId) {
  const { ticket } = useTicketContext();
  const lastSet = useLastSet();
  const rules = ruleSet(ticket.rules);
  // A length that started elsewhere is no measure to compare with.
  const comparable = (id: MeasureId) => lastSet?.from === ticket.measures.from || !startsAtShoulder(id);
  const before = lastSet && {
    values: Object.fromEntries(
      Object.entries(valuesOf(lastSet.values)).filter(([id]) => comparable(id as MeasureId)),
    ) as ReturnType<typeof valuesOf>,
    daysAgo: daysBetween(lastSet.takenOn, ticket.measures.takenOn),
  };
  const lastMm = before?.values[current];
  return {
    findings: findingsAbout(
      oneSlipEach([
        ...checkAgainstLast(entry.values, before, rules),
        ...checkMeasures(entry.values, ticket.client.kind, rules),
      ]),
      current,
    ),
    last: lastSet && lastMm !== undefined ? { mm: lastMm, takenOn: lastSet.takenOn } : undefined,
  };
}

/** Where measuring stands: one measure at a time, in taking order. */
export function useMeasuring(): Measuring {
  const { ticket, actions, goTo } = useTicketContext();
  const used = measuresUsed(ticket);
  const [sequence = 'style', keepSequence] = useKept<SequenceId>(`sequence-${ticket.id}`);
  const entry = useMeasureEntry(ticket, actions);
  const firstOf = (which: SequenceId): MeasureId => {
    const order = measuresAsked(which, used);
    const open = order.filter(({ id }) => entry.values[id] === undefined);
    return (open.find(({ need }) => need === 'required') ?? open[0] ?? order[0])?.id ?? 'bust';
  };
  // Found once: a measure stays in hand while it is typed, though it is no longer missing then.
  const [search] = useSearchParams();
  const [current, setCurrent] = useState<MeasureId>(
    () => measureIds.find((id) => id === search.get('measure')) ?? firstOf(sequence),
  );
  const asked = measuresAsked(sequence, used, current);
  const index = asked.findIndex(({ id }) => id === current);
  const next = asked[index + 1];
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.select(), [current]);
  const fault = entry.faultOf(current);
  const [held, setHeld] = useState<MeasureId>();
  const isNeeded = asked[index]?.need === 'required';
  const missing = measuresAsked('style', used).filter(
    ({ id, need }) => need === 'required' && entry.values[id] === undefined,
  );
  const skip = () => {
    setHeld(undefined);
    // At the end comes what was left out and is needed, once more; the style waits for it.
    const open = missing.find(({ id }) => id !== current) ?? missing[0];
    if (next) setCurrent(next.id);
    else if (open) {
      setHeld(open.id);
      setCurrent(open.id);
    } else goTo('style');
  };
  return {
    sequence,
    changeSequence: (which) => {
      keepSequence(() => which);
      void entry.save();
      setCurrent(firstOf(which));
    },
    asked,
    entry,
    current,
    index,
    next,
    fault,
    ...useFindings(entry, current),
    field,
    choose: (id) => {
      void entry.save();
      setCurrent(id);
    },
    forward: () => {
      if (fault || (isNeeded && entry.values[current] === undefined)) {
        if (!fault) setHeld(current);
        field.current?.select();
        return;
      }
      void entry.save();
      skip();
    },
    skip,
    held: held === current && entry.values[current] === undefined,
    missing: missing.length,
  };
}
