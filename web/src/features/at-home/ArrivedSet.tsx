import { measureIds, measureOf } from '@ample-bolt/core/measures/catalogue';
import { checkMeasures } from '@ample-bolt/core/checks/plausibility';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import type { HomeEntries, HomeLink } from '@ample-bolt/core/shop/home-set';
import { valuesOf } from '@ample-bolt/core/shop/ticket';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useState } from 'react';
import { homePicture, refuseHomeSet, useHomeLinks } from '../../api/home.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { FindingNotice } from '../../ui/FindingNotice.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';

type SentLink = HomeLink & { readonly entries: HomeEntries };

const isSent = (link: HomeLink): link is SentLink => link.state === 'sent' && link.entries !== null;

/** Said as soon as measures came from home: a look at them, and whether they become the ticket's next set. */
export function ArrivedSet() {
  const { ticket } = useTicketContext();
  const { data: links = [] } = useHomeLinks(ticket.id);
  const [looking, setLooking] = useState(false);
  const sent = links.find(isSent);
  if (!sent) return null;
  const count = Object.keys(sent.entries.values).length;
  return (
    <>
      <Notice
        tone="care"
        action={
          <Button look="outline" onClick={() => setLooking(true)}>
            Look at them
          </Button>
        }
      >
        {count} {count === 1 ? 'measure has' : 'measures have'} come from home.
      </Notice>
      <Dialog title="From home" open={looking} onClose={() => setLooking(false)} wide>
        <Arrived link={sent} onDone={() => setLooking(false)} />
      </Dialog>
    </>
  );
}

function Arrived({ link, onDone }: { readonly link: SentLink; readonly onDone: () => void }) {
  const { ticket, actions } = useTicketContext();
  const { mutate: again } = useHomeLinks(ticket.id);
  const [failure, setFailure] = useState<string>();
  const { unit } = ticket;
  const { entries, pictures } = link;
  const values = valuesOf(entries.values);
  const findings = checkMeasures(values, ticket.client.kind, ruleSet(ticket.rules));
  const answer = (done: Promise<unknown>) =>
    void done
      .then(async () => {
        await again();
        onDone();
      })
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : 'It was not stored.'));
  const figure = (mm: number | undefined) =>
    mm === undefined ? '–' : formatNumber(mm, unit, { denominator: 16, decimals: 1, style: 'typeset' });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-6 max-md:grid-cols-1">
      <table className="h-fit w-full border-collapse">
        <thead className="text-left text-sm text-walnut-2">
          <tr>
            <th className="py-1 font-semibold">Measure, {unit}</th>
            <th className="py-1 text-right font-semibold">on the ticket</th>
            <th className="py-1 text-right font-semibold">from home</th>
          </tr>
        </thead>
        <tbody>
          {measureIds
            .filter((id) => values[id] !== undefined)
            .map((id) => (
              <tr key={id} className="border-t border-linen-2">
                <th className="py-1 text-left font-normal">{measureOf(id).names[0]}</th>
                <td className="py-1 text-right text-walnut-2">{figure(ticket.measures.values[id]?.mm)}</td>
                <td className="py-1 text-right font-bold">{figure(values[id])}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <div className="flex flex-col gap-3">
        {entries.undergarment && <p>Worn under the tape: {entries.undergarment}</p>}
        {entries.remarks && <p className="whitespace-pre-line">“{entries.remarks}”</p>}
        {pictures.length > 0 && (
          <div className="flex gap-3">
            {pictures.map((id, index) => (
              <a key={id} href={homePicture(ticket.id, link.id, id)} target="_blank" rel="noreferrer">
                <img
                  src={homePicture(ticket.id, link.id, id)}
                  alt={`Picture ${index + 1} from home`}
                  className="h-44 w-32 rounded-soft border border-linen-3 object-cover"
                />
              </a>
            ))}
          </div>
        )}
        {findings.length === 0 && <Notice tone="done">The measures go with each other.</Notice>}
        {findings.map((finding) => (
          <FindingNotice key={`${finding.code} ${finding.where.measure}`} finding={finding} unit={unit} />
        ))}
        {failure && <Notice tone="stop">{failure}</Notice>}
        <p className="flex flex-wrap gap-3">
          <Button onClick={() => answer(actions.put('home', { link: link.id }))}>
            Take them as the next set
          </Button>
          <Button look="quiet" onClick={() => answer(refuseHomeSet(ticket.id, link.id))}>
            {pictures.length > 0 ? 'Leave them, and throw the pictures away' : 'Leave them'}
          </Button>
        </p>
      </div>
    </div>
  );
}
