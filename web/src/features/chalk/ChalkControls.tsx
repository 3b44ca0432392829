import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import { capital } from '@ample-bolt/core/text/capital';
import { paths } from '../../app/paths.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { RoundingNote } from './RoundingNote.tsx';

interface ChalkControlsProps {
  /** The list of pieces to cut is open: what concerns the mark in hand is not offered. */
  readonly cutting: boolean;
  readonly marks: readonly Mark[];
  readonly cloth: string;
  readonly zoomed: boolean;
  readonly onZoom: () => void;
  readonly onBack: (() => void) | undefined;
  /** The one thing to do next. */
  readonly next: { readonly word: string; readonly act: (() => void) | undefined; readonly key?: string };
}

/** Which chalk to take, and three buttons that a hand with chalk in it can hit. */
export function ChalkControls({ cutting, marks, cloth, zoomed, onZoom, onBack, next }: ChalkControlsProps) {
  const { ticket } = useTicketContext();
  return (
    <>
      <p className="mt-2 mb-3 text-[15px] text-chalk-soft max-md:mt-1 max-md:mb-1 max-md:text-[13px]">
        {!cutting && (
          <>
            {capital(chalkFor(cloth).name)} chalk shows best on this cloth; test it on a scrap.{' '}
            <RoundingNote marks={marks} unit={ticket.unit} />{' '}
          </>
        )}
        <a className="py-3.5 underline" href={paths.marksPdf(ticket.id)} target="_blank" rel="noreferrer">
          All marks on paper
        </a>
      </p>
      <div className={`grid gap-3 ${cutting ? 'grid-cols-[88px_1fr]' : 'grid-cols-[88px_96px_1fr]'}`}>
        <button
          type="button"
          onClick={onBack}
          disabled={!onBack}
          className="min-h-18 rounded-soft border border-chalk-soft text-lg font-semibold disabled:opacity-40"
        >
          Back
        </button>
        {!cutting && (
          <button
            type="button"
            aria-pressed={zoomed}
            onClick={onZoom}
            className="min-h-18 rounded-soft border border-chalk-soft text-lg font-semibold aria-pressed:bg-table-2"
          >
            Zoom{' '}
            <kbd className="ml-1 max-lg:hidden rounded-[3px] border border-current px-1.5 text-xs">z</kbd>
          </button>
        )}
        <button
          type="button"
          onClick={next.act}
          disabled={!next.act}
          className="min-h-18 rounded-soft bg-chalk-now text-2xl font-bold whitespace-nowrap text-table disabled:opacity-40"
        >
          {next.word}{' '}
          {next.key && (
            <kbd className="ml-1 hidden rounded-[3px] border border-current px-1.5 align-middle text-sm font-semibold xl:inline-block">
              {next.key}
            </kbd>
          )}
        </button>
      </div>
    </>
  );
}
