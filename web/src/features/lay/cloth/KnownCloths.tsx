import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { FieldRow, inputClass } from '../../../ui/Field.tsx';
import { useKnownCloths } from '../../../api/sharers.ts';

interface KnownClothsProps {
  readonly ticketId: string;
  readonly role: ClothRole;
  /** The bolt that the ticket's cloth is of; empty where it is its own. */
  readonly bolt: string;
  readonly onPick: (cloth: Cloth) => void;
}

/** The cloths of other tickets: one that is picked is the same bolt, to be bought and laid together. */
export function KnownCloths({ ticketId, role, bolt, onPick }: KnownClothsProps) {
  const { data: known = [] } = useKnownCloths(ticketId, role);
  if (known.length === 0) return null;
  return (
    <FieldRow label="Shared with">
      <select
        className={inputClass}
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
    </FieldRow>
  );
}
