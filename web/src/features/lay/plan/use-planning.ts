import type { Ring } from '@ample-bolt/core/geometry/ring';
import { largestLeftover, type Leftover } from '@ample-bolt/core/lay/buy/leftover';
import { isSharedWith, wholeLay } from '@ample-bolt/core/lay/buy/together';
import { matchedRepeat, type Cloth } from '@ample-bolt/core/lay/model/cloth';
import { keptLay } from '@ample-bolt/core/lay/model/kept-lay';
import { layWays, type Lay, type LayWay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { insideBlocks } from '@ample-bolt/core/lay/model/layable';
import { figureStart } from '@ample-bolt/core/lay/model/matched-levels';
import { pinnedOf, type Pinned } from '@ample-bolt/core/lay/model/pinned';
import { layMinutes } from '@ample-bolt/core/lay/plan/effort';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { layTaskOf } from '@ample-bolt/core/shop/lay-task';
import { useMemo, useState } from 'react';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import type { Together } from '../cloth/use-together.ts';
import type { HandAction } from '../hand/HandTools.tsx';
import { useByHand, type ByHand } from '../hand/use-by-hand.ts';
import { stillHolding } from '../search/still-holding.ts';
import { useLaySearch, type LaySearch } from '../search/use-lay-search.ts';
import { useLongSearch, type LongSearch } from '../search/use-long-search.ts';
import { planningInputs } from './planning-inputs.ts';
import { plansOf, type Plans } from './plans-of.ts';
import { useStoring, type Storing } from './use-storing.ts';

/** The first search is short, so that there is something to look at; improving is asked for. ms. */
export const FIRST_SEARCH = 3000;
const IMPROVE_SEARCH = 10_000;
/** Tickets begin their searches so far from each other that none repeats another's. */
const SEEDS_EACH = 1000;

export interface PlanningInput {
  readonly pieces: readonly DraftedPiece[];
  readonly cloth: Cloth;
  /** The chosen lay no longer fits. */
  readonly stale: boolean;
  /** Tickets that are laid on the same cloth with this one. */
  readonly together: Together;
  /** Another cloth of the ticket that is to be laid, and going on to it. */
  readonly next: ClothRole | undefined;
  readonly onNext: (role: ClothRole) => void;
}

/** One cloth being planned: its plans, the one on screen, and what can be done with it. */
export interface Planning extends Omit<PlanningInput, 'next' | 'onNext'> {
  /** The cloth laid open: what is on it, and how that is measured. */
  readonly task: LayTask;
  readonly taskFor: (fold: LayWay) => LayTask;
  readonly inputs: string;
  readonly pinned: Pinned | undefined;
  readonly plans: Plans;
  /** The ticket's lay, with what others have beside it. */
  readonly chosen: Lay | undefined;
  readonly shown: Lay | undefined;
  readonly isChosen: boolean;
  /** By how much the plan on screen is longer than the cloth in hand, mm. */
  readonly short: number;
  readonly leftover: Leftover | undefined;
  /** What is cut from blocks once they are fused. */
  readonly inside: readonly Ring[];
  /** Where figures of a print lie along the cloth, mm, where they are matched. */
  readonly figures: readonly number[];
  readonly minutesOf: (lay: Lay) => number;
  readonly search: LaySearch;
  readonly long: LongSearch;
  readonly improve: () => void;
  readonly byHand: ByHand;
  readonly handActions: readonly HandAction[];
  readonly selected: string | undefined;
  readonly select: (key: string | undefined) => void;
  /** The way of folding that was picked, or what a hand made. */
  readonly wanted: LayWay | 'hand' | undefined;
  readonly show: (wanted: LayWay | 'hand' | undefined) => void;
  readonly storing: Storing;
  readonly goOn: () => void;
  readonly madeToFit: (lay: Lay) => void;
  readonly marksDone: number;
}

/** Where figures of a print that is matched lie along the cloth, mm. */
function figuresOn(lay: Lay | undefined, { pieces, cloth }: LayTask): number[] {
  const start = lay && figureStart(lay, pieces, cloth);
  if (start === undefined) return [];
  const repeat = matchedRepeat(cloth);
  const count = Math.ceil((cloth.length ?? lay?.length ?? 0) / repeat);
  return Array.from({ length: count }, (_, index) => start + index * repeat);
}

/** All that planning one cloth needs: what is searched here and elsewhere, what a hand makes, and what is taken. */
export function usePlanning(input: PlanningInput): Planning {
  const { pieces, cloth, stale, together, next, onNext } = input;
  const { ticket, drafted: whole, goTo, layWorker } = useTicketContext();
  const { role } = cloth;
  const { pieces: shared } = together;
  const others = together.with.map(({ id }) => id);
  // What is pinned under another cloth follows the pieces of that one.
  const all = whole?.draft.pieces ?? pieces;
  const taskFor = (fold: LayWay, seed = 1) => layTaskOf(ticket, all, cloth, fold, seed, shared);
  const task = useMemo(() => layTaskOf(ticket, all, cloth, 'open', 1, shared), [ticket, all, cloth, shared]);
  const stored = whole?.laid[role];
  const isHeld = stored && !stale && isSharedWith(stored, others);
  const chosen = useMemo(() => (isHeld ? wholeLay(stored) : undefined), [isHeld, stored]);
  const inputs = planningInputs(cloth, ticket.unit, pieces, task, together);
  const key = `${ticket.id}-${role}`;
  const search = useLaySearch({
    layWorker,
    key,
    seed: ticket.number * SEEDS_EACH,
    taskFor,
    // A chosen plan that is found not to fit any more is searched with the others.
    inputs: `${inputs.search} ${stale}`,
    // A chosen plan is not searched again by itself: a better one would be another lay than the one that is chalked.
    first: layWays.filter((fold) => fold !== chosen?.fold),
    firstMilliseconds: FIRST_SEARCH,
  });
  const long = useLongSearch(ticket.id, task, others);
  const [fitted, setFitted] = useState<Lay>();
  const elsewhere = useMemo(
    () => [...long.plans, ...stillHolding(fitted ? [keptLay(fitted)] : [], task)],
    [long.plans, fitted, task],
  );
  const [wanted, show] = useState<LayWay | 'hand'>();
  const [selected, select] = useState<string>();
  const fold = wanted === 'hand' ? undefined : wanted;
  const plans = plansOf(search, elsewhere, chosen, fold, cloth.length ?? Infinity);
  const byHand = useByHand({
    key,
    inputs: inputs.hand,
    planned: plans.planned,
    isShown: wanted === undefined || wanted === 'hand',
    task: taskFor,
    search,
    onStep: () => show('hand'),
  });
  const { shown } = byHand;
  const marksDone = pieces.reduce((sum, { piece }) => sum + (ticket.chalked[piece.id] ?? 0), 0);
  const goOn = () => (next ? onNext(next) : goTo('chalk'));
  const storing = useStoring({
    role,
    together,
    marksDone,
    onStore: search.stop,
    onStored: byHand.leave,
    goOn,
  });
  const rules = ruleSet(ticket.rules);
  const leftover = useMemo(() => shown && largestLeftover(shown, cloth), [shown, cloth]);
  const inside = useMemo(
    () => (shown ? insideBlocks(shown.placements, cloth, pieces) : []),
    [shown, cloth, pieces],
  );
  return {
    ...{ pieces, cloth, stale, together, task, taskFor, plans, chosen, shown, search, long, byHand, storing },
    ...{ inputs: inputs.search, wanted, show, selected, select, goOn, marksDone, leftover, inside },
    pinned: pinnedOf(task.pieces),
    isChosen: shown !== undefined && shown === chosen,
    short: shown && cloth.length !== null ? Math.max(0, shown.length - cloth.length) : 0,
    figures: figuresOn(shown, task),
    minutesOf: (lay) => layMinutes(lay, rules),
    improve: () => (search.running ? search.stop() : search.run(fold ? [fold] : layWays, IMPROVE_SEARCH)),
    handActions: byHand.actions(selected),
    madeToFit: setFitted,
  };
}
