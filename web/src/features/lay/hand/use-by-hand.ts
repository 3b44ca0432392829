import { checkLay } from '@ample-bolt/core/lay/proof/check-lay';
import type { LayFault } from '@ample-bolt/core/lay/proof/lay-fault';
import { longEnough } from '@ample-bolt/core/lay/model/cloth';
import {
  canTurnOver,
  halfTurnOutline,
  isMovable,
  moveOutline,
  pushTight,
  snappedMove,
  turnOver,
} from '@ample-bolt/core/lay/hand/hand-lay';
import type { LayWay, Lay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import type { WantedSection } from '@ample-bolt/core/lay/model/lay-task';
import { useState } from 'react';
import { useHotkeys } from '../../../ui/use-hotkeys.ts';
import type { HandAction } from './HandTools.tsx';
import { placementKey } from '../drawing/LaidPieces.tsx';
import type { Move, Way } from '../drawing/LaidPiece.tsx';
import { useHandLay } from './use-hand-lay.ts';
import type { LaySearch } from '../search/use-lay-search.ts';

interface ByHandInput {
  readonly key: string;
  readonly inputs: string;
  /** The plan that the engine made and that is on screen. */
  readonly planned: Lay | undefined;
  /** Whether what a hand made is wanted on screen, where there is something. */
  readonly isShown: boolean;
  readonly task: (fold: LayWay) => LayTask;
  readonly search: LaySearch;
  readonly onStep: () => void;
}

export interface ByHand {
  /** What a hand made, whether it is on screen or not. */
  readonly lay: Lay | undefined;
  readonly isOn: boolean;
  /** The lay on screen: the hand's, while it drags too, or the engine's. */
  readonly shown: Lay | undefined;
  readonly locked: readonly string[];
  readonly faults: readonly LayFault[];
  readonly faulty: ReadonlySet<string>;
  readonly drag: ((key: string, way: Way, move: Move & { readonly reach: number }) => void) | undefined;
  readonly actions: (selected: string | undefined) => readonly HandAction[];
  /** Lays the cloth in sections as they are asked for. */
  readonly laySections: (sections: readonly WantedSection[]) => void;
  /** Forgets what the hand made. */
  readonly leave: () => void;
}

/** How long is searched for what a hand asks for, ms. */
const HAND_SEARCH = 6000;

const noFaults: readonly LayFault[] = [];

/** Moves the pieces of a plan by hand: overlaps are shown at once, and nothing that cannot be cut is taken. */
export function useByHand({ key, inputs, planned, isShown, task, search, onStep }: ByHandInput): ByHand {
  const hand = useHandLay(key, inputs);
  const [dragged, setDragged] = useState<Lay>();
  const isOn = hand.lay !== undefined && isShown;
  const base = isOn ? hand.lay : planned;
  const shown = dragged ?? base;
  const changed = dragged ?? (isOn ? hand.lay : undefined);
  const own = base && task(base.fold);
  const faults =
    changed && own ? checkLay(changed, own.pieces, longEnough(own.cloth, changed.length)) : noFaults;
  // What is cut with the cloth above stays under it.
  const pins = new Set(own?.pieces.flatMap(({ id, pinned }) => (pinned ? [id] : [])));
  const pinned = base?.placements.filter(({ piece }) => pins.has(piece)).map(placementKey) ?? [];
  const lockedByHand = isOn ? hand.locked : [];
  const locked = [...lockedByHand, ...pinned];

  const step = (to: Lay) => {
    if (!base) return;
    search.stop();
    hand.step(base, to);
    onStep();
  };
  const drag = (placement: string, way: Way, { done, snaps, reach }: Move & { readonly reach: number }) => {
    if (!base || !own) return;
    const index = base.placements.findIndex((each) => placementKey(each) === placement);
    const { across, along } = snaps ? snappedMove(base, index, way.across, way.along, reach, own) : way;
    const moved = moveOutline(base, index, across, along, own);
    setDragged(done ? undefined : moved);
    if (done) step(moved);
  };
  /** Makes a step of every lay that is shorter than the best so far. */
  const searchFor = (wanted: LayTask, before: Lay | undefined, otherwise: string) => {
    let best = before;
    search.layOne(wanted, HAND_SEARCH, otherwise, (lay) => {
      if (!base || (best && lay.length >= best.length)) return;
      best = lay;
      hand.step(base, lay);
      onStep();
    });
  };
  const laySections = (sections: readonly WantedSection[]) =>
    searchFor({ ...task('mixed'), sections }, undefined, 'The sections cannot be laid so.');
  const layRest = () => {
    if (!base || !own) return;
    const placements = base.placements.filter((each) => locked.includes(placementKey(each)));
    searchFor(
      { ...own, holding: { lay: base, placements } },
      faults.length > 0 ? undefined : base,
      'What is locked leaves no way to lay the rest; unlock a piece, or move one.',
    );
  };

  const actions = (selected: string | undefined): readonly HandAction[] => {
    const index = base ? base.placements.findIndex((each) => placementKey(each) === selected) : -1;
    const isLocked = selected !== undefined && locked.includes(selected);
    const free = base && own && isMovable(base) && index >= 0 && !isLocked ? { base, own } : undefined;
    const piece = own?.pieces.find(({ id }) => id === base?.placements[index]?.piece);
    const runsOneWay = own?.cloth.oneWay === true || piece?.oneWay === true;
    const heldIndexes = new Set(
      base?.placements.flatMap((each, at) => (locked.includes(placementKey(each)) ? [at] : [])),
    );
    return [
      {
        words: 'Half turn',
        hotkey: 'r',
        act: free && !runsOneWay ? () => step(halfTurnOutline(free.base, index, free.own)) : undefined,
      },
      {
        words: 'Turn over',
        hotkey: 'f',
        act:
          free && canTurnOver(free.base, index, free.own.pieces)
            ? () => step(turnOver(free.base, index, free.own))
            : undefined,
      },
      {
        words: isLocked ? 'Unlock' : 'Lock',
        hotkey: 'l',
        act:
          base && index >= 0 && selected !== undefined && !pinned.includes(selected)
            ? () => {
                hand.lock(
                  base,
                  isLocked ? lockedByHand.filter((each) => each !== selected) : [...lockedByHand, selected],
                );
                onStep();
              }
            : undefined,
      },
      {
        words: 'Push tight',
        hotkey: 't',
        act: base && own && isMovable(base) ? () => step(pushTight(base, heldIndexes, own)) : undefined,
      },
      {
        words: 'Place the rest',
        hotkey: 'e',
        act: lockedByHand.length > 0 && base?.fold !== 'mixed' && !search.running ? layRest : undefined,
      },
      { words: 'Back', hotkey: 'b', act: isOn ? hand.back : undefined },
      { words: 'Redo', hotkey: 'a', act: isOn ? hand.again : undefined },
      hand.bring
        ? {
            words: 'Bring changes back',
            hotkey: 'x',
            act: () => {
              hand.bring?.();
              onStep();
            },
          }
        : { words: 'Put changes aside', hotkey: 'x', act: isOn ? hand.putAside : undefined },
    ];
  };
  return {
    lay: hand.lay,
    isOn: isOn || dragged !== undefined,
    shown,
    locked,
    faults,
    faulty: new Set(faults.flatMap(({ pieces }) => pieces)),
    drag: base && isMovable(base) ? drag : undefined,
    actions,
    laySections,
    leave: hand.leave,
  };
}

/** Keys for what a hand can do with the piece that is chosen. */
export const useHandKeys = (actions: readonly HandAction[]): void =>
  useHotkeys(
    Object.fromEntries(actions.map(({ words, hotkey, act }) => [hotkey, { does: words.toLowerCase(), act }])),
  );
