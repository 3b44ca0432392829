import { useState } from 'react';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { ComparePlans } from '../compare/ComparePlans.tsx';
import { useHandKeys } from '../hand/use-by-hand.ts';
import { LayAside, type Editing } from './LayAside.tsx';
import { LayOnTable } from './LayOnTable.tsx';
import { PlanActions } from './PlanActions.tsx';
import { PlanCards } from './PlanCards.tsx';
import { PlanNotices } from './PlanNotices.tsx';
import { PlanningContext } from './planning-context.ts';
import { usePlanning, type PlanningInput } from './use-planning.ts';

export interface PlanLayProps extends PlanningInput {
  /** Whether the plans are compared, in the place of the cloth. */
  readonly comparing: boolean;
}

/** One cloth being planned: its plans, the one on screen, and what a hand makes of it. */
export function PlanLay({ comparing, ...input }: PlanLayProps) {
  const { unit } = useTicketContext().ticket;
  const planning = usePlanning(input);
  const { plans, byHand, search, task } = planning;
  useHandKeys(planning.handActions);
  const [editing, setEditing] = useState<Editing>();
  return (
    <PlanningContext value={planning}>
      <div className="flex h-full flex-col gap-3 max-lg:h-auto">
        <div className="flex shrink-0 gap-3 max-lg:contents">
          <PlanCards />
          <PlanActions />
        </div>
        <PlanNotices />
        {comparing ? (
          <ComparePlans
            lays={byHand.lay && byHand.faults.length === 0 ? [...plans.lays, byHand.lay] : plans.lays}
            task={plans.planned && !search.running ? planning.taskFor(plans.planned.fold) : undefined}
            inputs={planning.inputs}
            cloth={task.cloth}
            unit={unit}
            minutesOf={planning.minutesOf}
          />
        ) : (
          <div className="grid min-h-0 grow grid-cols-[minmax(0,1fr)_248px] gap-5 rounded-soft border border-linen-2 bg-linen-1 p-4 max-lg:-order-1 max-lg:flex max-lg:flex-col max-md:p-2">
            <LayOnTable onChangeCloth={editing === 'cloth' ? undefined : () => setEditing('cloth')} />
            <LayAside editing={editing} onEdit={setEditing} />
          </div>
        )}
      </div>
    </PlanningContext>
  );
}
