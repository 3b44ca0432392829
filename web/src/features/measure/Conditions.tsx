import type { MeasuredFrom } from '@ample-bolt/core/measures/measure-set';
import { startsAtShoulder } from '@ample-bolt/core/measures/steps';
import type { MeasureId } from '@ample-bolt/core/measures/catalogue';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useState, type ReactNode } from 'react';
import { useLine } from '../../writes/outgoing-context.ts';
import { Notice } from '../../ui/Notice.tsx';
import { Segmented } from '../../ui/Segmented.tsx';
import { useKeptWords } from '../../ui/use-kept-words.ts';
import { CarryOver } from './CarryOver.tsx';
import type { ConditionChange, MeasureEntry } from './use-measure-entry.ts';
import { boxClass } from '../../ui/Field.tsx';

interface ConditionsProps {
  readonly ticket: Ticket;
  readonly entry: MeasureEntry;
}

const build = [
  { value: 'slim', word: 'slim' },
  { value: 'middle', word: 'middle' },
  { value: 'full', word: 'full' },
] as const;
const tummy = [
  { value: 'flat', word: 'flat' },
  { value: 'rounded', word: 'rounded' },
] as const;
const shoulders = [
  { value: 'square', word: 'square' },
  { value: 'middle', word: 'middle' },
  { value: 'sloping', word: 'sloping' },
] as const;

/** How this set was taken, and what the eye sees that the tape does not. */
export function Conditions({ ticket, entry }: ConditionsProps) {
  const { measures } = ticket;
  const { observations } = measures;
  const [wanted, setWanted] = useState<MeasuredFrom>();
  // The strip above the page lies behind this sheet.
  const isOutOfReach = useLine(ticket.id)?.held?.kind === 'offline';
  const change = (conditions: ConditionChange) => void entry.saveConditions(conditions);
  const observe = (seen: Partial<typeof observations>) => change({ observations: seen });
  const hasShoulderLengths = (Object.keys(entry.values) as MeasureId[]).some(startsAtShoulder);
  const start = (from: MeasuredFrom) => {
    if (from === measures.from) setWanted(undefined);
    else if (hasShoulderLengths) setWanted(from);
    else change({ from });
  };
  return (
    <div className="flex flex-col gap-2.5">
      {entry.failure && <Notice tone="stop">{entry.failure}</Notice>}
      {isOutOfReach && (
        <Notice tone="care">
          The shop computer does not answer. What you enter is kept here and goes out by itself.
        </Notice>
      )}
      <Row label="Taken on">
        <input
          type="date"
          aria-label="Taken on"
          value={measures.takenOn ?? ''}
          onChange={(event) => event.target.value && change({ takenOn: event.target.value })}
          className={boxClass}
        />
      </Row>
      <Words
        label="Taken by"
        keptAs={`taken-by-${ticket.id}`}
        stored={measures.takenBy}
        most={80}
        onStore={(takenBy) => entry.saveConditions({ takenBy })}
      />
      <Words
        label="Worn under the tape"
        keptAs={`undergarment-${ticket.id}`}
        stored={measures.undergarment}
        most={120}
        onStore={(undergarment) => entry.saveConditions({ undergarment })}
      />
      <Row label="Heel worn">
        <input
          aria-label={`Heel worn, ${ticket.unit}`}
          aria-invalid={entry.faultOf('heelHeight') !== undefined}
          value={entry.textOf('heelHeight')}
          placeholder={ticket.unit}
          onChange={(event) => entry.type('heelHeight', event.target.value)}
          onBlur={() => void entry.save()}
          className={`${boxClass} w-28`}
        />
      </Row>
      <Row label="Lengths from">
        <Segmented
          label="Lengths from"
          value={wanted ?? measures.from}
          onChange={start}
          options={[
            { value: 'neckSide', word: 'neck side' },
            { value: 'midShoulder', word: 'mid shoulder' },
          ]}
        />
      </Row>
      {wanted && <CarryOver to={wanted} entry={entry} onDone={() => setWanted(undefined)} />}
      <Row label="Start line">
        <Segmented
          label="Start line"
          value={measures.startLine}
          onChange={(startLine) => change({ startLine })}
          options={[
            { value: 'stitch', word: 'stitch' },
            { value: 'cut', word: 'cut edge' },
          ]}
        />
      </Row>
      <Row label="Build">
        <Segmented
          label="Build"
          value={observations.build}
          onChange={(seen) => observe({ build: seen })}
          options={build}
        />
      </Row>
      <Row label="Tummy">
        <Segmented
          label="Tummy"
          value={observations.tummy}
          onChange={(seen) => observe({ tummy: seen })}
          options={tummy}
        />
      </Row>
      <Row label="Shoulders">
        <Segmented
          label="Shoulders"
          value={observations.shoulders}
          onChange={(seen) => observe({ shoulders: seen })}
          options={shoulders}
        />
      </Row>
    </div>
  );
}

const Row = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1">
    <span className="font-semibold text-walnut-2">{label}</span>
    {children}
  </div>
);

interface WordsProps {
  readonly label: string;
  /** Under which name what is typed and not stored survives a reload. */
  readonly keptAs: string;
  readonly stored: string;
  readonly most: number;
  readonly onStore: (text: string) => Promise<boolean>;
}

/** A few words, stored when the field is left. */
function Words({ label, keptAs, stored, most, onStore }: WordsProps) {
  const words = useKeptWords(keptAs, stored, onStore);
  return (
    <Row label={label}>
      <input
        aria-label={label}
        maxLength={most}
        value={words.value}
        onChange={(event) => words.type(event.target.value)}
        onBlur={words.leave}
        className={`${boxClass} w-60`}
      />
    </Row>
  );
}
