import { stationIds, type StationId } from '@ample-bolt/core/shop/stations';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { Button, Key } from '../../ui/Button.tsx';
import { dayText } from '../../ui/day.ts';
import { stationNames } from './station-names.ts';

interface TicketStubProps {
  readonly ticket: Ticket;
  readonly current: StationId;
  readonly onUnit: () => void;
  readonly onNext: () => void;
}

/** Which ticket this is, in which unit it is read, and the way to the next station. */
export function TicketStub({ ticket, current, onUnit, onNext }: TicketStubProps) {
  const next = stationIds[stationIds.indexOf(current) + 1];
  return (
    <header className="flex shrink-0 items-center gap-4 py-3">
      <span className="rounded-soft border-[1.5px] border-walnut px-2.5 py-0.5 font-head font-semibold">
        Nº {ticket.number}
      </span>
      <h1 className="text-2xl">{ticket.title}</h1>
      <p className="grow text-walnut-2">
        {ticket.client.name} · due {dayText(ticket.dueOn)}
      </p>
      <Button
        look="quiet"
        onClick={onUnit}
        aria-label={`Lengths in ${ticket.unit === 'in' ? 'inches' : 'centimetres'}; switch`}
      >
        <span>
          <span className={ticket.unit === 'in' ? '' : 'font-normal text-walnut-2'}>in</span> ·{' '}
          <span className={ticket.unit === 'cm' ? '' : 'font-normal text-walnut-2'}>cm</span>
        </span>
        <Key>u</Key>
      </Button>
      {next && (
        <Button onClick={onNext} hotkey="]">
          {stationNames[next]}
        </Button>
      )}
    </header>
  );
}
