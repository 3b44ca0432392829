import { Check } from 'lucide-react';
import { Button } from '../../../ui/Button.tsx';
import { Length } from '../../../ui/Length.tsx';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { LayDrawing } from '../drawing/LayDrawing.tsx';
import { NoPlan } from './NoPlan.tsx';
import { usePlanned } from './planning-context.ts';

interface LayOnTableProps {
  /** Undefined while it is done already. */
  readonly onChangeCloth: (() => void) | undefined;
}

/** The cloth with its lay, and in a line what cloth it is and that the lay is proved. */
export function LayOnTable({ onChangeCloth }: LayOnTableProps) {
  const { unit } = useTicketContext().ticket;
  const { shown, cloth, leftover, figures, inside, short, search, plans, selected, select, byHand, pinned } =
    usePlanned();
  const proved = byHand.faults.length === 0;
  return (
    <div className="flex min-h-0 flex-col gap-2 max-lg:h-[46dvh] max-lg:min-h-80">
      <p className="flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
        <strong className="text-base">
          {cloth.name}, <Length mm={cloth.width} unit={unit} />
        </strong>
        <span className="text-walnut-2">
          {cloth.oneWay ? 'one way' : 'both ways'}
          {figures.length > 0 ? ', matched' : ''} · usable{' '}
          <Length mm={cloth.width - 2 * cloth.selvedge} unit={unit} />
          {pinned?.above && (
            <>
              {' '}
              · pinned under the {pinned.under}, its start <Length mm={pinned.from} unit={unit} /> along
            </>
          )}
        </span>
        <Button look="quiet" disabled={!onChangeCloth} onClick={onChangeCloth} className="px-3 text-sm">
          Change the cloth
        </Button>
        <span className="grow" />
        {shown && short > 0 && (
          <span className="font-semibold text-madder">
            <Length mm={short} unit={unit} /> short of cloth
          </span>
        )}
        {shown && proved && short <= 0 && (
          <span className="flex items-center gap-1 font-semibold text-woad">
            <Check size={16} aria-hidden /> proved: all inside, none overlap
          </span>
        )}
      </p>
      <div className="min-h-0 grow">
        {shown ? (
          <LayDrawing
            lay={shown}
            cloth={cloth}
            unit={unit}
            leftover={leftover}
            figures={figures}
            inside={inside}
            selected={selected}
            onSelect={select}
            locked={byHand.locked}
            faulty={byHand.faulty}
            onDrag={byHand.drag}
          />
        ) : search.running ? (
          <p className="p-8 text-center text-walnut-2">Laying the first plan</p>
        ) : (
          <NoPlan plans={plans.all} unit={unit} />
        )}
      </div>
    </div>
  );
}
