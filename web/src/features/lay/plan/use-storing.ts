import { laidOut } from '@ample-bolt/core/lay/model/laid-out';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { useState } from 'react';
import { useSWRConfig } from 'swr';
import { isOfTickets } from '../../../api/tickets.ts';
import { useStillHere } from '../../../ui/use-still-here.ts';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import type { Together } from '../cloth/use-together.ts';

interface StoringInput {
  readonly role: ClothRole;
  readonly together: Together;
  /** How many marks are chalked on the lay that is stored: they go with it. */
  readonly marksDone: number;
  /** Before a plan is sent, once it is stored, and on from there where somebody still looks at it. */
  readonly onStore: () => void;
  readonly onStored: () => void;
  readonly goOn: () => void;
}

export interface Storing {
  /** Takes a plan; where marks would go with the one before, it is asked first. */
  readonly take: (lay: Lay) => void;
  /** The plan that it is asked about. */
  readonly asking: Lay | undefined;
  readonly answer: (isMeant: boolean) => void;
  readonly failure: string | undefined;
  readonly dismiss: () => void;
}

/** Stores a plan as the lay of its cloth, and of the tickets that share it. */
export function useStoring({ role, together, marksDone, onStore, onStored, goOn }: StoringInput): Storing {
  const { ticket, actions } = useTicketContext();
  const { mutate } = useSWRConfig();
  const stillHere = useStillHere();
  const [failure, setFailure] = useState<string>();
  const [asking, setAsking] = useState<Lay>();
  const others = together.with.map(({ id, version }) => ({ id, version }));
  const store = async (lay: Lay) => {
    onStore();
    try {
      await actions.put('lay', {
        role,
        lay: laidOut(lay),
        ...(others.length > 0 ? { others } : {}),
      });
      setFailure(undefined);
      onStored();
      if (stillHere()) goOn();
      // Those that share a lay were changed with this one.
      if (others.length > 0 || ticket.lays[role]?.beside) await mutate(isOfTickets);
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'The lay was not stored; try again.');
    }
  };
  return {
    take: (lay) => (marksDone > 0 ? setAsking(lay) : void store(lay)),
    asking,
    answer: (isMeant) => {
      setAsking(undefined);
      if (isMeant && asking) void store(asking);
    },
    failure,
    dismiss: () => setFailure(undefined),
  };
}
