import { useState } from 'react';
import type { TicketSummary } from '@ample-bolt/core/shop/ticket-list';
import { garmentPictureOf } from '../../api/tickets.ts';

/** A ticket's garment, small, in its cloth: by it a row is found before its words are read. Its room stays where it cannot be drawn. */
export function GarmentThumb({ ticket }: { readonly ticket: Pick<TicketSummary, 'id' | 'version'> }) {
  const address = garmentPictureOf(ticket, 'card');
  const [failed, setFailed] = useState<string>();
  return (
    <span className="grid h-14 w-12 shrink-0 place-items-center max-md:h-12 max-md:w-10">
      {failed !== address && (
        <img
          src={address}
          alt=""
          loading="lazy"
          className="h-14 w-12 object-contain max-md:h-12 max-md:w-10"
          onError={() => setFailed(address)}
        />
      )}
    </span>
  );
}
