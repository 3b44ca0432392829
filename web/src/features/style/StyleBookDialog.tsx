import { useState } from 'react';
import { useHouseStyles } from '../../api/styles.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { pickedStyle } from '../ticket/picked-style.ts';
import { StyleBook } from '../ticket/StyleBook.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';

interface StyleBookDialogProps {
  readonly open: boolean;
  readonly onClose: () => void;
}

const fromBook =
  'Choices that this style has too are kept. The others, figures by hand and lays are let go; undo brings them back.';
const fromHouse =
  'Its own choices take the place of those that were made. They, figures by hand and lays are let go; undo brings them back.';

/** The style book over the ticket: another style of the same measures. What was chosen is kept where it has the same choice; undo brings the rest back. */
export function StyleBookDialog({ open, onClose }: StyleBookDialogProps) {
  const { ticket, actions } = useTicketContext();
  const [picked, setPicked] = useState(ticket.styleId);
  const [failure, setFailure] = useState<string>();
  const { data: own = [] } = useHouseStyles();
  const style = pickedStyle(picked, own);
  const take = async () => {
    try {
      if (!style) throw new Error('This style is not in the book any more; pick another.');
      const { styleId, choices } = style;
      await actions.put('style', { styleId, ...(choices && { choices }) });
      setFailure(undefined);
      onClose();
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'Not stored yet.');
    }
  };
  return (
    <Dialog title="Style book" open={open} onClose={onClose} wide>
      <StyleBook value={picked} onChange={setPicked} />
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <p className="grow text-walnut-2">
          {style?.summary}
          {picked !== ticket.styleId && ` ${style?.choices ? fromHouse : fromBook}`}
        </p>
        <Button disabled={picked === ticket.styleId} onClick={() => void take()}>
          Make this style
        </Button>
      </div>
      {failure && <Notice tone="stop">{failure}</Notice>}
    </Dialog>
  );
}
