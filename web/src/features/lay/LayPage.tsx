import { boxOf } from '@ample-bolt/core/geometry/ring';
import { purchaseUnit } from '@ample-bolt/core/lay/buying';
import { choosePlan } from '@ample-bolt/core/lay/choose-plan';
import type { Cloth } from '@ample-bolt/core/lay/cloth';
import { layPieceOf } from '@ample-bolt/core/lay/layable';
import { folds, type Fold, type Lay } from '@ample-bolt/core/lay/lay';
import type { LayTask } from '@ample-bolt/core/lay/plan-lay';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { formatLength } from '@ample-bolt/core/units/format-length';
import { pieceName } from '@ample-bolt/core/words/names';
import { Check } from 'lucide-react';
import { Tabs } from 'radix-ui';
import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Length } from '../../ui/Length.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useStillHere } from '../../ui/use-still-here.ts';
import { NotYet } from '../ticket/NotYet.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { ClothTabs } from './ClothTabs.tsx';
import { ClothForm } from './ClothForm.tsx';
import { foldWords } from './fold-words.ts';
import { HandTools } from './HandTools.tsx';
import { LayDrawing, placementKey } from './LayDrawing.tsx';
import { Aside, Fact, Facts } from './LayFacts.tsx';
import { OtherWidths } from './OtherWidths.tsx';
import { ImpossibleFolds } from './ImpossibleFolds.tsx';
import { PlanCard } from './PlanCard.tsx';
import { useByHand, useHandKeys } from './use-by-hand.ts';
import { useLaySearch } from './use-lay-search.ts';
import { useOtherWidths } from './use-other-widths.ts';

/** The cloths of the garment, one after the other: each is named, laid and chosen by itself. */
export function LayPage() {
  const { ticket, drafted } = useTicketContext();
  const roles = styleOf(ticket.styleId)?.cloths ?? [];
  const [chosen, setRole] = useState<ClothRole>();
  if (!drafted) return <NotYet />;
  const toLay = roles.filter(
    (role) =>
      ticket.cloths.some((cloth) => cloth.role === role) &&
      (!ticket.lays[role] || drafted.staleLays.includes(role)),
  );
  const role = chosen ?? toLay[0] ?? roles[0] ?? 'outer';
  const cloth = ticket.cloths.find((each) => each.role === role);
  const pieces = drafted.draft.pieces.filter(({ piece }) => piece.role === role);
  return (
    <Tabs.Root
      value={role}
      onValueChange={(next) => setRole(next as ClothRole)}
      className="flex h-full flex-col gap-3"
    >
      <ClothTabs roles={roles} ticket={ticket} stale={drafted.staleLays} />
      <Tabs.Content value={role} className="min-h-0 grow">
        {cloth ? (
          <PlanLay
            key={role}
            pieces={pieces}
            cloth={cloth}
            stale={drafted.staleLays.includes(role)}
            next={toLay.find((each) => each !== role)}
            onNext={setRole}
          />
        ) : (
          <NameCloth role={role} pieces={pieces} />
        )}
      </Tabs.Content>
    </Tabs.Root>
  );
}

/** Before a cloth is named: what will be cut from it. */
function NameCloth({ role, pieces }: { readonly role: ClothRole; readonly pieces: readonly DraftedPiece[] }) {
  const { ticket, actions } = useTicketContext();
  return (
    <section className="mx-auto mt-6 max-w-md">
      <h2 className="text-2xl">Which cloth for the {role}?</h2>
      <p className="mt-1 mb-5 text-lg text-walnut-2">
        {pieces.length} pieces are cut from it. Measure its width between the selvedges before anything is
        planned
        {role === 'outer' ? '.' : '; without one it is left out.'}
      </p>
      <ClothForm role={role} ticket={ticket} actions={actions} onDone={() => undefined} />
    </section>
  );
}

/** The first search is short, so that there is something to look at; improving is asked for. ms. */
const FIRST_SEARCH = 3000;
const IMPROVE_SEARCH = 10_000;

interface PlanLayProps {
  readonly pieces: readonly DraftedPiece[];
  readonly cloth: Cloth;
  readonly stale: boolean;
  /** Another cloth of the ticket that is to be laid, and going on to it. */
  readonly next: ClothRole | undefined;
  readonly onNext: (role: ClothRole) => void;
}

