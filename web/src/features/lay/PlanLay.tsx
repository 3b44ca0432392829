import { isOfTickets } from '../../api/tickets.ts';
import { laidOut } from '@ample-bolt/core/lay/model/laid-out';
import { boxOf } from '@ample-bolt/core/geometry/ring';
import { matchedRepeat, type Cloth } from '@ample-bolt/core/lay/model/cloth';
import { keptLay } from '@ample-bolt/core/lay/model/kept-lay';
import { layMinutes } from '@ample-bolt/core/lay/plan/effort';
import { figureStart } from '@ample-bolt/core/lay/model/matched-levels';
import { largestLeftover } from '@ample-bolt/core/lay/buy/leftover';
import { insideBlocks } from '@ample-bolt/core/lay/model/layable';
import { layWays, type LayWay, type Lay } from '@ample-bolt/core/lay/model/lay';
import { pinnedOf } from '@ample-bolt/core/lay/model/pinned';
import { isSharedWith, wholeLay } from '@ample-bolt/core/lay/buy/together';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { layTaskOf } from '@ample-bolt/core/shop/lay-task';
import { useMemo, useState } from 'react';
import { useSWRConfig } from 'swr';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useStillHere } from '../../ui/use-still-here.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { ComparePlans } from './ComparePlans.tsx';
import { gainWords } from './gain-words.ts';
import { LayAside, type Editing } from './LayAside.tsx';
import { LayOnTable } from './LayOnTable.tsx';
import { LookLonger } from './LookLonger.tsx';
import { PinnedFirst } from './PinnedFirst.tsx';
import { PlanCard } from './PlanCard.tsx';
import { plansOf } from './plans-of.ts';
import { stillHolding } from './still-holding.ts';
import type { Together } from './use-together.ts';
import { TooShort } from './TooShort.tsx';
import { useByHand, useHandKeys } from './use-by-hand.ts';
import { useLaySearch } from './use-lay-search.ts';
import { useLongSearch } from './use-long-search.ts';

/** The first search is short, so that there is something to look at; improving is asked for. ms. */
const FIRST_SEARCH = 3000;
const IMPROVE_SEARCH = 10_000;
/** Tickets begin their searches so far from each other that none repeats another's. */
const SEEDS_EACH = 1000;

export interface PlanLayProps {
  readonly pieces: readonly DraftedPiece[];
  readonly cloth: Cloth;
  readonly stale: boolean;
  /** Tickets that are laid on the same cloth with this one. */
  readonly together: Together;
  /** Whether the plans are compared, in the place of the cloth. */
  readonly comparing: boolean;
  /** Another cloth of the ticket that is to be laid, and going on to it. */
  readonly next: ClothRole | undefined;
  readonly onNext: (role: ClothRole) => void;
}

