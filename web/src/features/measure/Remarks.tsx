import { useState } from 'react';
import { useKept } from '../../ui/use-kept.ts';
import { wasLeftOut } from '../../writes/ticket-line.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';

/** What no field asks for; kept here as it is typed, stored when the field is left. */
export function Remarks() {
  const { ticket, actions } = useTicketContext();
  const [typed, keep] = useKept<string>(`remarks-${ticket.id}`);
  const [failure, setFailure] = useState<string>();
  const store = () => {
    if (typed === undefined) return;
    actions
      .put('ticket', { remarks: typed })
      .then(() => {
        keep((held) => (held === typed ? undefined : held));
        setFailure(undefined);
      })
      .catch((error: unknown) => {
        if (wasLeftOut(error)) keep((held) => (held === typed ? undefined : held));
        setFailure(error instanceof Error ? error.message : 'Not stored yet.');
      });
  };
  return (
    <label className="block">
      <span className="text-[13px] font-semibold text-walnut-2">Remarks</span>
      <textarea
        rows={2}
        maxLength={4000}
        placeholder="How she stands, what was promised"
        value={typed ?? ticket.remarks}
        onChange={(event) => keep(() => event.target.value)}
        onBlur={store}
        className="mt-1 block w-full resize-none rounded-soft border border-linen-3 bg-white px-2 py-1 text-sm placeholder:text-walnut-2 max-md:text-base"
      />
      {typed !== undefined && typed !== ticket.remarks && !failure && (
        <span className="block text-sm text-walnut-2">kept here until the field is left</span>
      )}
      {failure && (
        <span role="alert" className="block text-sm font-semibold text-madder">
          {failure}
        </span>
      )}
    </label>
  );
}
