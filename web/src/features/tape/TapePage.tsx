import { formatLength } from '@ample-bolt/core/units/format-length';
import { inches } from '@ample-bolt/core/units/length';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { tapeAddress } from '../../api/tape.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { TapeStrip } from './TapeStrip.tsx';

/** Sixteenths of an inch that the tape can be drawn out. */
const LONGEST = 72 * 16;

/** What the shop computer answers a device. */
interface Answer {
  readonly paired?: string;
  readonly error?: string;
}

/** Stands in for a digital tape: paired with one page by the code that it shows, a press sends the reading there. */
export function TapePage() {
  const socket = useRef<WebSocket>(null);
  const [state, setState] = useState<'connecting' | 'open' | 'closed'>('connecting');
  const [sixteenths, setSixteenths] = useState(36 * 16);
  const [sent, setSent] = useState<string>();
  const [attempt, setAttempt] = useState(0);
  const [search] = useSearchParams();
  const [code, setCode] = useState(search.get('code') ?? '');
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
  const mm = inches(sixteenths / 16);
  const shown = `${formatLength(mm, 'in', { denominator: 16, style: 'typeset' })}, ${formatLength(mm, 'cm', { decimals: 1 })}`;
  const press = () => {
    setAnswer(({ paired }) => (paired === undefined ? {} : { paired }));
    socket.current?.send(JSON.stringify({ mm }));
    setSent(shown);
  };
  return (
    <main className="mx-auto flex min-h-dvh max-w-xl flex-col gap-5 px-5 py-6">
      <h1 className="text-3xl">Digital tape, simulated</h1>
      <p className="text-walnut-2">
        Turn “Digital tape” on where you measure, and enter the code that it shows there. Draw it out, press,
        and the figure stands on that page, and on no other.
      </p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          pair(code.trim());
        }}
      >
        <label className="font-semibold">
          Code of the page
          <input
            value={code}
            inputMode="numeric"
            autoComplete="off"
            maxLength={4}
            onChange={({ target }) => setCode(target.value)}
            className="mt-1 block min-h-11 w-32 rounded-soft border border-linen-3 bg-white px-3 text-2xl tracking-widest"
          />
        </label>
        <Button
          type="submit"
          look="outline"
          className="min-h-11"
          disabled={state !== 'open' || code.trim() === ''}
        >
          Pair
        </Button>
        {answer.paired !== undefined && (
          <span className="pb-2 font-semibold text-woad">Paired with {answer.paired}.</span>
        )}
      </form>
      {answer.error && <Notice tone="stop">{answer.error}</Notice>}
      <TapeStrip sixteenths={sixteenths} />
      <p className="text-5xl font-bold" aria-live="polite">
        {formatLength(mm, 'in', { denominator: 16, style: 'typeset' })}
        <span className="block text-2xl font-normal text-walnut-2">
          {formatLength(mm, 'cm', { decimals: 1 })}
        </span>
      </p>
      <label className="block font-semibold">
        Drawn out
        <input
          type="range"
          min={4}
          max={LONGEST}
          value={sixteenths}
          onChange={(event) => setSixteenths(Number(event.target.value))}
          aria-valuetext={shown}
          className="mt-2 block h-11 w-full accent-indigo"
        />
      </label>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          press();
        }}
      >
        {state === 'closed' ? (
          <Button
            look="outline"
            className="min-h-14 w-full text-lg"
            onClick={() => {
              setState('connecting');
              setAttempt(attempt + 1);
            }}
          >
            Out of reach: connect again
          </Button>
        ) : (
          <Button
            type="submit"
            className="min-h-14 w-full text-lg"
            disabled={state !== 'open' || answer.paired === undefined}
          >
            Press
          </Button>
        )}
      </form>
      <p role="status" className="text-walnut-2">
        {sent && !answer.error ? `Sent ${sent}.` : state === 'open' ? 'In reach of the shop computer.' : ''}
      </p>
    </main>
  );
}
