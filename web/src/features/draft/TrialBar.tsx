import type { Style } from '@ample-bolt/core/styles/style';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { Button } from '../../ui/Button.tsx';
import type { ChoiceEntry } from '../ticket/use-choice-entry.ts';

interface TrialBarProps {
  readonly style: Style;
  readonly entry: ChoiceEntry;
  readonly unit: Unit;
}

/** Choices that were dragged or typed and not agreed: what is on trial, to be kept or given up. */
export function TrialBar({ style, entry, unit }: TrialBarProps) {
  const words = Object.entries(style.choices)
    .filter(([id]) => entry.isTyped(id))
    .map(([id, choice]) => {
      const value = entry.preview[id];
      if (value && 'mm' in value)
        return `${choice.label} ${formatLength(value.mm, unit, { denominator: 16, style: 'typeset' })}`;
      const text = entry.textOf(id);
      return `${choice.label}: ${choice.kind === 'option' ? (choice.options[text] ?? text) : text}`;
    });
  const fault = Object.keys(style.choices).map(entry.faultOf).find(Boolean);
  return (
    <section
      aria-label="On trial"
      className="flex shrink-0 flex-wrap items-center justify-end gap-3 rounded-soft border border-indigo bg-indigo-1 py-2 pr-2 pl-4"
    >
      <p className="min-w-60 flex-1 text-[15px] leading-snug">
        <strong>On trial:</strong> {words.join(', ')}
        {(fault ?? entry.failure) && (
          <span className="block font-semibold text-madder">{fault ?? entry.failure}</span>
        )}
      </p>
      <Button look="quiet" onClick={entry.leave}>
        Discard changes
      </Button>
      <Button onClick={() => void entry.agree()} disabled={fault !== undefined}>
        Keep it
      </Button>
    </section>
  );
}
