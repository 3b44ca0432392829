import { namesakesOf, type KnownClient } from '@ample-bolt/core/shop/known-client';
import type { NewTicket } from '@ample-bolt/core/messages/ticket-messages';
import { useClients } from '../../api/clients.ts';
import { useKept } from '../../ui/use-kept.ts';

/** Whose a new ticket is, as far as the name that is typed says it. */
export interface Whose {
  /** All who are called so. */
  readonly namesakes: readonly KnownClient[];
  /** Which of them is meant, or `new`; undefined until somebody says it. */
  readonly which: string | undefined;
  readonly known: KnownClient | undefined;
  readonly isLoading: boolean;
  readonly say: (name: string, which: string) => void;
  readonly forget: () => void;
  /** What the message says of her. */
  readonly toSend: (kind: 'adult' | 'child') => NewTicket['client'];
}

/** Tells who is meant by a name: one who is known by it, unless somebody says otherwise; of two, somebody has to. */
export function useWhose(name: string): Whose {
  const { data: listed, isLoading } = useClients({ q: name, limit: 40 });
  const namesakes = namesakesOf(listed?.clients ?? [], name);
  const [said, keepSaid] = useKept<{ readonly name: string; readonly which: string }>('new-ticket-for');
  const which = said?.name === name ? said.which : namesakes.length === 1 ? namesakes[0]?.id : undefined;
  const known = namesakes.find(({ id }) => id === which);
  return {
    namesakes,
    which,
    known,
    isLoading,
    say: (of, chosen) => keepSaid(() => ({ name: of, which: chosen })),
    forget: () => keepSaid(() => undefined),
    toSend: (kind) => (known ? { id: known.id } : { name: name.trim(), kind, another: which === 'new' }),
  };
}
