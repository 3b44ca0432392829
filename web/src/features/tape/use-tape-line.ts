import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { tapeAddress } from '../../api/tape.ts';

/** What the shop computer answers a device. */
interface Answer {
  readonly paired?: string;
  readonly error?: string;
}

/** A tape's line to the shop computer. */
export interface TapeLine {
  readonly state: 'connecting' | 'open' | 'closed';
  readonly answer: Answer;
  /** Pairs the tape with the page that shows this code. */
  readonly pair: (code: string) => void;
  /** Sends a reading, mm. */
  readonly send: (mm: number) => void;
  readonly connectAgain: () => void;
}

/** Connects a tape to the shop computer, paired again with the page of `code` whenever the line is new. */
export function useTapeLine(code: string): TapeLine {
  const socket = useRef<WebSocket>(null);
  const [state, setState] = useState<TapeLine['state']>('connecting');
  const [attempt, setAttempt] = useState(0);
  const [answer, setAnswer] = useState<Answer>({});
  const pair = (page: string) => socket.current?.send(JSON.stringify({ pair: page }));
  const greet = useEffectEvent(() => {
    setState('open');
    if (code !== '') pair(code);
  });
  useEffect(() => {
    const opened = new WebSocket(tapeAddress());
    socket.current = opened;
    opened.onopen = () => greet();
    opened.onmessage = ({ data }: MessageEvent<string>) => setAnswer(JSON.parse(data) as Answer);
    opened.onclose = () => {
      setState('closed');
      setAnswer({});
    };
    return () => {
      opened.onclose = null;
      opened.close();
    };
  }, [attempt]);
  return {
    state,
    answer,
    pair,
    send: (mm) => {
      setAnswer(({ paired }) => (paired === undefined ? {} : { paired }));
      socket.current?.send(JSON.stringify({ mm }));
    },
    connectAgain: () => {
      setState('connecting');
      setAttempt(attempt + 1);
    },
  };
}
