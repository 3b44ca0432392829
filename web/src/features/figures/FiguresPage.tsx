import type { Figure } from '@ample-bolt/core/drafting/draft';
import { ruleSet, rulesThatDiffer } from '@ample-bolt/core/rules/catalogue';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import type { Unit } from '@ample-bolt/core/units/length';
import { renderWorking } from '@ample-bolt/core/workings/render-working';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useHouseRules } from '../../api/house.ts';
import { paths } from '../../app/paths.ts';
import { PieceOnCloth } from '../../canvas/PieceOnCloth.tsx';
import { Length } from '../../ui/Length.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { clothColour } from '../ticket/cloth-of.ts';
import { NotYet } from '../ticket/NotYet.tsx';
import { PieceList } from '../ticket/PieceList.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { FigureCard } from './FigureCard.tsx';

/** Every cut dimension of every piece, each with the sum that made it; any of them opened, or set by hand. */
export function FiguresPage() {
  const { ticket, drafted } = useTicketContext();
  const [chosen, setChosen] = useState('bodice-front');
  const [opened, setOpened] = useState<string>();
  const [inFocus, setInFocus] = useState<string>();
  useHotkeys({ w: { does: 'the working of the figure in focus', act: () => setOpened(inFocus) } });
  if (!drafted) return <NotYet />;
  const { pieces, figures } = drafted.draft;
  const current = pieces.find(({ piece }) => piece.id === chosen) ?? pieces[0];
  if (!current) return <NotYet />;
  const own = figures.filter(({ id }) => id.startsWith(`${current.piece.id}/`));
  const byHand = new Map(
    figures.filter(({ by }) => by === 'hand').map(({ id }) => [id.split('/')[0] ?? '', 'by hand'] as const),
  );
  const figure = own.find(({ id }) => id === opened);
  return (
    <div className="grid h-full grid-cols-[236px_minmax(0,1fr)_330px] gap-4">
      <div className="flex min-h-0 flex-col gap-3">
        <PieceList pieces={pieces} current={current.piece.id} onChoose={setChosen} marked={byHand} />
        <SheetLinks ticket={ticket} />
      </div>
      <div
        role="region"
        aria-label="Figures"
        tabIndex={0}
        className="min-h-0 overflow-auto rounded-soft border border-linen-2 bg-white"
      >
        <table className="w-full border-collapse">
          <thead className="sticky top-0 z-10 bg-white text-left text-[13px] text-walnut-2">
            <tr className="border-b border-linen-2">
              <th className="px-5 py-2.5 font-semibold">{current.piece.name}</th>
              <th className="px-3 py-2.5 text-right font-semibold">Cut</th>
              <th className="px-5 py-2.5 text-right font-semibold">Stitch</th>
            </tr>
          </thead>
          <tbody>
            {own.map((each) => (
              <FigureRow
                key={each.id}
                figure={each}
                unit={ticket.unit}
                open={each.id === opened}
                onOpen={() => setOpened(each.id === opened ? undefined : each.id)}
                onFocus={() => setInFocus(each.id)}
              />
            ))}
          </tbody>
        </table>
      </div>
      <div className={`grid min-h-0 grid-cols-1 gap-3 ${figure ? 'grid-rows-[minmax(120px,1fr)_auto]' : ''}`}>
        <PieceOnCloth
          drafted={current}
          cloth={clothColour(ticket)}
          unit={ticket.unit}
          at={figure?.moves?.at}
        />
        {figure && (
          <div className="flex max-h-[420px] min-h-0 flex-col">
            <FigureCard figure={figure} />
          </div>
        )}
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

interface FigureRowProps {
  readonly figure: Figure;
  readonly unit: Unit;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onFocus: () => void;
}

const FigureRow = ({ figure, unit, open, onOpen, onFocus }: FigureRowProps) => (
  <tr
    className={`border-b border-linen-2 align-top last:border-b-0 ${open ? 'bg-indigo-1' : 'hover:bg-linen-1'}`}
  >
    <td className="p-0">
      <button
        type="button"
        aria-expanded={open}
        onClick={onOpen}
        onFocus={onFocus}
        className="w-full px-5 py-2 text-left"
      >
        <span className="block">
          {figure.label}
          {figure.by === 'hand' && (
            <span className="ml-2 rounded-[3px] bg-weld-1 px-1.5 text-sm font-semibold text-weld">
              by hand
            </span>
          )}
        </span>
        <span className="block text-sm text-walnut-2">{renderWorking(figure.working, unit, 'typeset')}</span>
      </button>
    </td>
    <td className="px-3 py-2 text-right text-lg font-bold">
      <Length mm={figure.mm} unit={unit} />
      {figure.by === 'hand' && (
        <span className="block text-sm font-normal text-walnut-2">
          computed <Length mm={figure.computed} unit={unit} />
        </span>
      )}
    </td>
    <td className="px-5 py-2 text-right text-walnut-2">
      {figure.kind !== 'length' && Math.abs(figure.mm - figure.stitch) > 0.5 && (
        <Length mm={figure.stitch} unit={unit} />
      )}
    </td>
  </tr>
);
