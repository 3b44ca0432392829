import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { useKnownCloths } from '../../api/sharers.ts';

interface KnownClothsProps {
  readonly ticketId: string;
  readonly role: ClothRole;
  /** The bolt that the ticket's cloth is of, where it is known. */
  readonly bolt: string | undefined;
  readonly onPick: (cloth: Cloth) => void;
}

/** The cloths of other tickets: one that is picked is the same bolt, to be bought and laid together. */
export function KnownCloths({ ticketId, role, bolt, onPick }: KnownClothsProps) {
  const { data: known = [] } = useKnownCloths(ticketId, role);
  if (known.length === 0) return null;
  return (
    <label className="grid grid-cols-[96px_1fr] items-center gap-2">
      <span className="text-sm text-walnut-2">Shared with</span>
      <select
        className="min-h-11 w-full rounded-soft border border-linen-3 bg-white px-2.5"
        value={known.some(({ cloth }) => cloth.bolt === bolt) ? bolt : ''}
        onChange={({ target }) => {
          const picked = known.find(({ cloth }) => cloth.bolt === target.value);
          if (picked) onPick(picked.cloth);
        }}
      >
        <option value="">no other ticket</option>
        {known.map(({ cloth, tickets }) => (
          <option key={cloth.bolt} value={cloth.bolt}>
            {cloth.name}, Nº {tickets.join(', ')}
          </option>
        ))}
      </select>
    </label>
  );
}
