import { formatLength } from '@ample-bolt/core/units/format-length';
import { inches } from '@ample-bolt/core/units/length';
import { useEffect, useRef, useState } from 'react';
import { tapeAddress } from '../../api/tape.ts';
import { Button } from '../../ui/Button.tsx';
import { TapeStrip } from './TapeStrip.tsx';

/** Sixteenths of an inch that the tape can be drawn out. */
const LONGEST = 72 * 16;

/** Stands in for a digital tape: drawn out to a length, a press sends the reading to the page that listens. */
export function TapePage() {
  const socket = useRef<WebSocket>(null);
  const [state, setState] = useState<'connecting' | 'open' | 'closed'>('connecting');
  const [sixteenths, setSixteenths] = useState(36 * 16);
  const [sent, setSent] = useState<string>();
  const [attempt, setAttempt] = useState(0);
  useEffect(() => {
    const opened = new WebSocket(tapeAddress());
    socket.current = opened;
    opened.onopen = () => setState('open');
    opened.onclose = () => setState('closed');
    return () => {
      opened.onclose = null;
      opened.close();
    };
  }, [attempt]);
  const mm = inches(sixteenths / 16);
  const shown = `${formatLength(mm, 'in', { denominator: 16, style: 'typeset' })}, ${formatLength(mm, 'cm', { decimals: 1 })}`;
  const press = () => {
    socket.current?.send(JSON.stringify({ mm }));
    setSent(shown);
  };
  return (
    <main className="mx-auto flex min-h-dvh max-w-xl flex-col gap-5 px-5 py-6">
      <h1 className="text-3xl">Digital tape, simulated</h1>
      <p className="text-walnut-2">
        Put it beside a page that measures with “Digital tape” turned on. Draw it out, press, and the figure
        stands there.
      </p>
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
          <Button type="submit" className="min-h-14 w-full text-lg" disabled={state !== 'open'}>
            Press
          </Button>
        )}
      </form>
      <p role="status" className="text-walnut-2">
        {sent ? `Sent ${sent}.` : state === 'open' ? 'In reach of the shop computer.' : ''}
      </p>
    </main>
  );
}
