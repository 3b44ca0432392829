import { boxOf } from '@ample-bolt/core/geometry/ring';
import type { Lay, Placement } from '@ample-bolt/core/lay/model/lay';
import { pinnedOf } from '@ample-bolt/core/lay/model/pinned';
import { pieceName } from '@ample-bolt/core/words/names';
import { Length } from '../../../ui/Length.tsx';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { ClothForm } from '../cloth/ClothForm.tsx';
import { HandTools } from '../hand/HandTools.tsx';
import { HowItLies } from '../cloth/HowItLies.tsx';
import { ImpossibleFolds } from './ImpossibleFolds.tsx';
import { placementKey } from '../drawing/LaidPieces.tsx';
import { Fact, Facts } from '../facts/LayFacts.tsx';
import { usePlanned } from './planning-context.ts';
import { SameCloth } from '../cloth/SameCloth.tsx';
import { SectionsForm } from '../hand/SectionsForm.tsx';
import { LeftoverSize } from '../facts/LeftoverSize.tsx';

/** What can be changed beside the cloth: itself, or how it is folded along its length. */
export type Editing = 'cloth' | 'sections';

interface LayAsideProps {
  /** What is being changed beside the cloth; undefined where nothing is. */
  readonly editing: Editing | undefined;
  readonly onEdit: (what: Editing | undefined) => void;
}

/** What stands beside the cloth: the hand's tools, the piece that is chosen, the plan in figures, or the cloth being changed. */
export function LayAside({ editing, onEdit }: LayAsideProps) {
  const { ticket, actions } = useTicketContext();
  const { unit } = ticket;
  const planning = usePlanned();
  const { pieces, cloth, shown, byHand, handActions, task, together } = planning;
  const { role } = cloth;
  const placement = shown?.placements.find((each) => placementKey(each) === planning.selected);
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
      {placement && <PieceFacts placement={placement} />}
      {shown && <PlanFacts lay={shown} />}
      {!placement && <SameCloth together={together} boughtBy={ticket.lays[role]?.boughtBy} />}
      {!isInHand && tools}
      <ImpossibleFolds plans={planning.plans.all} unit={unit} />
    </aside>
  );
}

/** Where the piece in hand lies, and how it may lie otherwise. */
function PieceFacts({ placement }: { readonly placement: Placement }) {
  const { unit } = useTicketContext().ticket;
  const { task, pieces, cloth } = usePlanned();
  const pinned = task.pieces.find(({ id }) => id === placement.piece)?.pinned;
  const isOwn = pieces.some(({ piece }) => piece.id === placement.piece);
  const { minX, minY } = boxOf(placement.polygon);
  return (
    <Facts
      title={pieceName(placement.piece)}
      below={
        pinned ? (
          <p className="mt-1.5 text-[15px] text-walnut-2">Cut with the {pinned.under} that it lies under.</p>
        ) : (
          isOwn && <HowItLies cloth={cloth} piece={placement.piece} />
        )
      }
    >
      <Fact words="From the start">
        <Length mm={minY} unit={unit} />
      </Fact>
      <Fact words="From the upper selvedge">
        <Length mm={minX} unit={unit} />
      </Fact>
    </Facts>
  );
}

/** The plan on screen in figures. */
function PlanFacts({ lay }: { readonly lay: Lay }) {
  const { unit } = useTicketContext().ticket;
  const { leftover, minutesOf } = usePlanned();
  return (
    <Facts title="This plan">
      <Fact words="Length">
        <Length mm={lay.length} unit={unit} />
      </Fact>
      <Fact words="Shortest possible">
        <Length mm={lay.bound} unit={unit} />
      </Fact>
      <Fact words="At the table">{Math.round(minutesOf(lay))} min</Fact>
      <Fact words="Of the cloth used">{(100 * lay.utilisation).toFixed(0)} %</Fact>
      <Fact words="Left in one piece" wide>
        <LeftoverSize leftover={leftover} unit={unit} />
      </Fact>
    </Facts>
  );
}
