import { chalkMannerOf } from '@ample-bolt/core/shop/ticket';
import { isLaid, openCloths } from '@ample-bolt/core/shop/stations';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { paths } from '../../app/paths.ts';
import type { DraftedTicket } from '../../workers/drafting.worker.ts';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { clothColour } from '../ticket/cloth-of.ts';
import { wholeLay } from '@ample-bolt/core/lay/buy/together';
import { LayDrawing } from '../lay/drawing/LayDrawing.tsx';
import { Held } from '../ticket/Held.tsx';
import { NotYet } from '../ticket/NotYet.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { chalkHeld } from './chalk-held.ts';
import {
  markInHandIndex,
  openMarks,
  pieceBehind,
  piecesInHand,
  withMark,
  withoutLast,
} from './chalk-progress.ts';
import { ChalkControls } from './ChalkControls.tsx';
import { ChalkHeader } from './ChalkHeader.tsx';
import { CutList } from './CutList.tsx';
import { MarkDrawing } from './MarkDrawing.tsx';
import { MarkPanel } from './MarkPanel.tsx';
import { nextToCut, piecesToCut } from './pieces-to-cut.ts';
import { useTable } from './use-table.ts';

export function ChalkPage() {
  const { ticket, drafted } = useTicketContext();
  if (!drafted) {
    return (
      <main className="p-6">
        <NotYet />
      </main>
    );
  }
  const held = chalkHeld(ticket, drafted);
  if (held) return <Held held={held} />;
  return <Chalking {...drafted} />;
}

/** One mark at a time, drawn where it falls, its figures readable from across the table. */
function Chalking({ draft, marks, laid }: Pick<DraftedTicket, 'draft' | 'marks' | 'laid'>) {
  const navigate = useNavigate();
  const { ticket } = useTicketContext();
  const { unit } = ticket;
  const { work, bringTo, refusal, dismiss } = useTable(ticket);
  // Two can chalk one garment: each takes another piece in hand.
  const [inHand, setInHand] = useState<string>();
  const index = markInHandIndex(marks, work.chalked, inHand);
  const [zoomed, setZoomed] = useState(false);
  const [cutting, setCutting] = useState(false);
  const finished = index >= marks.length;
  const isWhole = isLaid(openCloths(ticket));
  const now = marks[index];
  const forward =
    now === undefined || cutting ? undefined : () => bringTo({ chalked: withMark(work.chalked, now) });
  const behind = pieceBehind(marks, work.chalked, index);
  const back =
    behind === undefined || (cutting && !finished)
      ? undefined
      : () => {
          setInHand(behind);
          bringTo({ chalked: withoutLast(work.chalked, behind) });
        };
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
  const showCuts = cutting || finished;
  const mark = marks[Math.min(index, marks.length - 1)];
  const toCut = piecesToCut(draft, ticket.lays, work.cut, openMarks(marks, work.chalked));
  const drafted =
    (showCuts && nextToCut(toCut)) || draft.pieces.find(({ piece }) => piece.id === mark?.piece);
  if (!mark || !drafted) return null;

  const ofPiece = marks.filter(({ piece }) => piece === drafted.piece.id);
  const lay = laid[drafted.piece.role];
  const cloth = ticket.cloths.find(({ role }) => role === drafted.piece.role);
  // What is chalked in a block of its own is no longer on its cloth.
  const placing =
    mark.kind === 'block' || ((mark.kind === 'place' || mark.kind === 'again') && mark.alongFrom !== 'block');
  const copy = mark.kind === 'again' || mark.kind === 'block' ? mark.copy : 0;
  return (
    <div
      className={`grid h-full grid-cols-[minmax(0,1fr)_minmax(400px,37%)] bg-table text-chalk-line max-lg:grid-cols-1 ${showCuts ? 'max-lg:grid-rows-[22dvh_minmax(0,1fr)] max-md:grid-rows-[minmax(0,1fr)]' : 'max-lg:grid-rows-[42dvh_minmax(0,1fr)]'}`}
    >
      {placing && lay && cloth && !showCuts ? (
        <div className="min-h-0 min-w-0 bg-linen-1 p-4 text-walnut">
          <LayDrawing
            lay={wholeLay(lay)}
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
          current={showCuts ? undefined : mark}
          cloth={cloth?.colour ?? clothColour(ticket)}
          unit={unit}
          zoomed={zoomed}
          manner={chalkMannerOf(ticket)}
        />
      )}
      <main className="flex min-h-0 min-w-0 flex-col px-8 py-6 max-md:px-4 max-md:py-3">
        <ChalkHeader
          piece={drafted.piece}
          mark={mark}
          inAll={ofPiece.length}
          finished={finished}
          cutting={showCuts}
          pieces={piecesInHand(marks, work.chalked)}
          onPiece={setInHand}
          onCut={finished ? undefined : () => setCutting(!cutting)}
        />
        <div className="min-h-0 grow overflow-auto pt-6 max-md:pt-3" aria-live="polite">
          {showCuts ? (
            <CutList
              pieces={toCut}
              cut={work.cut}
              isWhole={isWhole}
              unit={unit}
              onCut={(cut) => bringTo({ cut })}
            />
          ) : (
            <MarkPanel mark={mark} unit={unit} />
          )}
        </div>
        {refusal && <Refused words={refusal} onDismiss={dismiss} />}
        <ChalkControls
          cutting={showCuts}
          marks={ofPiece}
          cloth={cloth?.colour ?? clothColour(ticket)}
          zoomed={zoomed}
          onZoom={zoom}
          onBack={back}
          next={
            finished
              ? { word: 'To Today', act: () => void navigate(paths.today) }
              : cutting
                ? { word: 'On with the chalk', act: () => setCutting(false) }
                : { word: 'Marked', act: forward, key: 'space' }
          }
        />
      </main>
    </div>
  );
}

/** Why marks were not counted; it stays until it was read. */
const Refused = ({ words, onDismiss }: { readonly words: string; readonly onDismiss: () => void }) => (
  <p role="alert" className="mb-2 flex items-center gap-3 rounded-soft bg-madder px-3 py-2 text-white">
    <span className="grow">{words}</span>
    <button type="button" onClick={onDismiss} className="min-h-11 rounded-soft border border-white px-3">
      Understood
    </button>
  </p>
);
