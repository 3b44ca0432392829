import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { mergeClient } from '../../api/clients.ts';
import { paths } from '../../app/paths.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { ClientPicker } from '../clients/ClientPicker.tsx';
import { tellsApart } from '../clients/tells-apart.ts';
import { useShowChanged } from './use-show-changed.ts';

interface MergePersonProps {
  readonly client: KnownClient;
  readonly onClose: () => void;
}

/** Two entries turn out to be one person: what is this one's goes to the other, until they are taken apart again. */
export function MergePerson({ client, onClose }: MergePersonProps) {
  const navigate = useNavigate();
  const showChanged = useShowChanged();
  const [name, setName] = useState('');
  const [other, setOther] = useState<KnownClient>();
  const [problem, setProblem] = useState<string>();
  const merge = async () => {
    if (!other) {
      setProblem('Pick the other one from the list.');
      return;
    }
    try {
      await mergeClient(client, other.id);
      await navigate(paths.person(other.id));
      onClose();
      await showChanged();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'Nothing was changed; try again.');
    }
  };
  return (
    <Dialog title="The same as another person" open onClose={onClose}>
      <form
        className="flex min-h-96 flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void merge();
        }}
      >
        <p>
          All tickets and measures of <strong>{client.name}</strong> ({tellsApart(client)}) go to the other
          entry, whose name stays. The two can be taken apart again there.
        </p>
        <ClientPicker
          label="She is"
          autoFocus
          value={name}
          besides={client.id}
          onType={(typed) => {
            setName(typed);
            setOther(undefined);
          }}
          onPick={(picked) => {
            setName(picked.name);
            setOther(picked);
            setProblem(undefined);
          }}
          hint={other && tellsApart(other)}
        />
        {problem && <Notice tone="stop">{problem}</Notice>}
        <p className="flex gap-3">
          <Button type="submit">{other ? `All goes to ${other.name}` : 'Make them one'}</Button>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
        </p>
      </form>
    </Dialog>
  );
}
