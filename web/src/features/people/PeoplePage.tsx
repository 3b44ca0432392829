import { useState } from 'react';
import { Link } from 'react-router';
import { useClients } from '../../api/clients.ts';
import { useTickets } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Card } from '../../ui/Card.tsx';
import { dayText } from '../../ui/day.ts';
import { SearchField } from '../../ui/SearchField.tsx';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { NoTickets } from '../tickets/NoTickets.tsx';
import { PeopleFiles } from './PeopleFiles.tsx';
import { nextStep } from '../ticket/next-step.ts';

/** Everyone the shop works for, with their tickets. */
export function PeoplePage() {
  const { data: clients, error, mutate } = useClients();
  const { data: list } = useTickets({ limit: 200 });
  const tickets = list?.tickets ?? [];
  const [sought, setSought] = useState('');
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const found = clients?.filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)));
  return (
    <main className="flex flex-col gap-4 p-6">
      <header className="flex flex-wrap items-center gap-3">
        <h1 className="grow text-3xl">People</h1>
        <SearchField
          label="Find a person"
          hint="Find by name"
          value={sought}
          onChange={setSought}
          className="w-64 max-md:order-last max-md:w-full"
        />
        <PeopleFiles onTaken={() => void mutate()} />
      </header>
      {error && <Failed error={error} again={() => void mutate()} />}
      {!clients && !error && <Waiting what="the people" />}
      {clients?.length === 0 && <NoTickets title="Nobody yet" />}
      {clients && clients.length > 0 && found?.length === 0 && (
        <p className="text-walnut-2">Nobody here is called “{sought}”.</p>
      )}
      <div className="grid grid-cols-2 gap-4 xl:grid-cols-3">
        {found?.map((client) => (
          <Card
            key={client.id}
            title={
              <Link to={paths.person(client.id)} className="text-base text-walnut hover:underline">
                {client.name}
                {client.kind === 'child' ? ', child' : ''}
              </Link>
            }
          >
            <ul className="px-5 py-2">
              {tickets
                .filter((ticket) => ticket.client.id === client.id)
                .map((ticket) => (
                  <li key={ticket.id}>
                    <Link
                      to={paths.station(ticket.id, nextStep(ticket.progress).station)}
                      className="flex min-h-10 items-center gap-3 hover:underline"
                    >
                      <span className="font-head font-semibold">{ticket.number}</span>
                      <span className="grow truncate">{ticket.title}</span>
                      <span className="text-sm text-walnut-2">{dayText(ticket.dueOn)}</span>
                    </Link>
                  </li>
                ))}
            </ul>
          </Card>
        ))}
      </div>
    </main>
  );
}
