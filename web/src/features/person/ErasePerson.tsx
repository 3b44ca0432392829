import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { eraseClient } from '../../api/clients.ts';
import { paths } from '../../app/paths.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { controlClass, Field } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useShowChanged } from './use-show-changed.ts';

interface ErasePersonProps {
  readonly client: KnownClient;
  readonly onClose: () => void;
}

/** Forgets a person who asks to be forgotten; nothing brings her back, so her name has to be written. */
export function ErasePerson({ client, onClose }: ErasePersonProps) {
  const navigate = useNavigate();
  const showChanged = useShowChanged();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string>();
  const erase = async () => {
    try {
      await eraseClient(client.id, name);
      await navigate(paths.people);
      await showChanged();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'Nothing was erased; try again.');
    }
  };
  return (
    <Dialog title={`Erase ${client.name}`} open onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void erase();
        }}
      >
        <p>
          Her name, contact, remarks, all measures, pictures and private links, and{' '}
          {client.tickets === 1 ? 'her ticket' : `her ${client.tickets} tickets`} with everything on them are
          gone for good.
        </p>
        <p className="text-walnut-2">
          Letters that were sent are not called back. What has to be kept of a sale, and for how long, local
          rules say: print it first.
        </p>
        <Field label={`Write ${client.name} to erase her`}>
          <input
            className={controlClass}
            value={name}
            maxLength={120}
            autoComplete="off"
            onChange={({ target }) => setName(target.value)}
          />
        </Field>
        {problem && <Notice tone="stop">{problem}</Notice>}
        <p className="flex gap-3">
          <Button onClick={onClose}>Leave her here</Button>
          <Button look="quiet" type="submit">
            Erase for good
          </Button>
        </p>
      </form>
    </Dialog>
  );
}
