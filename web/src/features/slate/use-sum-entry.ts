import type { InputFault } from '@ample-bolt/core/input/input-fault';
import type { SumOutcome } from '@ample-bolt/core/slate/quick-sum';
import { readSum, type ReadSum } from '@ample-bolt/core/slate/read-sum';
import { sumNamed } from '@ample-bolt/core/slate/slate';
import type { Unit } from '@ample-bolt/core/units/length';
import { useKept } from '../../ui/use-kept.ts';
import { useKeptLengths } from '../../ui/use-kept-lengths.ts';

type Typed = { readonly [id: string]: string };

export interface SumEntry {
  readonly typed: Typed;
  readonly type: (id: string, text: string) => void;
  readonly clear: () => void;
  /** The sum as it stands, once everything that it needs is readable. */
  readonly sum: ReadSum | undefined;
  readonly outcome: SumOutcome | undefined;
  /** What keeps it from being summed: the first thing that is wrong, or missing. */
  readonly fault: InputFault | undefined;
}

/** What is typed into one quick sum, kept until it is cleared; lengths stay the same when the unit is switched. */
export function useSumEntry(name: string, unit: Unit): SumEntry {
  const lengths = useKeptLengths(`slate-${name}`, unit);
  const [plain = {}, keepPlain] = useKept<Typed>(`slate-${name}-plain`);
  const isLength = (id: string) => sumNamed(name)?.args.find((arg) => arg.id === id)?.kind === 'length';
  const typed = { ...lengths.typed, ...plain };
  const written = Object.fromEntries(Object.entries(typed).filter(([, text]) => text.trim() !== ''));
  const sum = readSum(name, written, unit);
  return {
    typed,
    type: (id, text) =>
      isLength(id) ? lengths.type(id, text) : keepPlain((held) => ({ ...held, [id]: text })),
    clear: () => {
      lengths.forget(lengths.typed);
      keepPlain(() => undefined);
    },
    sum: sum.ok ? sum.value : undefined,
    outcome: sum.ok ? sum.value.quickSum.sum(sum.value.inputs) : undefined,
    fault: sum.ok ? undefined : sum.fault,
  };
}
