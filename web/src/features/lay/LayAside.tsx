import { boxOf } from '@ample-bolt/core/geometry/ring';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import type { Leftover } from '@ample-bolt/core/lay/buy/leftover';
import { pinnedOf } from '@ample-bolt/core/lay/model/pinned';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { pieceName } from '@ample-bolt/core/words/names';
import { Length } from '../../ui/Length.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { ClothForm } from './ClothForm.tsx';
import { HandTools, type HandAction } from './HandTools.tsx';
import { HowItLies } from './HowItLies.tsx';
import { ImpossibleFolds } from './ImpossibleFolds.tsx';
import { placementKey } from './LayDrawing.tsx';
import { Fact, Facts } from './LayFacts.tsx';
import { SameCloth } from './SameCloth.tsx';
import type { Together } from './use-together.ts';
import { SectionsForm } from './SectionsForm.tsx';
import { LeftoverSize } from './LeftoverSize.tsx';
import type { ByHand } from './use-by-hand.ts';
import type { FoldPlan } from './use-lay-search.ts';

/** What can be changed beside the cloth: itself, or how it is folded along its length. */
export type Editing = 'cloth' | 'sections';

interface LayAsideProps {
  readonly role: ClothRole;
  /** Pieces that are cut from the cloth. */
  readonly pieces: readonly DraftedPiece[];
  readonly shown: Lay | undefined;
  readonly selected: string | undefined;
  readonly leftover: Leftover | undefined;
  readonly minutes: number | undefined;
  readonly plans: readonly FoldPlan[];
  readonly byHand: ByHand;
  readonly handActions: readonly HandAction[];
  readonly together: Together;
  readonly task: LayTask;
  /** What is being changed beside the cloth; undefined where nothing is. */
  readonly editing: Editing | undefined;
  readonly onEdit: (what: Editing | undefined) => void;
}

/** What stands beside the cloth: the hand's tools, the piece that is chosen, the plan in figures, or the cloth being changed. */
export function LayAside({
  role,
  pieces,
  shown,
  selected,
  leftover,
  minutes,
  plans,
  byHand,
  handActions,
  together,
  task,
  editing,
  onEdit,
}: LayAsideProps) {
  const { ticket, actions } = useTicketContext();
  const { unit } = ticket;
  const cloth = ticket.cloths.find((each) => each.role === role);
  const placement = shown?.placements.find((each) => placementKey(each) === selected);
  const pinned = task.pieces.find(({ id }) => id === placement?.piece)?.pinned;
  const isOwn = pieces.some(({ piece }) => piece.id === placement?.piece);
  if (editing === 'sections' && shown)
    return (
      <aside className="min-h-0 overflow-auto">
        <SectionsForm
          task={task}
          lay={shown}
          unit={unit}
          keptAs={`sections-${ticket.id}-${role}`}
          onLay={byHand.laySections}
          onDone={() => onEdit(undefined)}
        />
      </aside>
    );
  if (editing === 'cloth')
    return (
      <aside className="min-h-0 overflow-auto">
        <ClothForm
          role={role}
          pieces={pieces}
          ticket={ticket}
          actions={actions}
          onDone={() => onEdit(undefined)}
        />
      </aside>
    );
  const tools = shown && (
    <HandTools
      actions={handActions}
      faults={byHand.faults}
      changed={byHand.isOn}
      unit={unit}
      // What is pinned lies as the cloth above does.
      onFoldInSections={pinnedOf(task.pieces) ? undefined : () => onEdit('sections')}
    />
  );
  // The hand's tools come first while there is a piece in hand, or something that a hand made.
  const isInHand = placement !== undefined || byHand.isOn;
  return (
    <aside className="flex min-h-0 flex-col gap-4 overflow-auto">
      {isInHand && tools}
      {placement && (
        <Facts
          title={pieceName(placement.piece)}
          below={
            pinned ? (
              <p className="mt-1.5 text-[15px] text-walnut-2">
                Cut with the {pinned.under} that it lies under.
              </p>
            ) : (
              isOwn && cloth && <HowItLies cloth={cloth} piece={placement.piece} />
            )
          }
        >
          <Fact words="From the start">
            <Length mm={boxOf(placement.polygon).minY} unit={unit} />
          </Fact>
          <Fact words="From the upper selvedge">
            <Length mm={boxOf(placement.polygon).minX} unit={unit} />
          </Fact>
        </Facts>
      )}
      {shown && (
        <Facts title="This plan">
          <Fact words="Length">
            <Length mm={shown.length} unit={unit} />
          </Fact>
          <Fact words="Shortest possible">
            <Length mm={shown.bound} unit={unit} />
          </Fact>
          <Fact words="At the table">{Math.round(minutes ?? 0)} min</Fact>
          <Fact words="Of the cloth used">{(100 * shown.utilisation).toFixed(0)} %</Fact>
          <Fact words="Left in one piece" wide>
            <LeftoverSize leftover={leftover} unit={unit} />
          </Fact>
        </Facts>
      )}
      {!placement && <SameCloth together={together} boughtBy={ticket.lays[role]?.boughtBy} />}
      {!isInHand && tools}
      <ImpossibleFolds plans={plans} unit={unit} />
    </aside>
  );
}
