import { missingMeasures } from '@ample-bolt/core/shop/ticket';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { useState } from 'react';
import { garmentPictureOf } from '../../api/tickets.ts';
import { Button } from '../../ui/Button.tsx';
import { NotYet } from '../ticket/NotYet.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { AgreeStyle } from './AgreeStyle.tsx';
import { StyleBookDialog } from './StyleBookDialog.tsx';

/** The style that is agreed, and the book that it was taken from, which stays open over whatever the page shows. */
export function StylePage() {
  const { ticket, drafted, error } = useTicketContext();
  const missing = missingMeasures(ticket);
  const [looking, setLooking] = useState(false);
  const style = styleOf(ticket.styleId);
  const canTurnBack = !style || missing.length > 0 || error !== undefined;
  const look = () => setLooking(true);
  return (
    <>
      {style && drafted ? (
        <AgreeStyle key={style.id} style={style} onBook={look} />
      ) : (
        <div className="flex flex-col items-center gap-3">
          <NotYet />
          {/* Not while the draft is only under way: a button that moves off as it comes is missed. */}
          {canTurnBack && (
            <Button look="quiet" onClick={look}>
              Style book
            </Button>
          )}
          {style && missing.length > 0 && (
            <img
              src={garmentPictureOf(ticket, 'page')}
              alt={`${style.name}, as the book draws it`}
              className="mt-2 h-[44dvh] max-w-full object-contain"
            />
          )}
        </div>
      )}
      <StyleBookDialog key={`book ${ticket.styleId}`} open={looking} onClose={() => setLooking(false)} />
    </>
  );
}
