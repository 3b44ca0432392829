import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { useState } from 'react';
import { useSWRConfig } from 'swr';
import { changeClient, isOfClients } from '../../api/clients.ts';
import { ApiProblem } from '../../api/fetcher.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { controlClass, Field } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Segmented } from '../../ui/Segmented.tsx';
import { useKept } from '../../ui/use-kept.ts';

type Typed = Partial<Pick<KnownClient, 'name' | 'kind' | 'contact' | 'remarks'>>;
type Words = 'name' | 'contact' | 'remarks';

/** What is typed, and what stood there when that was begun. */
interface Kept {
  readonly typed: Typed;
  readonly over: Pick<KnownClient, Words>;
}

interface PersonDetailsProps {
  readonly client: KnownClient;
  readonly onClose: () => void;
}

/** What is known of a person. What is typed survives a reload; what another hand stored meanwhile is shown under it. */
export function PersonDetails({ client, onClose }: PersonDetailsProps) {
  const { mutate } = useSWRConfig();
  const [kept, keep] = useKept<Kept>(`person-${client.id}`);
  const [problem, setProblem] = useState<Error>();
  const { typed, over } = kept ?? { typed: {}, over: client };
  const shown = { ...client, ...typed };
  const type = (change: Typed) =>
    keep((held) => {
      const { name, contact, remarks } = client;
      return { over: held?.over ?? { name, contact, remarks }, typed: { ...held?.typed, ...change } };
    });
  const thereNow = (id: Words) =>
    typed[id] !== undefined && client[id] !== over[id] && client[id] !== typed[id]
      ? `Now there: ${client[id] || 'nothing'}`
      : undefined;
  const isKnown = problem instanceof ApiProblem && problem.code === 'known-name';
  const store = async (another = false) => {
    if (shown.name.trim() === '') {
      setProblem(new Error('Write her name.'));
      return;
    }
    try {
      await changeClient(client, { ...typed, ...(another && { another }) });
      keep(() => undefined);
      await mutate(isOfClients);
      onClose();
    } catch (error) {
      setProblem(error instanceof Error ? error : new Error('Not stored; try again.'));
      if (error instanceof ApiProblem && error.code === 'stale') await mutate(isOfClients);
    }
  };
  const leave = () => {
    keep(() => undefined);
    onClose();
  };
  return (
    <Dialog title={client.name} open onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void store();
        }}
      >
        <Field label="Name" hint={thereNow('name')}>
          <input
            className={controlClass}
            value={shown.name}
            maxLength={120}
            onChange={({ target }) => type({ name: target.value })}
          />
        </Field>
        <div className="flex items-center gap-3">
          <span className="text-sm font-semibold text-walnut-2">Sizing</span>
          <Segmented
            label="Sizing"
            value={shown.kind}
            onChange={(kind) => type({ kind })}
            options={[
              { value: 'adult', word: 'Adult' },
              { value: 'child', word: 'Child' },
            ]}
          />
        </div>
        <Field label="How she is reached" hint={thereNow('contact')}>
          <textarea
            className={`${controlClass} py-2`}
            rows={2}
            maxLength={2000}
            value={shown.contact}
            onChange={({ target }) => type({ contact: target.value })}
          />
        </Field>
        <Field label="Remarks" hint={thereNow('remarks') ?? 'Such as “carries the left shoulder low”.'}>
          <textarea
            className={`${controlClass} py-2`}
            rows={3}
            maxLength={2000}
            value={shown.remarks}
            onChange={({ target }) => type({ remarks: target.value })}
          />
        </Field>
        {problem && <Notice tone="stop">{problem.message}</Notice>}
        <p className="flex flex-wrap gap-3">
          <Button type="submit">Store</Button>
          {isKnown && (
            <Button look="outline" onClick={() => void store(true)}>
              Somebody else of that name
            </Button>
          )}
          <Button look="quiet" onClick={leave}>
            Cancel
          </Button>
        </p>
      </form>
    </Dialog>
  );
}
