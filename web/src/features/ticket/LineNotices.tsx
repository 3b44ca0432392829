import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useLine, useOutgoing } from '../../writes/outgoing-context.ts';
import { FrozenQuestion } from './FrozenQuestion.tsx';
import { TwoHands } from './TwoHands.tsx';

/** What somebody has to decide before the changes of a ticket go on to the shop computer, and what was refused of them. */
export function LineNotices({ ticket }: { readonly ticket: Ticket }) {
  const lines = useOutgoing();
  const line = useLine(ticket.id);
  if (!line) return null;
  const { held, refusals } = line;
  const { decide, dismiss } = lines.lineOf(ticket);
  return (
    <>
      {refusals.length > 0 && (
        <Notice
          tone="stop"
          action={
            <Button look="quiet" onClick={dismiss}>
              Understood
            </Button>
          }
        >
          {refusals.join(' ')}
        </Notice>
      )}
      {held?.kind === 'conflict' && <TwoHands conflicts={held.conflicts} onDecide={decide} />}
      {held?.kind === 'frozen' && <FrozenQuestion problem={held.problem} onAnswer={decide} />}
    </>
  );
}
