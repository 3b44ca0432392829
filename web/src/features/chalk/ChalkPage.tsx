import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { cautions } from '@ample-bolt/core/words/cautions';
import { markWords } from '@ample-bolt/core/words/mark-words';
import { cutName } from '@ample-bolt/core/words/names';
import { useState } from 'react';
import { Link } from 'react-router';
import { paths } from '../../app/paths.ts';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useKept } from '../../ui/use-kept.ts';
import { clothColour } from '../ticket/cloth-of.ts';
import { LayDrawing } from '../lay/LayDrawing.tsx';
import { NotYet } from '../ticket/NotYet.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { chalkedUpTo, markInHandIndex } from './chalk-progress.ts';
import { CurveTable } from './CurveTable.tsx';
import { RoundingNote } from './RoundingNote.tsx';
import { MarkDrawing } from './MarkDrawing.tsx';

export function ChalkPage() {
  const { ticket, drafted, goTo } = useTicketContext();
  if (!drafted) {
    return (
      <main className="p-6">
        <NotYet />
      </main>
    );
  }
  if (drafted.standing.stopped || drafted.standing.layStale || !ticket.lay) {
    const { stopped, layStale } = drafted.standing;
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

const first = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** One mark at a time, drawn where it falls, its figures readable from across the table. */
function Chalking({ draft, marks }: { readonly draft: Draft; readonly marks: readonly Mark[] }) {
  const { ticket, actions } = useTicketContext();
  const { unit } = ticket;
  const [kept, keep] = useKept<typeof ticket.chalked>(`chalk-${ticket.id}`);
  const [zoomed, setZoomed] = useState(false);
  const [failure, setFailure] = useState<string>();
  const chalked = kept ?? ticket.chalked;
  const index = markInHandIndex(marks, chalked);
  const mark = marks[Math.min(index, marks.length - 1)];
  const finished = index >= marks.length;

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
  const forward = () => moveTo(index + 1);
  const back = () => moveTo(index - 1);
  useHotkeys({
    ' ': forward,
    PageDown: forward,
    ArrowRight: forward,
    PageUp: back,
    ArrowLeft: back,
    z: () => setZoomed(!zoomed),
  });
  if (!mark) return null;

  const drafted = draft.pieces.find(({ piece }) => piece.id === mark.piece);
  const ofPiece = marks.filter(({ piece }) => piece === mark.piece);
  const words = markWords(mark, unit, 'typeset');
  const cloth = clothColour(ticket);
  const layCloth = ticket.cloths.find(({ role }) => role === ticket.lay?.role);
  const [main, ...others] = words.figures;
  return (
    <div className="grid h-dvh grid-cols-[minmax(0,1fr)_minmax(400px,37%)] bg-table text-chalk-line">
      {mark.kind === 'place' && ticket.lay && layCloth && !finished ? (
        <div className="min-w-0 bg-linen-1 p-4 text-walnut">
          <LayDrawing
            lay={ticket.lay}
            cloth={layCloth}
            unit={unit}
            selected={`${mark.piece} 0`}
            onSelect={() => undefined}
          />
        </div>
      ) : (
        drafted && (
          <MarkDrawing
            drafted={drafted}
            marks={ofPiece}
            current={finished ? undefined : mark}
            cloth={cloth}
            unit={unit}
            zoomed={zoomed}
            startLine={ticket.measures.startLine}
          />
        )
      )}
      <main className="flex min-h-0 flex-col px-8 py-6">
        <header className="flex items-baseline gap-4">
          <Link
            to={paths.station(ticket.id, 'lay')}
            className="rounded-soft border border-chalk-soft px-3 py-1 whitespace-nowrap text-chalk-line"
          >
            ← Nº {ticket.number}
          </Link>
          <p className="grow text-lg text-chalk-soft">
            {drafted?.piece.name} · {drafted && cutName(drafted.piece.cut.layers, drafted.piece.cut.copies)}
          </p>
          <p className="text-lg whitespace-nowrap">
            {mark.order} / {ofPiece.length}
          </p>
        </header>
        <div className="mt-4 flex gap-1" aria-hidden>
          {ofPiece.map((each) => (
            <span
              key={each.order}
              className={`h-2 grow rounded-[2px] ${each === mark && !finished ? 'bg-chalk-now' : each.order < mark.order || finished ? 'bg-woad-1' : 'bg-table-2'}`}
            />
          ))}
        </div>
        <div className="min-h-0 grow overflow-auto pt-8" aria-live="polite">
          {finished ? (
            <>
              <h1 className="text-4xl">All chalked</h1>
              <p className="mt-2 text-xl text-chalk-soft">
                Check the marks with the tape once more, then cut, largest piece first.
              </p>
              <ul className="mt-6 flex list-disc flex-col gap-2 pl-5 text-lg">
                {cautions.cutting.map((caution) => (
                  <li key={caution}>{caution}</li>
                ))}
              </ul>
            </>
          ) : (
            <>
              <h1 className="text-4xl">{words.title}</h1>
              {main && (
                <p className="mt-4 flex flex-wrap items-baseline gap-x-3">
                  <span
                    className={`leading-none font-bold whitespace-nowrap ${mark.kind === 'curve' ? 'text-6xl' : 'text-[clamp(72px,8vw,104px)]'}`}
                  >
                    {main.value}
                  </span>
                  <span className="text-3xl whitespace-nowrap">
                    {unit} {main.word}
                  </span>
                </p>
              )}
              {others.map(({ value, word }) => (
                <p key={word} className="mt-2 flex items-baseline gap-3">
                  <span className="text-6xl leading-none font-bold text-chalk-now">{value}</span>
                  <span className="text-2xl">
                    {unit} {word}
                  </span>
                </p>
              ))}
              <p className="mt-5 text-xl leading-snug text-chalk-soft">{words.text}</p>
              {mark.kind === 'place' && (
                <p className="mt-4 text-lg text-chalk-soft">{cautions.chalking.join(' ')}</p>
              )}
              {mark.kind === 'curve' && <CurveTable mark={mark} unit={unit} />}
            </>
          )}
        </div>
        {failure && (
          <p role="alert" className="mb-2 rounded-soft bg-madder px-3 py-2 text-white">
            {failure} It goes with the next mark.
          </p>
        )}
        <p className="mb-3 text-[15px] text-chalk-soft">
          {first(chalkFor(cloth).name)} chalk shows best on this cloth; test it on a scrap.{' '}
          <RoundingNote marks={ofPiece} unit={unit} />{' '}
          <a className="underline" href={paths.marksPdf(ticket.id)} target="_blank" rel="noreferrer">
            All marks on paper
          </a>
        </p>
        <div className="grid grid-cols-[88px_96px_1fr] gap-3">
          <button
            type="button"
            onClick={back}
            disabled={index === 0}
            className="min-h-18 rounded-soft border border-chalk-soft text-lg font-semibold disabled:opacity-40"
          >
            Back
          </button>
          <button
            type="button"
            aria-pressed={zoomed}
            onClick={() => setZoomed(!zoomed)}
            className="min-h-18 rounded-soft border border-chalk-soft text-lg font-semibold aria-pressed:bg-table-2"
          >
            Zoom <kbd className="ml-1 rounded-[3px] border border-current px-1.5 text-xs">z</kbd>
          </button>
          <button
            type="button"
            onClick={forward}
            disabled={finished}
            className="min-h-18 rounded-soft bg-chalk-now text-2xl font-bold whitespace-nowrap text-table disabled:opacity-40"
          >
            Marked{' '}
            <kbd className="ml-1 hidden rounded-[3px] border border-current px-1.5 align-middle xl:inline-block text-sm font-semibold">
              space
            </kbd>
          </button>
        </div>
      </main>
    </div>
  );
}
