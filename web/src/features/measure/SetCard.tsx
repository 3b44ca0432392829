import { outgrown, setAgeAtDue } from '@ample-bolt/core/shop/set-age';
import type { MeasureSet } from '@ample-bolt/core/shop/ticket';
import { ClipboardPen, FileSpreadsheet, Printer, RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { paths } from '../../app/paths.ts';
import { dayText } from '../../ui/day.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { IconButton, iconButtonClass } from '../../ui/IconButton.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { Conditions } from './Conditions.tsx';
import { Remarks } from './Remarks.tsx';
import { SetFiles } from './SetFiles.tsx';
import type { MeasureEntry } from './use-measure-entry.ts';

/** When and by whom, in one line. */
function takenWords({ takenOn, takenBy, source }: MeasureSet): string {
  if (takenOn === null) return 'Nothing taken yet';
  const by = source === 'home' ? ' at home' : takenBy ? ` by ${takenBy}` : '';
  return `Taken ${dayText(takenOn)}${by}`;
}

function conditionWords({ from, startLine, observations, undergarment }: MeasureSet): string {
  const { build, tummy, shoulders } = observations;
  return [
    `lengths from the ${from === 'neckSide' ? 'neck side' : 'middle of the shoulder'}`,
    startLine === 'cut' ? 'start line at the cut edge' : '',
    `build ${build}, tummy ${tummy}, shoulders ${shoulders}`,
    undergarment && `over ${undergarment}`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** The set as a whole: how it was taken, measuring anew, paper, remarks. */
export function SetCard({ entry }: { readonly entry: MeasureEntry }) {
  const { ticket } = useTicketContext();
  const { measures } = ticket;
  const [open, setOpen] = useState<'conditions' | 'files'>();
  const close = () => setOpen(undefined);
  return (
    <section
      aria-label="This set of measures"
      className="flex flex-col gap-2 rounded-soft border border-linen-2 bg-white p-3"
    >
      <div>
        <p className="font-semibold">
          {takenWords(measures)}
          {measures.revision > 1 ? `, set ${measures.revision}` : ''}
        </p>
        <p className="text-sm text-walnut-2">{conditionWords(measures)}</p>
      </div>
      {outgrown(ticket) && (
        <p className="text-sm font-semibold text-weld">
          {setAgeAtDue(ticket)} days old when this is due, and children grow: measure again.
        </p>
      )}
      <div className="grid grid-cols-2 gap-1.5">
        <IconButton Icon={ClipboardPen} onPress={() => setOpen('conditions')}>
          How taken
        </IconButton>
        <IconButton
          Icon={RotateCcw}
          disabled={Object.keys(measures.values).length === 0}
          title="The set as it stands stays with the client; the new one starts with its figures"
          onPress={() => void entry.saveConditions({ anew: true })}
        >
          New set
        </IconButton>
        <a href={paths.measuresPdf(ticket.id)} target="_blank" rel="noreferrer" className={iconButtonClass}>
          <Printer size={16} aria-hidden />
          On paper
        </a>
        <IconButton Icon={FileSpreadsheet} onPress={() => setOpen('files')}>
          Files
        </IconButton>
      </div>
      <Remarks />
      <Dialog title="How this set was taken" open={open === 'conditions'} onClose={close}>
        <Conditions ticket={ticket} entry={entry} />
      </Dialog>
      <Dialog title="Measures in and out" open={open === 'files'} onClose={close}>
        <SetFiles entry={entry} onDone={close} />
      </Dialog>
    </section>
  );
}
