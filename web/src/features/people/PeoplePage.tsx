import { useState } from 'react';
import { Link } from 'react-router';
import { useClients } from '../../api/clients.ts';
import { useTickets } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Card } from '../../ui/Card.tsx';
import { dayText } from '../../ui/day.ts';
import { SearchField } from '../../ui/SearchField.tsx';
import { Segmented } from '../../ui/Segmented.tsx';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { NoTickets } from '../tickets/NoTickets.tsx';
import { PeopleFiles } from './PeopleFiles.tsx';
import { nextStep } from '../ticket/next-step.ts';

/** So many are shown at once: who is looked for further down is found by her name. */
const SHOWN = 60;

type Where = 'here' | 'archived';

/** Everyone the shop works for, with their tickets. */
export function PeoplePage() {
  const [sought, setSought] = useState('');
  const [state, setState] = useState<Where>('here');
  const { data, error, mutate } = useClients({ q: sought, state, limit: SHOWN });
  const { data: list } = useTickets({ limit: 200 });
  const tickets = list?.tickets ?? [];
  const isAll = sought.trim() === '';
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
        <Segmented
          label="Which people"
          value={state}
          onChange={setState}
          options={[
            { value: 'here', word: 'Here' },
            { value: 'archived', word: 'Put away' },
          ]}
        />
        <PeopleFiles onTaken={() => void mutate()} />
      </header>
      {error && <Failed error={error} again={() => void mutate()} />}
      {!data && !error && <Waiting what="the people" />}
      {data?.inAll === 0 &&
        (!isAll ? (
          <p className="text-walnut-2">
            Nobody {state === 'archived' ? 'who is put away' : 'here'} is called “{sought}”.
          </p>
        ) : state === 'here' ? (
          <NoTickets title="Nobody yet" />
        ) : (
          <p className="text-walnut-2">
            Nobody is put away. Who is not dressed here any more can be, from her own page.
          </p>
        ))}
      <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1 xl:grid-cols-3">
        {data?.clients.map((client) => (
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
      {data && data.inAll > data.clients.length && (
        <p className="text-walnut-2">
          {data.clients.length} of {data.inAll}. Type a part of the name to find the others.
        </p>
      )}
    </main>
  );
}
