import { isTapeReading } from '@ample-bolt/core/measures/tape-reading';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useEffect, useRef, useState } from 'react';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { tapeAddress } from '../../api/tape.ts';
import type { Measuring } from './use-measuring.ts';

export type TapeState = 'off' | 'connecting' | 'listening';

/** How long until a lost tape is looked for again, ms. */
const AGAIN = 2000;

/** Hears the digital tape while `on`; each reading goes to `onReading`. */
function useReadings(on: boolean, onReading: (mm: number) => void): TapeState {
  const [connected, setConnected] = useState(false);
  const latest = useRef(onReading);
  useEffect(() => {
    latest.current = onReading;
  });
  useEffect(() => {
    if (!on) return;
    let socket: WebSocket | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const connect = () => {
      socket = new WebSocket(tapeAddress());
      socket.onopen = () => setConnected(true);
      socket.onmessage = ({ data }: MessageEvent<string>) => {
        const message: unknown = JSON.parse(data);
        if (isTapeReading(message)) latest.current(message.mm);
      };
      socket.onclose = () => {
        setConnected(false);
        timer = setTimeout(connect, AGAIN);
      };
    };
    connect();
    return () => {
      clearTimeout(timer);
      if (socket) socket.onclose = null;
      socket?.close();
      setConnected(false);
    };
  }, [on]);
  return on ? (connected ? 'listening' : 'connecting') : 'off';
}

export interface Tape {
  readonly state: TapeState;
  readonly toggle: () => void;
}

/** Feeds the guided sequence from a digital tape: a reading is written into the measure in hand, and the next is asked. */
export function useTape(measuring: Measuring): Tape {
  const { ticket } = useTicketContext();
  const [on, setOn] = useState(false);
  const pending = useRef<string>(undefined);
  const { entry, current, forward } = measuring;
  const state = useReadings(on, (mm) => {
    pending.current = formatNumber(mm, ticket.unit, { denominator: 16, decimals: 1 });
    entry.type(current, pending.current);
  });
  // Only once it stands in the field can it be stored and left behind.
  useEffect(() => {
    if (pending.current === undefined || entry.textOf(current) !== pending.current) return;
    pending.current = undefined;
    forward();
  });
  return { state, toggle: () => setOn(!on) };
}
