import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { useState } from 'react';
import { MoreItem, MoreLine, MoreMenu } from '../../ui/MoreMenu.tsx';
import { ErasePerson } from './ErasePerson.tsx';
import { MergePerson } from './MergePerson.tsx';
import { PersonDetails } from './PersonDetails.tsx';

type Sheet = 'details' | 'merge' | 'erase';

interface PersonMenuProps {
  readonly client: KnownClient;
  readonly onState: (state: 'here' | 'archived') => void;
}

/** What is done with a person: her details, one with another, put away, erased. */
export function PersonMenu({ client, onState }: PersonMenuProps) {
  const [sheet, setSheet] = useState<Sheet>();
  const close = () => setSheet(undefined);
  return (
    <>
      <MoreMenu label="This person">
        <MoreItem onSelect={() => setSheet('details')}>Name, contact and remarks</MoreItem>
        <MoreItem onSelect={() => setSheet('merge')}>The same as another person</MoreItem>
        <MoreLine />
        {client.state === 'here' ? (
          <MoreItem onSelect={() => onState('archived')}>Put away</MoreItem>
        ) : (
          <MoreItem onSelect={() => onState('here')}>Have her back</MoreItem>
        )}
        <MoreItem grave onSelect={() => setSheet('erase')}>
          Erase
        </MoreItem>
      </MoreMenu>
      {sheet === 'details' && <PersonDetails client={client} onClose={close} />}
      {sheet === 'merge' && <MergePerson client={client} onClose={close} />}
      {sheet === 'erase' && <ErasePerson client={client} onClose={close} />}
    </>
  );
}
