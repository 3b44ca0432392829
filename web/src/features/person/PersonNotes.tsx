import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { changeClient, useClients } from '../../api/clients.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useShowChanged } from './use-show-changed.ts';

interface PersonNotesProps {
  readonly client: KnownClient;
  /** Does something that can fail, and says so where it does. */
  readonly attempt: (act: () => Promise<unknown>) => void;
}

/** Where she is if not on the list, who is one with her, how she is reached and what is remarked of her. */
export function PersonNotes({ client, attempt }: PersonNotesProps) {
  const showChanged = useShowChanged();
  const { data: merged } = useClients({ state: 'merged' });
  const ones = merged?.clients.filter(({ mergedInto }) => mergedInto === client.id) ?? [];
  const bring = (which: KnownClient) =>
    attempt(async () => {
      await changeClient(which, { state: 'here' });
      await showChanged();
    });
  const note = (words: string, act: string, which: KnownClient) => (
    <Notice key={which.id} tone="care">
      <span className="flex flex-wrap items-center gap-3">
        <span className="grow">{words}</span>
        <Button look="outline" onClick={() => bring(which)}>
          {act}
        </Button>
      </span>
    </Notice>
  );
  return (
    <>
      {client.state === 'archived' &&
        note('Put away: she is not offered for new tickets.', 'Have her back', client)}
      {client.state === 'merged' &&
        note('One with another: what was hers is there.', 'Take them apart', client)}
      {ones.map((one) => note(`${one.name} is one with her.`, `Take ${one.name} apart again`, one))}
      {(client.contact || client.remarks) && (
        <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1 whitespace-pre-line">
          {client.contact && (
            <>
              <dt className="text-walnut-2">Reached</dt>
              <dd>{client.contact}</dd>
            </>
          )}
          {client.remarks && (
            <>
              <dt className="text-walnut-2">Remarks</dt>
              <dd>{client.remarks}</dd>
            </>
          )}
        </dl>
      )}
    </>
  );
}
