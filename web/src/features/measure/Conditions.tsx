import { outgrown, setAgeAtDue } from '@ample-bolt/core/shop/set-age';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { paths } from '../../app/paths.ts';
import { Segmented } from '../../ui/Segmented.tsx';
import { Remarks } from './Remarks.tsx';
import type { ConditionChange } from './use-measure-entry.ts';

interface ConditionsProps {
  readonly ticket: Ticket;
  readonly onChange: (change: ConditionChange) => void;
}

/** How this set was taken, and what the eye sees that the tape does not. */
export function Conditions({ ticket, onChange }: ConditionsProps) {
  const { measures } = ticket;
  return (
    <div className="flex flex-col gap-1.5 rounded-soft border border-linen-2 bg-white p-3">
      <a
        href={paths.measuresPdf(ticket.id)}
        target="_blank"
        rel="noreferrer"
        className="flex min-h-8 items-center gap-2 text-[13px] font-semibold text-indigo hover:underline max-md:min-h-11"
      >
        <Printer size={16} aria-hidden />
        Sheet to measure with, on paper
      </a>
      <Row label="Taken on">
        <input
          type="date"
          aria-label="Taken on"
          value={measures.takenOn ?? ''}
          onChange={(event) => event.target.value && onChange({ takenOn: event.target.value })}
          className="min-h-8 rounded-soft border border-linen-3 bg-white px-2 text-sm max-md:min-h-11"
        />
      </Row>
      {outgrown(ticket) && (
        <p className="text-sm font-semibold text-weld">
          {setAgeAtDue(ticket)} days old when this is due, and children grow: measure again.
        </p>
      )}
      <Row label="Lengths from">
        <Segmented
          label="Lengths from"
          value={measures.from}
          onChange={(from) => onChange({ from })}
          options={[
            { value: 'neckSide', word: 'neck side' },
            { value: 'midShoulder', word: 'mid shoulder' },
          ]}
        />
      </Row>
      <Row label="Start line">
        <Segmented
          label="Start line"
          value={measures.startLine}
          onChange={(startLine) => onChange({ startLine })}
          options={[
            { value: 'stitch', word: 'stitch' },
            { value: 'cut', word: 'cut edge' },
          ]}
        />
      </Row>
      <Row label="Shoulders">
        <Segmented
          label="Shoulders"
          value={measures.observations.shoulders}
          onChange={(shoulders) => onChange({ observations: { ...measures.observations, shoulders } })}
          options={[
            { value: 'square', word: 'square' },
            { value: 'middle', word: 'middle' },
            { value: 'sloping', word: 'sloping' },
          ]}
        />
      </Row>
      <Remarks />
    </div>
  );
}

const Row = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <div className="flex items-center justify-between gap-2">
    <span className="text-[13px] font-semibold text-walnut-2">{label}</span>
    {children}
  </div>
);
