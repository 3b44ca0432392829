import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { useKept } from '../../../ui/use-kept.ts';

/** What a hand made of a plan, step by step, for the pieces and cloth that it was made for. */
interface Kept {
  readonly inputs: string;
  readonly lays: readonly Lay[];
  readonly place: number;
  /** Outlines that the engine and the push leave alone, by their keys. */
  readonly locked: readonly string[];
  /** Put aside: the plan is as the engine made it, until it is brought back. */
  readonly aside?: true | undefined;
}

/** Steps that can be taken back: a lay is large. */
const STEPS = 15;

export interface HandLay {
  /** The plan as the hand has it; undefined while nothing was moved. */
  readonly lay: Lay | undefined;
  readonly locked: readonly string[];
  /** Makes a step of what is shown: the first one begins with that plan. */
  readonly step: (from: Lay, to: Lay) => void;
  readonly lock: (from: Lay, keys: readonly string[]) => void;
  readonly back: (() => void) | undefined;
  readonly again: (() => void) | undefined;
  /** Puts all of it aside, so that the plan is as it was made; `bring` has it again. */
  readonly putAside: (() => void) | undefined;
  readonly bring: (() => void) | undefined;
  /** Forgets it: it was taken. */
  readonly leave: () => void;
}

/** A plan that is changed by hand; it survives a reload, and is left when pieces or cloth change under it. */
export function useHandLay(key: string, inputs: string): HandLay {
  const [held, keep] = useKept<Kept>(`hand-lay-${key}`);
  const mine = held?.inputs === inputs ? held : undefined;
  const own = mine?.aside ? undefined : mine;
  const change = (from: Lay, next: (before: Kept) => Kept) =>
    keep((before) =>
      next(
        before?.inputs === inputs && !before.aside ? before : { inputs, lays: [from], place: 0, locked: [] },
      ),
    );
  const walk = (by: 1 | -1) =>
    own?.lays[own.place + by]
      ? () => keep((before) => before && { ...before, place: before.place + by })
      : undefined;
  return {
    lay: own?.lays[own.place],
    locked: own?.locked ?? [],
    step: (from, to) =>
      change(from, (before) => {
        const lays = [...before.lays.slice(0, before.place + 1), to].slice(-STEPS);
        return { ...before, lays, place: lays.length - 1 };
      }),
    lock: (from, locked) => change(from, (before) => ({ ...before, locked })),
    back: walk(-1),
    again: walk(1),
    putAside: own && (() => keep((before) => before && { ...before, aside: true })),
    bring: mine?.aside ? () => keep((before) => before && { ...before, aside: undefined }) : undefined,
    leave: () => keep(() => undefined),
  };
}
