import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { ErasePerson } from './ErasePerson.tsx';
import { MergePerson } from './MergePerson.tsx';
import { PersonDetails } from './PersonDetails.tsx';

const itemClass =
  'flex min-h-10 cursor-default items-center rounded-soft px-3 outline-none data-[highlighted]:bg-linen-1 max-md:min-h-11';

type Sheet = 'details' | 'merge' | 'erase';

interface PersonMenuProps {
  readonly client: KnownClient;
  readonly onState: (state: 'here' | 'archived') => void;
}

/** What is done with a person: her details, one with another, put away, erased. */
export function PersonMenu({ client, onState }: PersonMenuProps) {
  const [sheet, setSheet] = useState<Sheet>();
  const close = () => setSheet(undefined);
  const item = (words: string, act: () => void, look = '') => (
    <DropdownMenu.Item className={`${itemClass} ${look}`} onSelect={act}>
      {words}
    </DropdownMenu.Item>
  );
  return (
    <>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger
          aria-label="This person"
          title="This person"
          className="grid h-9 min-w-10 place-items-center rounded-soft border border-linen-3 bg-white hover:bg-linen-1 max-md:h-11"
        >
          <Ellipsis size={18} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={4}
            className="z-30 min-w-52 rounded-soft border border-walnut bg-chalk p-1.5 text-base"
          >
            {item('Name, contact and remarks', () => setSheet('details'))}
            {item('The same as another person', () => setSheet('merge'))}
            <DropdownMenu.Separator className="my-1 h-px bg-linen-3" />
            {client.state === 'here'
              ? item('Put away', () => onState('archived'))
              : item('Have her back', () => onState('here'))}
            {item('Erase', () => setSheet('erase'), 'text-madder')}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {sheet === 'details' && <PersonDetails client={client} onClose={close} />}
      {sheet === 'merge' && <MergePerson client={client} onClose={close} />}
      {sheet === 'erase' && <ErasePerson client={client} onClose={close} />}
    </>
  );
}
