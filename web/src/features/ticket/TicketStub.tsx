import type { StationId } from '@ample-bolt/core/shop/stations';
import { stationIds } from '@ample-bolt/core/shop/stations';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { History, Redo2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { paths } from '../../app/paths.ts';
import { Button, Key } from '../../ui/Button.tsx';
import { dayText } from '../../ui/day.ts';
import { stationNames } from './station-names.ts';

interface TicketStubProps {
  readonly ticket: Ticket;
  readonly current: StationId | undefined;
  readonly onUnit: () => void;
  readonly onNext: (() => void) | undefined;
  readonly onUndo: (() => void) | undefined;
  readonly onRedo: (() => void) | undefined;
  /** What is done with the whole ticket. */
  readonly menu: ReactNode;
}

/** Which ticket this is, in which unit it is read, the way back, and the way to the next station. */
export function TicketStub({ ticket, current, onUnit, onNext, onUndo, onRedo, menu }: TicketStubProps) {
  const next = current && stationIds[stationIds.indexOf(current) + 1];
  const { undo, redo } = ticket.history;
  return (
    <header className="flex shrink-0 items-center gap-4 py-3 max-md:gap-2 max-md:py-2">
      <span className="rounded-soft border-[1.5px] border-walnut px-2.5 py-0.5 font-head font-semibold whitespace-nowrap">
        Nº {ticket.number}
      </span>
      <h1 className="truncate text-2xl max-lg:line-clamp-2 max-lg:text-xl max-lg:leading-tight max-lg:whitespace-normal max-md:text-lg max-md:leading-tight">
        {ticket.title}
      </h1>
      <p className="grow truncate text-walnut-2 max-lg:hidden">
        {ticket.client.name} · due {dayText(ticket.dueOn)}
      </p>
      <span className="grow lg:hidden" />
      <span className="flex">
        <Tool label={undo ? `Undo: ${undo}` : 'Nothing to undo'} onClick={onUndo} className="rounded-l-soft">
          <Undo2 size={18} aria-hidden />
        </Tool>
        <Tool
          label={redo ? `Redo: ${redo}` : 'Nothing to redo'}
          onClick={onRedo}
          className="-ml-px max-md:hidden"
        >
          <Redo2 size={18} aria-hidden />
        </Tool>
        <Link
          to={paths.versions(ticket.id)}
          aria-label="Versions of this ticket"
          title="Versions of this ticket"
          className="-ml-px grid h-9 min-w-10 place-items-center rounded-r-soft border border-linen-3 bg-white hover:bg-linen-1 max-md:hidden"
        >
          <History size={18} aria-hidden />
        </Link>
      </span>
      {menu}
      <Button
        look="quiet"
        onClick={onUnit}
        className="max-md:min-h-11 max-md:px-2"
        aria-label={`Lengths in ${ticket.unit === 'in' ? 'inches' : 'centimetres'}; switch`}
      >
        <span>
          <span className={ticket.unit === 'in' ? '' : 'font-normal text-walnut-2'}>in</span> ·{' '}
          <span className={ticket.unit === 'cm' ? '' : 'font-normal text-walnut-2'}>cm</span>
        </span>
        <span className="max-md:hidden">
          <Key>u</Key>
        </span>
      </Button>
      {next && onNext && (
        <Button onClick={onNext} hotkey="]" className="max-md:hidden">
          {stationNames[next]}
        </Button>
      )}
    </header>
  );
}

const Tool = ({
  label,
  onClick,
  className,
  children,
}: {
  readonly label: string;
  readonly onClick: (() => void) | undefined;
  readonly className: string;
  readonly children: ReactNode;
}) => (
  <button
    type="button"
    aria-label={label}
    title={label}
    disabled={!onClick}
    onClick={onClick}
    className={`grid h-9 min-w-10 place-items-center border border-linen-3 bg-white hover:bg-linen-1 disabled:text-linen-3 max-md:h-11 ${className}`}
  >
    {children}
  </button>
);
