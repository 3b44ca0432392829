import { formatLength } from '@ample-bolt/core/units/format-length';
import { inches } from '@ample-bolt/core/units/length';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../../ui/Button.tsx';
import { boxClass } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { TapeStrip } from './TapeStrip.tsx';
import { useTapeLine } from './use-tape-line.ts';

/** Sixteenths of an inch that the tape can be drawn out. */
const LONGEST = 72 * 16;

/** Stands in for a digital tape: paired with one page by the code that it shows, a press sends the reading there. */
export function TapePage() {
  const [sixteenths, setSixteenths] = useState(36 * 16);
  const [sent, setSent] = useState<string>();
  const [search] = useSearchParams();
  const [code, setCode] = useState(search.get('code') ?? '');
  const { state, answer, pair, send, connectAgain } = useTapeLine(code);
  const mm = inches(sixteenths / 16);
  const shown = `${formatLength(mm, 'in', { denominator: 16, style: 'typeset' })}, ${formatLength(mm, 'cm', { decimals: 1 })}`;
  const press = () => {
    send(mm);
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
            className={`${boxClass} mt-1 block min-h-11 w-32 text-2xl tracking-widest`}
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
          <Button look="outline" className="min-h-14 w-full text-lg" onClick={connectAgain}>
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
