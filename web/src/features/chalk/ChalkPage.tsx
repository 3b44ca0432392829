import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { useState } from 'react';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useKept } from '../../ui/use-kept.ts';
import { clothColour } from '../ticket/cloth-of.ts';
import { LayDrawing } from '../lay/LayDrawing.tsx';
import { NotYet } from '../ticket/NotYet.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { chalkedUpTo, markInHandIndex } from './chalk-progress.ts';
import { ChalkControls } from './ChalkControls.tsx';
import { ChalkHeader } from './ChalkHeader.tsx';
import { CutList } from './CutList.tsx';
import { MarkDrawing } from './MarkDrawing.tsx';
import { MarkPanel } from './MarkPanel.tsx';

export function ChalkPage() {
  const { ticket, drafted, goTo } = useTicketContext();
  if (!drafted) {
    return (
      <main className="p-6">
        <NotYet />
      </main>
    );
  }
  const { stopped, layStale } = drafted.standing;
  if (stopped || layStale || Object.keys(ticket.lays).length === 0) {
    return (
      <main className="mx-auto mt-24 max-w-lg px-6 text-center">
        <h1 className="text-3xl whitespace-nowrap">
          {stopped ? 'A check holds the cut' : layStale ? 'The lay no longer fits' : 'Lay the cloth first'}
        </h1>
        <p className="mt-2 text-lg text-walnut-2">
          {stopped
            ? 'Something on the draft is not true yet. Clear it before the chalk touches the cloth.'
            : 'Marks are taken from where each piece lies on the cloth; choose a plan.'}
        </p>
        <button
          type="button"
          onClick={() => goTo(stopped ? 'draft' : 'lay')}
          className="mt-6 min-h-12 rounded-soft bg-indigo px-6 font-semibold text-white"
        >
          {stopped ? 'To the draft' : 'To the lay'}
        </button>
      </main>
    );
  }
  return <Chalking draft={drafted.draft} marks={drafted.marks} />;
}

/** How far the chalk is: kept here until the shop computer has it. */
function useChalkProgress(marks: readonly Mark[]) {
  const { ticket, actions } = useTicketContext();
  const [kept, keep] = useKept<typeof ticket.chalked>(`chalk-${ticket.id}`);
  const [failure, setFailure] = useState<string>();
  const index = markInHandIndex(marks, kept ?? ticket.chalked);
  const moveTo = (next: number) => {
    const progress = chalkedUpTo(marks, Math.max(0, Math.min(marks.length, next)));
    keep(() => progress);
    actions
      .put('chalk', { chalked: progress })
      .then(() => {
        setFailure(undefined);
        // Marks made while this one was on its way are newer and stay.
        keep((held) => (held === progress ? undefined : held));
      })
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : 'Not stored yet.'));
  };
  return { index, moveTo, failure };
}

/** One mark at a time, drawn where it falls, its figures readable from across the table. */
function Chalking({ draft, marks }: { readonly draft: Draft; readonly marks: readonly Mark[] }) {
  const { ticket } = useTicketContext();
  const { unit } = ticket;
  const { index, moveTo, failure } = useChalkProgress(marks);
  const [zoomed, setZoomed] = useState(false);
  const [cutting, setCutting] = useState(false);
  const finished = index >= marks.length;
  const forward = finished ? undefined : () => moveTo(index + 1);
  const back = index === 0 ? undefined : () => moveTo(index - 1);
  const zoom = () => setZoomed(!zoomed);
  const next = { does: 'marked; next mark', act: forward };
  const before = { does: 'mark before', act: back };
  useHotkeys({
    ' ': next,
    PageDown: next,
    ArrowRight: next,
    PageUp: before,
    ArrowLeft: before,
    z: { does: 'zoom to the mark', act: zoom },
  });
  const mark = marks[Math.min(index, marks.length - 1)];
  const drafted = draft.pieces.find(({ piece }) => piece.id === mark?.piece);
  if (!mark || !drafted) return null;

  const ofPiece = marks.filter(({ piece }) => piece === mark.piece);
  const lay = ticket.lays[drafted.piece.role];
  const cloth = ticket.cloths.find(({ role }) => role === drafted.piece.role);
  const placing = mark.kind === 'place' || mark.kind === 'again';
  const copy = mark.kind === 'again' ? mark.copy : 0;
  const showCuts = cutting || finished;
  return (
    <div className="grid h-dvh grid-cols-[minmax(0,1fr)_minmax(400px,37%)] bg-table text-chalk-line">
      {placing && lay && cloth && !finished ? (
        <div className="min-w-0 bg-linen-1 p-4 text-walnut">
          <LayDrawing
            lay={lay}
            cloth={cloth}
            unit={unit}
            selected={`${mark.piece} ${copy}`}
            onSelect={() => undefined}
          />
        </div>
      ) : (
        <MarkDrawing
          drafted={drafted}
          marks={ofPiece}
          current={finished ? undefined : mark}
          cloth={cloth?.colour ?? clothColour(ticket)}
          unit={unit}
          zoomed={zoomed}
          startLine={ticket.measures.startLine}
        />
      )}
      <main className="flex min-h-0 flex-col px-8 py-6">
        <ChalkHeader
          piece={drafted.piece}
          mark={mark}
          inAll={ofPiece.length}
          finished={finished}
          cutting={showCuts}
          onCut={finished ? undefined : () => setCutting(!cutting)}
        />
        <div className="min-h-0 grow overflow-auto pt-6" aria-live="polite">
          {showCuts ? (
            <CutList draft={draft} marks={marks} index={index} />
          ) : (
            <MarkPanel mark={mark} unit={unit} />
          )}
        </div>
        {failure && (
          <p role="alert" className="mb-2 rounded-soft bg-madder px-3 py-2 text-white">
            {failure} It goes with the next mark.
          </p>
        )}
        <ChalkControls
          marks={ofPiece}
          cloth={cloth?.colour ?? clothColour(ticket)}
          zoomed={zoomed}
          onZoom={zoom}
          onBack={back}
          onMarked={forward}
        />
      </main>
    </div>
  );
}
