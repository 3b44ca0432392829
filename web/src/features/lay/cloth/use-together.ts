import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { LayPiece } from '@ample-bolt/core/lay/model/layable';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import type { ClothSharer } from '@ample-bolt/core/messages/ticket-messages';
import { useSharedPieces, useSharers } from '../../../api/sharers.ts';
import { useKept } from '../../../ui/use-kept.ts';

/** Tickets that are laid together on one cloth. */
export interface Together {
  /** All whose cloth is the same. */
  readonly sharers: readonly ClothSharer[];
  /** Those that are laid with this one. */
  readonly with: readonly ClothSharer[];
  /** Their pieces, numbered with their tickets. */
  readonly pieces: readonly LayPiece[];
  readonly toggle: (id: string) => void;
}

/** One and the same while there is nobody: the task that is laid is known by its parts. */
const nothing: readonly LayPiece[] = [];

/** Who is laid with a ticket: as its lay has it, until another one is added or left out. Undefined until their pieces are there. */
export function useTogether(ticket: Ticket, cloth: Cloth): Together | undefined {
  const { role, bolt, width, selvedge, oneWay } = cloth;
  const { data: sharers, error } = useSharers(
    ticket.id,
    role,
    JSON.stringify([bolt, width, selvedge, oneWay]),
  );
  const stored = ticket.lays[role]?.beside?.map(({ ticket: id }) => id) ?? [];
  const [kept, keep] = useKept<readonly string[]>(`together-${ticket.id}-${role}`);
  const wanted = kept ?? stored;
  const chosen = (sharers ?? []).filter(({ id }) => wanted.includes(id));
  const { data: pieces } = useSharedPieces(chosen, role);
  if (error) return { sharers: [], with: [], pieces: nothing, toggle: () => undefined };
  if (!sharers || (chosen.length > 0 && !pieces)) return undefined;
  return {
    sharers,
    with: chosen,
    pieces: chosen.length > 0 ? (pieces ?? nothing) : nothing,
    toggle: (id) =>
      keep((held = stored) => (held.includes(id) ? held.filter((each) => each !== id) : [...held, id])),
  };
}
