import type { MeasureSet } from '@ample-bolt/core/shop/ticket';
import type { ReactNode } from 'react';
import { Segmented } from '../../ui/Segmented.tsx';

interface ConditionsProps {
  readonly measures: MeasureSet;
  readonly onChange: (change: Partial<Pick<MeasureSet, 'from' | 'startLine' | 'observations'>>) => void;
}

/** How this set was taken, and what the eye sees that the tape does not. */
export function Conditions({ measures, onChange }: ConditionsProps) {
  return (
    <div className="flex flex-col gap-1.5 rounded-soft border border-linen-2 bg-white p-3">
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
    </div>
  );
}

const Row = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <div className="flex items-center justify-between gap-2">
    <span className="text-[13px] font-semibold text-walnut-2">{label}</span>
    {children}
  </div>
);
