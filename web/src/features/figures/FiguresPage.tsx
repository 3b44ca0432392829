import { handLine, handOn } from '@ample-bolt/core/pieces/hand-figure';
import { ruleSet, rulesThatDiffer } from '@ample-bolt/core/rules/catalogue';
import { litPlace } from '@ample-bolt/core/pieces/lit-place';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { Printer } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useHouseRules } from '../../api/house.ts';
import { paths } from '../../app/paths.ts';
import { PieceOnCloth } from '../../canvas/PieceOnCloth.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { clothColour } from '../ticket/cloth-of.ts';
import { NotYet } from '../ticket/NotYet.tsx';
import { PieceStepper } from '../ticket/PieceStepper.tsx';
import { PieceList } from '../ticket/PieceList.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { asPreview, useDrafted } from '../../workers/use-drafted.ts';
import { FigureCard } from './FigureCard.tsx';
import { FigureTable } from './FigureTable.tsx';
import { useHandEntry } from './use-hand-entry.ts';
import { pieceOfFigure } from '@ample-bolt/core/pieces/hand-figure';

/** Every cut dimension of every piece, each with the sum that made it; any of them opened, or set by hand. */
export function FiguresPage() {
  const { ticket, drafted } = useTicketContext();
  const [chosen, setChosen] = useState('bodice-front');
  const [opened, setOpened] = useState<string>();
  const [inFocus, setInFocus] = useState<string>();
  useHotkeys({ w: { does: 'the working of the figure in focus', act: () => setOpened(inFocus) } });
  const drawing = useRef<HTMLDivElement>(null);
  // Where drawing and working stand over the list, a figure that is opened far down in it must bring them into sight.
  useEffect(() => {
    if (opened !== undefined) drawing.current?.scrollIntoView({ block: 'start' });
  }, [opened]);
  const figure = drafted?.draft.figures.find(({ id }) => id === opened);
  const entry = useHandEntry(figure);
  const trial =
    figure && entry.trial !== undefined
      ? { ...ticket.figures, [figure.id]: handOn(ticket.rules, entry.trial, entry.why) }
      : ticket.figures;
  const onTrial = useDrafted(asPreview(ticket, { figures: trial })).drafted?.draft;
  if (!drafted) return <NotYet />;
  const { pieces, figures } = drafted.draft;
  const current = pieces.find(({ piece }) => piece.id === chosen) ?? pieces[0];
  if (!current) return <NotYet />;
  const choose = (id: string | undefined) => {
    setChosen(id ?? current.piece.id);
    setOpened(undefined);
  };
  const own = figures.filter(({ id }) => pieceOfFigure(id) === current.piece.id);
  const byHand = new Map(
    figures.filter(({ by }) => by === 'hand').map(({ id }) => [pieceOfFigure(id), 'by hand'] as const),
  );
  const shown = figure && entry.trial !== undefined ? onTrial : undefined;
  const drawn = shown?.pieces.find(({ piece }) => piece.id === current.piece.id) ?? current;
  const moving = shown?.figures.find(({ id }) => id === opened) ?? figure;
  return (
    <div className="flex h-full flex-col gap-3 max-lg:h-auto">
      <PieceStepper pieces={pieces} current={current.piece.id} onChoose={choose} />
      <div className="grid min-h-0 grow grid-cols-[236px_minmax(0,1fr)_330px] gap-4 max-xl:grid-cols-[190px_minmax(0,1fr)_290px] max-lg:flex max-lg:flex-col">
        <div className="flex min-h-0 flex-col gap-3 max-lg:order-last">
          <PieceList pieces={pieces} current={current.piece.id} onChoose={choose} marked={byHand} />
          <SheetLinks ticket={ticket} />
        </div>
        <FigureTable
          title={current.piece.name}
          line={handLine(ruleSet(ticket.rules)) ?? 'cut'}
          figures={own}
          unit={ticket.unit}
          opened={opened}
          onOpen={setOpened}
          onFocus={setInFocus}
        />
        <div
          ref={drawing}
          className={`grid min-h-0 grid-cols-1 gap-3 max-lg:-order-1 max-lg:flex max-lg:flex-col ${figure ? 'grid-rows-[minmax(120px,1fr)_auto]' : ''}`}
        >
          <div className="min-h-0 max-lg:h-64">
            <PieceOnCloth
              drafted={drawn}
              frame={current}
              cloth={clothColour(ticket)}
              unit={ticket.unit}
              lit={
                moving && pieceOfFigure(moving.id) === current.piece.id
                  ? litPlace(drawn.piece, moving.at)
                  : undefined
              }
              movable={
                figure && moving?.moves && pieceOfFigure(figure.id) === current.piece.id
                  ? [
                      {
                        ...moving.moves,
                        label: `${figure.label}, moved by hand`,
                        mm: entry.trial ?? moving.mm,
                        onMove: entry.move,
                      },
                    ]
                  : []
              }
            />
          </div>
          {figure && (
            <div className="flex max-h-[420px] min-h-0 flex-col max-lg:max-h-none">
              <FigureCard figure={figure} entry={entry} />
            </div>
          )}
        </div>
      </div>
    </div>
  );
}

/** The sheet on paper in either unit, and the rules behind the sums. */
function SheetLinks({ ticket }: { readonly ticket: Ticket }) {
  const { today } = useHouseRules();
  const differing = today ? rulesThatDiffer(ruleSet(ticket.rules), today).length : 0;
  return (
    <div className="flex shrink-0 flex-col gap-1.5 text-sm">
      <p className="flex items-center gap-2 px-1">
        <Printer size={16} aria-hidden />
        <span className="grow">Sheet on paper</span>
        {(['in', 'cm'] as const).map((unit) => (
          <a
            key={unit}
            href={paths.figuresPdf(ticket.id, unit)}
            target="_blank"
            rel="noreferrer"
            aria-label={`Sheet of figures in ${unit === 'in' ? 'inches' : 'centimetres'}`}
            className="rounded-soft border border-linen-3 bg-white px-2.5 py-1 font-semibold hover:bg-linen-1"
          >
            {unit}
          </a>
        ))}
      </p>
      <Link
        to={paths.ticketRules(ticket.id)}
        className={`rounded-soft border px-3 py-1.5 ${differing > 0 ? 'border-weld bg-weld-1' : 'border-linen-3 bg-white hover:bg-linen-1'}`}
      >
        <strong>Rules of this ticket</strong>
        {differing > 0 && (
          <span className="block">
            {differing === 1 ? 'One is' : `${differing} are`} not as the house does today
          </span>
        )}
      </Link>
    </div>
  );
}
