import { keyLengths } from '@ample-bolt/core/garment/key-lengths';
import { garmentPdfOf, garmentPictureOf } from '../../api/tickets.ts';
import type { DraftedTicket } from '../../workers/drafting.worker.ts';
import { clothColours } from '../ticket/cloth-of.ts';
import { FindingList } from '../ticket/FindingList.tsx';
import { handlesNow } from '../ticket/handles-now.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';
import type { ChoiceEntry } from '../ticket/use-choice-entry.ts';
import { GarmentDrawing } from './GarmentDrawing.tsx';

interface MadeUpProps {
  /** The garment with what is on trial; undefined while a measure is missing. */
  readonly drafted: DraftedTicket | undefined;
  readonly entry: ChoiceEntry;
  readonly onMove: (choice: string, mm: number) => void;
}

/** The garment made up on the client, its points to be moved, and what the checks found of it. */
export function MadeUp({ drafted, entry, onMove }: MadeUpProps) {
  const { ticket } = useTicketContext();
  const findings = (drafted?.draft.findings ?? []).filter(
    ({ code, severity }) => severity !== 'note' && code !== 'cloth-missing',
  );
  return (
    <div className="order-2 flex min-h-0 flex-col gap-3">
      <div className="flex min-h-0 grow flex-col max-lg:h-[56dvh] max-lg:flex-none *:grow">
        {drafted ? (
          <GarmentDrawing
            sketch={drafted.sketch}
            colours={clothColours(ticket)}
            unit={ticket.unit}
            handles={handlesNow(drafted.handles, entry.lengths)}
            onChoose={onMove}
            lengths={keyLengths(drafted.draft)}
            pictures={[
              { href: garmentPictureOf(ticket, 'page'), words: 'Picture' },
              { href: garmentPdfOf(ticket), words: 'Print' },
            ]}
          />
        ) : (
          <div className="rounded-soft bg-linen-1" />
        )}
      </div>
      {findings.length > 0 && (
        <div className="max-h-44 shrink-0 overflow-auto max-lg:max-h-none">
          <FindingList tryChoice={{ length: onMove, option: entry.type }} findings={findings} />
        </div>
      )}
    </div>
  );
}
