import { isTapeReading } from '@ample-bolt/core/measures/tape-reading';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { tapeAddress } from '../../api/tape.ts';
import type { Measuring } from './use-measuring.ts';

export type TapeState = 'off' | 'connecting' | 'listening';

/** How long until a lost tape is looked for again, ms. */
const AGAIN = 2000;

/** The code that a tape is paired with this page by, as the shop computer gives it. */
const codeIn = (message: unknown): string | undefined =>
  typeof message === 'object' && message !== null && 'code' in message && typeof message.code === 'string'
    ? message.code
    : undefined;

/** Hears the tape that is paired with this page while `on`; each reading goes to `onReading`. */
function useReadings(on: boolean, onReading: (mm: number) => void): Omit<Tape, 'toggle'> {
  const [code, setCode] = useState<string>();
  const [connected, setConnected] = useState(false);
  const read = useEffectEvent(onReading);
  const wish = useEffectEvent(() => code ?? '');
  useEffect(() => {
    if (!on) return;
    let socket: WebSocket | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const connect = () => {
      socket = new WebSocket(tapeAddress());
      socket.onopen = () => socket?.send(JSON.stringify({ listen: wish() }));
      socket.onmessage = ({ data }: MessageEvent<string>) => {
        const message: unknown = JSON.parse(data);
        if (isTapeReading(message)) read(message.mm);
        const given = codeIn(message);
        if (given === undefined) return;
        setCode(given);
        setConnected(true);
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
  return { state: on ? (connected ? 'listening' : 'connecting') : 'off', code };
}

export interface Tape {
  readonly state: TapeState;
  /** What a tape is paired with this page by; known once it listens. */
  readonly code: string | undefined;
  readonly toggle: () => void;
}

/** Feeds the guided sequence from a digital tape: a reading is written into the measure in hand, and the next is asked. */
export function useTape(measuring: Measuring): Tape {
  const { ticket } = useTicketContext();
  const [on, setOn] = useState(false);
  const pending = useRef<string>(undefined);
  const { entry, current, forward } = measuring;
  const readings = useReadings(on, (mm) => {
    pending.current = formatNumber(mm, ticket.unit, { denominator: 16, decimals: 1 });
    entry.type(current, pending.current);
  });
  // Only once it stands in the field can it be stored and left behind.
  useEffect(() => {
    if (pending.current === undefined || entry.textOf(current) !== pending.current) return;
    pending.current = undefined;
    forward();
  });
  return { ...readings, toggle: () => setOn(!on) };
}
