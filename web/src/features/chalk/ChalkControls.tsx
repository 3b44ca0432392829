import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import { paths } from '../../app/paths.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { RoundingNote } from './RoundingNote.tsx';

interface ChalkControlsProps {
  readonly marks: readonly Mark[];
  readonly cloth: string;
  readonly zoomed: boolean;
  readonly onZoom: () => void;
  readonly onBack: (() => void) | undefined;
  readonly onMarked: (() => void) | undefined;
}

const first = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** Which chalk to take, and three buttons that a hand with chalk in it can hit. */
export function ChalkControls({ marks, cloth, zoomed, onZoom, onBack, onMarked }: ChalkControlsProps) {
  const { ticket } = useTicketContext();
  return (
    <>
      <p className="mt-2 mb-3 text-[15px] text-chalk-soft">
        {first(chalkFor(cloth).name)} chalk shows best on this cloth; test it on a scrap.{' '}
        <RoundingNote marks={marks} unit={ticket.unit} />{' '}
        <a className="underline" href={paths.marksPdf(ticket.id)} target="_blank" rel="noreferrer">
          All marks on paper
        </a>
      </p>
      <div className="grid grid-cols-[88px_96px_1fr] gap-3">
        <button
          type="button"
          onClick={onBack}
          disabled={!onBack}
          className="min-h-18 rounded-soft border border-chalk-soft text-lg font-semibold disabled:opacity-40"
        >
          Back
        </button>
        <button
          type="button"
          aria-pressed={zoomed}
          onClick={onZoom}
          className="min-h-18 rounded-soft border border-chalk-soft text-lg font-semibold aria-pressed:bg-table-2"
        >
          Zoom <kbd className="ml-1 rounded-[3px] border border-current px-1.5 text-xs">z</kbd>
        </button>
        <button
          type="button"
          onClick={onMarked}
          disabled={!onMarked}
          className="min-h-18 rounded-soft bg-chalk-now text-2xl font-bold whitespace-nowrap text-table disabled:opacity-40"
        >
          Marked{' '}
          <kbd className="ml-1 hidden rounded-[3px] border border-current px-1.5 align-middle text-sm font-semibold xl:inline-block">
            space
          </kbd>
        </button>
      </div>
    </>
  );
}
