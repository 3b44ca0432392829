import type { Finding } from '@ample-bolt/core/findings/finding';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import type { ReactNode } from 'react';
import { FindingNotice } from '../../ui/FindingNotice.tsx';
import { Notice } from '../../ui/Notice.tsx';
import type { Measuring } from './use-measuring.ts';

interface MeantButtonProps {
  readonly finding: Finding;
  readonly measuring: Measuring;
  readonly unit: Unit;
}

/** Writes what was meant over a slip of the pen, or two measures in each other's place. */
function MeantButton({ finding: { remedy }, measuring: { entry }, unit }: MeantButtonProps) {
  switch (remedy?.kind) {
    case 'set-measure': {
      const { measure, mm } = remedy;
      const shown = { denominator: 8, decimals: 1 } as const;
      return (
        <SaysButton onPress={() => entry.type(measure, formatNumber(mm, unit, shown))}>
          {formatNumber(mm, unit, { ...shown, style: 'typeset' })}
        </SaysButton>
      );
    }
    case 'swap-measures': {
      const { measure, with: other } = remedy;
      const [text, otherText] = [entry.textOf(measure), entry.textOf(other)];
      return (
        <SaysButton
          onPress={() => {
            entry.type(measure, otherText);
            entry.type(other, text);
          }}
        >
          Swap them
        </SaysButton>
      );
    }
    case 'measure-again':
    case 'set-choice':
    case 'set-option':
    case 'set-rule':
    case 'clear-figure':
    case 'set-figure':
    case 'add-cloth':
    case undefined:
      return null;
  }
}

const SaysButton = ({
  onPress,
  children,
}: {
  readonly onPress: () => void;
  readonly children: ReactNode;
}) => (
  <button
    type="button"
    className="min-h-8 shrink-0 rounded-soft border border-current bg-white px-3 text-sm font-semibold text-walnut max-md:min-h-11"
    onClick={onPress}
  >
    {children}
  </button>
);

/** What is wrong with the measure in hand, or looks odd, or could not be stored. */
export function MeasureSays({ measuring, unit }: { readonly measuring: Measuring; readonly unit: Unit }) {
  const { entry, fault, findings } = measuring;
  return (
    <div id="measure-says" className="flex max-w-xl flex-col gap-2" aria-live="polite">
      {fault && <Notice tone="stop">{fault}</Notice>}
      {!fault &&
        findings.map((finding) => (
          <FindingNotice
            key={`${finding.code} ${finding.where.measure} ${finding.where.subject}`}
            finding={finding}
            unit={unit}
            action={<MeantButton finding={finding} measuring={measuring} unit={unit} />}
          />
        ))}
      {entry.failure && (
        <Notice
          tone="stop"
          action={
            <button
              type="button"
              className="min-h-8 rounded-soft border border-madder bg-white px-3 text-sm font-semibold max-md:min-h-11"
              onClick={() => void entry.save()}
            >
              Send again
            </button>
          }
        >
          {entry.failure}
        </Notice>
      )}
    </div>
  );
}
