import { styleOf } from '@ample-bolt/core/styles/style-book';
import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { StyleBook } from '../ticket/StyleBook.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';

interface StyleBookDialogProps {
  readonly open: boolean;
  readonly onClose: () => void;
}

/** The style book over the ticket: another style of the same measures. What was chosen is kept where it has the same choice; undo brings the rest back. */
export function StyleBookDialog({ open, onClose }: StyleBookDialogProps) {
  const { ticket, actions } = useTicketContext();
  const [picked, setPicked] = useState(ticket.styleId);
  const [failure, setFailure] = useState<string>();
  const style = styleOf(picked);
  const take = async () => {
    try {
      await actions.put('style', { styleId: picked });
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
          {picked !== ticket.styleId &&
            ' Choices that this style has too are kept. The others, figures by hand and lays are let go; undo brings them back.'}
        </p>
        <Button disabled={picked === ticket.styleId} onClick={() => void take()}>
          Make this style
        </Button>
      </div>
      {failure && <Notice tone="stop">{failure}</Notice>}
    </Dialog>
  );
}