/** One cloth being planned: its plans, the one on screen, and what a hand makes of it. */
export function PlanLay({ pieces: drafted, cloth, stale, together, comparing, next, onNext }: PlanLayProps) {
  const { ticket, drafted: whole, actions, goTo, layWorker } = useTicketContext();
  const { mutate } = useSWRConfig();
  const stillHere = useStillHere();
  const { unit } = ticket;
  const { role } = cloth;
  const rules = ruleSet(ticket.rules);
  const stored = whole?.laid[role];
  const { pieces: shared } = together;
  const others = together.with.map(({ id }) => id);
  // What is pinned under another cloth follows the pieces of that one.
  const all = whole?.draft.pieces ?? drafted;
  const taskFor = (fold: LayWay, seed: number) => layTaskOf(ticket, all, cloth, fold, seed, shared);
  const openTask = useMemo(
    () => layTaskOf(ticket, all, cloth, 'open', 1, shared),
    [ticket, all, cloth, shared],
  );
  const pinned = pinnedOf(openTask.pieces);
  const isHeld = stored && !stale && isSharedWith(stored, others);
  const chosen = useMemo(() => (isHeld ? wholeLay(stored) : undefined), [isHeld, stored]);
  const boxes = drafted.map(({ outline }) => boxOf(outline));
  const sharedBoxes = shared.map(({ id, outline }) => [id, boxOf(outline)]);
  const pins = [
    pinned && [pinned.above?.fold, pinned.above?.placements.map(({ polygon }) => boxOf(polygon))],
    openTask.pieces.flatMap(({ id, beneath = [] }) => beneath.map((each) => [id, each.width, each.selvedge])),
  ];
  const inputs = JSON.stringify([cloth, unit, boxes, sharedBoxes, pins]);
  // What a hand made stands when the cloth is only named, coloured, priced or counted otherwise.
  const spreadCloth = { ...cloth, name: '', colour: '', price: 0, length: null };
  const handInputs = JSON.stringify([spreadCloth, unit, boxes, sharedBoxes, pins]);
  // A chosen plan is not searched again by itself: a better one would be another lay than the one that is chalked.
  const search = useLaySearch({
    layWorker,
    key: `${ticket.id}-${role}`,
    seed: ticket.number * SEEDS_EACH,
    taskFor,
    // A chosen plan that is found not to fit any more is searched with the others.
    inputs: `${inputs} ${stale}`,
    first: layWays.filter((fold) => fold !== chosen?.fold),
    firstMilliseconds: FIRST_SEARCH,
  });
  const long = useLongSearch(ticket.id, openTask, others);
  const [madeToFit, setMadeToFit] = useState<Lay>();
  const elsewhere = useMemo(
    () => [...long.plans, ...stillHolding(madeToFit ? [keptLay(madeToFit)] : [], openTask)],
    [long.plans, madeToFit, openTask],
  );
  const [wanted, setWanted] = useState<LayWay | 'hand'>();
  const [selected, setSelected] = useState<string>();
  const [editing, setEditing] = useState<Editing>();
  const [failure, setFailure] = useState<string>();
  const [asking, setAsking] = useState<Lay>();

  const wantedFold = wanted === 'hand' ? undefined : wanted;
  const {
    all: plans,
    possible,
    lays,
    planned,
  } = plansOf(search, elsewhere, chosen, wantedFold, cloth.length ?? Infinity);
  const byHand = useByHand({
    key: `${ticket.id}-${role}`,
    inputs: handInputs,
    planned,
    isShown: wanted === undefined || wanted === 'hand',
    task: (fold) => taskFor(fold, 1),
    search,
    onStep: () => setWanted('hand'),
  });
  const { shown } = byHand;
  const handActions = byHand.actions(selected);
  useHandKeys(handActions);
  const isChosen = shown !== undefined && shown === chosen;
  const leftover = useMemo(() => shown && largestLeftover(shown, cloth), [shown, cloth]);

  const inside = useMemo(
    () => (shown ? insideBlocks(shown.placements, cloth, drafted) : []),
    [shown, cloth, drafted],
  );

  const start = shown && figureStart(shown, openTask.pieces, cloth);
  const figures =
    start === undefined
      ? []
      : Array.from(
          { length: Math.ceil((cloth.length ?? shown?.length ?? 0) / matchedRepeat(cloth)) },
          (_, index) => start + index * matchedRepeat(cloth),
        );

  const improve = () =>
    search.running ? search.stop() : search.run(wantedFold ? [wantedFold] : layWays, IMPROVE_SEARCH);
  useHotkeys({ i: { does: search.running ? 'stop looking' : 'improve the lay', act: improve } });

  const goOn = () => {
    if (next) onNext(next);
    else goTo('chalk');
  };
  const store = async (lay: Lay) => {
    search.stop();
    try {
      await actions.put('lay', {
        role,
        lay: laidOut(lay),
        ...(others.length > 0 ? { others: together.with.map(({ id, version }) => ({ id, version })) } : {}),
      });
      setFailure(undefined);
      byHand.leave();
      if (stillHere()) goOn();
      // Those that share a lay were changed with this one.
      if (others.length > 0 || stored?.beside) await mutate(isOfTickets);
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'The lay was not stored; try again.');
    }
  };
  const marksDone = drafted.reduce((sum, { piece }) => sum + (ticket.chalked[piece.id] ?? 0), 0);
  const choose = (lay: Lay) => (marksDone > 0 ? setAsking(lay) : void store(lay));
  const tooLong = shown && cloth.length !== null && shown.length > cloth.length;
  const instead =
    others.length > 0
      ? 'Leave a ticket out, or take more of it.'
      : pinned && `Plan the ${pinned.under} shorter, or take more of this cloth.`;
  const minutesOf = (lay: Lay) => layMinutes(lay, rules);

  return (
    <div className="flex h-full flex-col gap-3 max-lg:h-auto">
      <div className="flex shrink-0 gap-3 max-lg:contents">
        <div className="flex min-w-0 grow gap-3 max-lg:shrink-0 max-lg:grow-0 max-lg:snap-x max-lg:overflow-x-auto max-lg:p-0.5">
          {possible.map((plan) => (
            <PlanCard
              key={plan.fold}
              plan={plan}
              inHand={cloth.length}
              price={cloth.price}
              minutes={plan.lay && minutesOf(plan.lay)}
              unit={unit}
              shown={shown !== undefined && plan.lay === shown}
              chosen={chosen !== undefined && plan.lay === chosen}
              running={search.running === plan.fold}
              onShow={() => setWanted(plan.fold)}
            />
          ))}
          {chosen && !lays.includes(chosen) && (
            <PlanCard
              plan={{ fold: chosen.fold, lay: chosen, work: 0 }}
              inHand={cloth.length}
              price={cloth.price}
              minutes={minutesOf(chosen)}
              unit={unit}
              shown={shown === chosen}
              chosen
              running={false}
              onShow={() => setWanted(undefined)}
            />
          )}
          {byHand.lay && (
            <PlanCard
              plan={{ fold: byHand.lay.fold, lay: byHand.lay, work: 0 }}
              name="By hand"
              inHand={cloth.length}
              price={cloth.price}
              minutes={minutesOf(byHand.lay)}
              unit={unit}
              shown={byHand.isOn}
              chosen={false}
              running={false}
              onShow={() => setWanted('hand')}
            />
          )}
        </div>
        <div className="flex w-72 shrink-0 flex-col justify-between gap-1.5 max-lg:sticky max-lg:bottom-0 max-lg:z-10 max-lg:order-last max-lg:w-full max-lg:bg-chalk max-lg:py-1">
          <div className="grid grid-cols-2 gap-2">
            <Button look="outline" hotkey="i" onClick={improve} className="min-h-11">
              {search.running ? 'Stop' : 'Improve'}
            </Button>
            <Button
              className="min-h-11 px-2"
              disabled={!shown || tooLong === true || byHand.faults.length > 0}
              onClick={() => (isChosen ? goOn() : shown && choose(shown))}
            >
              {isChosen ? 'Go on' : 'Take this plan'}
            </Button>
          </div>
          <p role="status" className="min-h-5 text-sm text-walnut-2">
            {search.running === undefined && search.gained !== undefined && gainWords(search.gained, unit)}
          </p>
          <LookLonger long={long} folds={wantedFold ? [wantedFold] : layWays} />
        </div>
      </div>
      {pinned && possible.length === 0 && <PinnedFirst pinned={pinned} plans={plans} unit={unit} />}
      {stale && (
        <Notice tone="care">
          The chosen lay no longer fits: pieces or cloth were changed after it. Choose one again.
        </Notice>
      )}
      {tooLong && (
        <TooShort
          lay={shown}
          cloth={cloth}
          searching={search.running !== undefined}
          plans={lays}
          instead={instead}
          onShow={setWanted}
          onMadeToFit={setMadeToFit}
        />
      )}
      {asking && (
        <Notice
          tone="care"
          action={
            <span className="flex gap-2">
              <Button look="quiet" onClick={() => setAsking(undefined)}>
                Keep it
              </Button>
              <Button onClick={() => void store(asking)}>Start the chalk again</Button>
            </span>
          }
        >
          {marksDone} marks are chalked on the plan before. With another plan every piece lies elsewhere.
        </Notice>
      )}
      {(failure ?? search.failure) && (
        <Notice
          tone="stop"
          action={
            <Button
              onClick={() => {
                setFailure(undefined);
                search.anew(layWays, FIRST_SEARCH);
              }}
            >
              Plan again
            </Button>
          }
        >
          {failure ?? search.failure}
        </Notice>
      )}
      {comparing ? (
        <ComparePlans
          lays={byHand.lay && byHand.faults.length === 0 ? [...lays, byHand.lay] : lays}
          task={planned && !search.running ? taskFor(planned.fold, 1) : undefined}
          inputs={inputs}
          cloth={cloth}
          unit={unit}
          minutesOf={minutesOf}
        />
      ) : (
        <div className="grid min-h-0 grow grid-cols-[minmax(0,1fr)_248px] gap-5 rounded-soft border border-linen-2 bg-linen-1 p-4 max-lg:-order-1 max-lg:flex max-lg:flex-col max-md:p-2">
          <LayOnTable
            shown={shown}
            cloth={cloth}
            unit={unit}
            leftover={leftover}
            figures={figures}
            inside={inside}
            proved={byHand.faults.length === 0}
            short={tooLong ? shown.length - (cloth.length ?? 0) : 0}
            searching={search.running !== undefined}
            plans={plans}
            selected={selected}
            onSelect={setSelected}
            byHand={byHand}
            pinned={pinned}
            onChangeCloth={editing === 'cloth' ? undefined : () => setEditing('cloth')}
          />
          <LayAside
            role={role}
            pieces={drafted}
            shown={shown}
            selected={selected}
            leftover={leftover}
            minutes={shown && minutesOf(shown)}
            plans={plans}
            byHand={byHand}
            handActions={handActions}
            together={together}
            task={openTask}
            editing={editing}
            onEdit={setEditing}
          />
        </div>
      )}
    </div>
  );
}
