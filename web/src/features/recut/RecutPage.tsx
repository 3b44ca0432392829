import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { EnteredById, Ticket } from '@ample-bolt/core/shop/ticket';
import { recutWidths } from '@ample-bolt/core/recut/recut-widths';
import { recutLines } from '@ample-bolt/core/words/recut-words';
import { Eraser } from 'lucide-react';
import { Link, useSearchParams } from 'react-router';
import { useClient, useClientSets } from '../../api/clients.ts';
import { useTicket } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Button } from '../../ui/Button.tsx';
import { Card } from '../../ui/Card.tsx';
import { CopyButton } from '../../ui/CopyButton.tsx';
import { UnitSwitch } from '../../ui/UnitSwitch.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { OntoTicket } from '../ticket/OntoTicket.tsx';
import type { BodyField } from './recut-fields.ts';
import { RecutDrawings } from './RecutDrawings.tsx';
import { RecutMarks } from './RecutMarks.tsx';
import { RecutSheet } from './RecutSheet.tsx';
import { RecutTable } from './RecutTable.tsx';
import { useRecut, type RecutKnown } from './use-recut.ts';

/** The measures of a body by the fields that ask for them. */
const taken: { readonly [field in BodyField]: string } = {
  chest: 'bust',
  waist: 'waist',
  hip: 'hip',
  height: 'height',
  neck: 'neck',
  shoulder: 'shoulder',
  armLength: 'armLength',
  wrist: 'wrist',
};

const bodyFrom = (values: EnteredById): EnteredById =>
  Object.fromEntries(
    Object.entries(taken).flatMap(([field, id]) => (values[id] ? [[field, values[id]] as const] : [])),
  );

const nothing: EnteredById = {};
const nobody: RecutKnown = { of: 'anyone', unit: 'cm', body: nothing, sample: nothing };

const fromTicket = ({ id, unit, measures }: Ticket): RecutKnown => ({
  of: id,
  unit,
  body: bodyFrom(measures.values),
  sample: measures.garment.values,
});

/** A bought shirt reshaped to fit: for a ticket with its body and its garment, for a person with her last set, or for anyone. */
export function RecutPage() {
  const [search] = useSearchParams();
  const [ticketId, clientId] = [search.get('ticket'), search.get('client')];
  if (ticketId) return <ForTicket id={ticketId} />;
  return clientId ? <ForClient id={clientId} /> : <Bench known={nobody} whose="A shirt from a shop" />;
}

function ForTicket({ id }: { readonly id: string }) {
  const { data: ticket, error, mutate } = useTicket(id);
  if (error && !ticket) return <Failed error={error} again={() => void mutate()} />;
  if (!ticket) return <Waiting what="the ticket" />;
  return (
    <Bench
      key={id}
      known={fromTicket(ticket)}
      whose={`Nº ${ticket.number}, ${ticket.client.name}`}
      back={{ to: paths.station(id, 'measure'), words: `Nº ${ticket.number}` }}
      ticket={ticket}
    />
  );
}

const newestOf = (sets: readonly ClientSet[]): EnteredById => sets[0]?.values ?? nothing;

function ForClient({ id }: { readonly id: string }) {
  const { data: client, error, mutate } = useClient(id);
  const { data: sets, error: setsError, mutate: again } = useClientSets(id);
  if (error && !client) return <Failed error={error} again={() => void mutate()} />;
  if (setsError && !sets) return <Failed error={setsError} again={() => void again()} />;
  if (!client || !sets) return <Waiting what="the measures" />;
  return (
    <Bench
      key={id}
      known={{ of: id, unit: 'cm', body: bodyFrom(newestOf(sets)), sample: nothing }}
      whose={client.name}
      back={{ to: paths.person(id), words: client.name }}
    />
  );
}

interface BenchProps {
  readonly known: RecutKnown;
  readonly whose: string;
  readonly back?: { readonly to: string; readonly words: string };
  readonly ticket?: Ticket;
}

function Bench({ known, whose, back, ticket }: BenchProps) {
  const entry = useRecut(known);
  const { input, unit, setUnit } = entry;
  useHotkeys({
    u: { does: 'inches or centimetres', act: () => setUnit(unit === 'in' ? 'cm' : 'in') },
  });
  const widths = recutWidths(input);
  const lines = recutLines(input, unit);
  const text = [`Recut, ${whose}`, ...lines].join('\n');
  return (
    <main className="flex flex-col gap-4 p-6 max-md:p-3">
      <header className="flex flex-wrap items-center gap-3">
        {back && (
          <Link to={back.to} className="font-semibold text-indigo hover:underline">
            {back.words}
          </Link>
        )}
        <h1 className="grow text-3xl">
          Recut <span className="text-xl font-normal text-walnut-2">{whose}</span>
        </h1>
        <UnitSwitch unit={unit} onChange={setUnit} />
        {lines.length > 0 && <CopyButton text={text}>Copy</CopyButton>}
        {lines.length > 0 && ticket && <OntoTicket ticket={ticket} text={text} />}
        <Button look="quiet" onClick={entry.wipe}>
          <Eraser size={16} aria-hidden /> Wipe
        </Button>
      </header>
      <div className="grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] items-start gap-5 max-lg:grid-cols-1">
        <RecutTable entry={entry} />
        <div className="flex min-w-0 flex-col gap-5 max-lg:order-first">
          <RecutSheet entry={entry} />
          <Card title={`The new line, ${unit}`}>
            <RecutDrawings input={input} widths={widths} unit={unit} />
            <RecutMarks input={input} widths={widths} unit={unit} />
          </Card>
        </div>
      </div>
    </main>
  );
}