function PlanLay({ pieces: drafted, cloth, stale, next, onNext }: PlanLayProps) {
  const { ticket, actions, goTo } = useTicketContext();
  const stillHere = useStillHere();
  const { unit } = ticket;
  const { role } = cloth;
  const stored = ticket.lays[role];
  const pieces = drafted.map(layPieceOf);
  const taskFor = (fold: Fold, seed: number): LayTask => ({
    pieces,
    cloth,
    fold,
    seed,
    shrinkPercent: ruleSet(ticket.rules)['cloth.shrinkage'],
    buyIn: purchaseUnit(unit),
  });
  const chosen = stored && !stale ? stored : undefined;
  const inputs = JSON.stringify([cloth, unit, pieces.map(({ outline }) => boxOf(outline))]);
  // What a hand made stands when the cloth is only named, coloured, priced or counted otherwise.
  const spreadCloth = { ...cloth, name: '', colour: '', price: 0, length: null };
  const handInputs = JSON.stringify([spreadCloth, unit, pieces.map(({ outline }) => boxOf(outline))]);
  // A chosen plan is not searched again by itself: a better one would be another lay than the one that is chalked.
  const search = useLaySearch(
    taskFor,
    // A chosen plan that is found not to fit any more is searched with the others.
    `${inputs} ${stale}`,
    folds.filter((fold) => fold !== chosen?.fold),
    FIRST_SEARCH,
  );
  const [wanted, setWanted] = useState<Fold | 'hand'>();
  const [selected, setSelected] = useState<string>();
  const [editing, setEditing] = useState(false);
  const [failure, setFailure] = useState<string>();
  const [asking, setAsking] = useState<Lay>();

  const plans = search.plans.map((plan) => {
    const kept = chosen?.fold === plan.fold ? chosen : undefined;
    return { ...plan, lay: kept && !(plan.lay && plan.lay.length < kept.length) ? kept : plan.lay };
  });
  const possible = plans.filter(({ obstacle }) => !obstacle);
  const found = plans.flatMap(({ lay }) => (lay ? [lay] : []));
  const best = choosePlan(found)[0];
  const planned =
    found.find(({ fold }) => fold === wanted) ??
    (chosen && found.find(({ fold }) => fold === chosen.fold)) ??
    best;
  const byHand = useByHand({
    key: `${ticket.id}-${role}`,
    inputs: handInputs,
    planned,
    isShown: wanted === undefined || wanted === 'hand',
    task: (fold) => taskFor(fold, 1),
    search,
    onStep: () => setWanted('hand'),
  });
  const shown = byHand.shown;
  const handActions = byHand.actions(selected);
  useHandKeys(handActions);
  const isChosen = shown !== undefined && shown === chosen;

  const improve = () =>
    search.running
      ? search.stop()
      : search.run(wanted && wanted !== 'hand' ? [wanted] : folds, IMPROVE_SEARCH);
  useHotkeys({ i: { does: search.running ? 'stop looking' : 'improve the lay', act: improve } });
  const widths = useOtherWidths(planned && !search.running ? taskFor(planned.fold, 1) : undefined, inputs);

  const goOn = () => {
    if (next) onNext(next);
    else goTo('chalk');
  };
  const store = async (lay: Lay) => {
    search.stop();
    try {
      await actions.put('lay', { role, lay });
      setFailure(undefined);
      byHand.leave();
      if (stillHere()) goOn();
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'The lay was not stored; try again.');
    }
  };
  const marksDone = drafted.reduce((sum, { piece }) => sum + (ticket.chalked[piece.id] ?? 0), 0);
  const choose = (lay: Lay) => (marksDone > 0 ? setAsking(lay) : void store(lay));
  const selectedPlacement = shown?.placements.find((placement) => placementKey(placement) === selected);
  const tooLong = shown && cloth.length !== null && shown.length > cloth.length;

  return (
    <div className="flex h-full flex-col gap-3">
      <div className="flex shrink-0 gap-3">
        {possible.map((plan) => (
          <PlanCard
            key={plan.fold}
            plan={plan}
            price={cloth.price}
            unit={unit}
            shown={shown !== undefined && plan.lay === shown}
            chosen={chosen !== undefined && plan.lay === chosen}
            running={search.running === plan.fold}
            onShow={() => setWanted(plan.fold)}
          />
        ))}
        {byHand.lay && (
          <PlanCard
            plan={{ fold: byHand.lay.fold, lay: byHand.lay, work: 0 }}
            name="By hand"
            price={cloth.price}
            unit={unit}
            shown={byHand.isOn}
            chosen={false}
            running={false}
            onShow={() => setWanted('hand')}
          />
        )}
        <div className="flex items-center gap-3">
          <Button look="outline" hotkey="i" onClick={improve} className="min-h-11">
            {search.running ? 'Stop' : 'Improve'}
          </Button>
          <Button
            className="min-h-11"
            disabled={!shown || tooLong === true || byHand.faults.length > 0}
            onClick={() => (isChosen ? goOn() : shown && choose(shown))}
          >
            {isChosen ? 'Go on' : 'Take this plan'}
          </Button>
        </div>
      </div>
      {stale && (
        <Notice tone="care">
          The chosen lay no longer fits: pieces or cloth were changed after it. Choose one again.
        </Notice>
      )}
      {tooLong && (
        <Notice tone="stop">
          There is {formatLength(cloth.length ?? 0, unit, { style: 'typeset' })} of this cloth; this lay needs{' '}
          {formatLength(shown.length, unit, { style: 'typeset' })}. Take more, a wider cloth, or shorten the
          dress.
        </Notice>
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
      {(failure ?? search.failure) && <Notice tone="stop">{failure ?? search.failure}</Notice>}
      <div className="grid min-h-0 grow grid-cols-[minmax(0,1fr)_248px] gap-5 rounded-soft border border-linen-2 bg-linen-1 p-4">
        <div className="flex min-h-0 flex-col gap-2">
          <p className="flex flex-wrap items-baseline gap-x-4 text-sm">
            <strong className="text-base">
              {cloth.name}, <Length mm={cloth.width} unit={unit} />
            </strong>
            <span className="grow text-walnut-2">
              {cloth.oneWay ? 'one way' : 'both ways'} · usable{' '}
              <Length mm={cloth.width - 2 * cloth.selvedge} unit={unit} />
              {shown ? ` · ${foldWords[shown.fold].how}` : ''}
            </span>
            {shown && byHand.faults.length === 0 && (
              <span className="flex items-center gap-1 font-semibold text-woad">
                <Check size={16} aria-hidden /> proved: all inside, nothing overlaps, pairs mirrored
              </span>
            )}
          </p>
          <div className="min-h-0 grow">
            {shown ? (
              <LayDrawing
                lay={shown}
                cloth={cloth}
                unit={unit}
                selected={selected}
                onSelect={setSelected}
                locked={byHand.locked}
                faulty={byHand.faulty}
                onDrag={byHand.drag}
              />
            ) : (
              <p className="p-8 text-center text-walnut-2">
                {search.running ? 'Laying the first plan' : 'No plan fits this cloth.'}
              </p>
            )}
          </div>
          <p className="flex justify-between text-sm text-walnut-2">
            <span>← start of the cloth</span>
            <span>grain and length →</span>
          </p>
        </div>
        <aside className="flex min-h-0 flex-col gap-4 overflow-auto">
          {editing ? (
            <ClothForm role={role} ticket={ticket} actions={actions} onDone={() => setEditing(false)} />
          ) : (
            <>
              <Button look="quiet" onClick={() => setEditing(true)}>
                Change the cloth
              </Button>
              {shown && (
                <HandTools actions={handActions} faults={byHand.faults} changed={byHand.isOn} unit={unit} />
              )}
              {shown && selectedPlacement && (
                <Facts title={pieceName(selectedPlacement.piece)}>
                  <Fact words="From the start">
                    <Length mm={boxOf(selectedPlacement.polygon).minY} unit={unit} />
                  </Fact>
                  <Fact words="From the upper selvedge">
                    <Length mm={boxOf(selectedPlacement.polygon).minX} unit={unit} />
                  </Fact>
                </Facts>
              )}
              {shown && (
                <Facts title="This plan">
                  <Fact words="Length">
                    <Length mm={shown.length} unit={unit} />
                  </Fact>
                  <Fact words="Could it be shorter? Not below">
                    <Length mm={shown.bound} unit={unit} />
                  </Fact>
                </Facts>
              )}
              {shown && (
                <Aside title="On other widths">
                  <OtherWidths widths={widths} own={cloth.width} price={cloth.price} unit={unit} />
                </Aside>
              )}
              <ImpossibleFolds plans={plans} unit={unit} />
            </>
          )}
        </aside>
      </div>
    </div>
  );
}
