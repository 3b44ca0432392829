import type { Ring } from '@ample-bolt/core/geometry/ring';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { Leftover } from '@ample-bolt/core/lay/buy/leftover';
import type { Pinned } from '@ample-bolt/core/lay/model/pinned';
import type { Unit } from '@ample-bolt/core/units/length';
import { Check } from 'lucide-react';
import { Button } from '../../ui/Button.tsx';
import { Length } from '../../ui/Length.tsx';
import { LayDrawing } from './LayDrawing.tsx';
import { NoPlan } from './NoPlan.tsx';
import type { ByHand } from './use-by-hand.ts';
import type { FoldPlan } from './use-lay-search.ts';

interface LayOnTableProps {
  readonly shown: Lay | undefined;
  readonly cloth: Cloth;
  readonly unit: Unit;
  readonly leftover: Leftover | undefined;
  readonly figures: readonly number[];
  /** What is cut from blocks once they are fused. */
  readonly inside: readonly Ring[];
  readonly proved: boolean;
  /** How much longer the lay is than the cloth in stock, mm. */
  readonly short: number;
  readonly searching: boolean;
  readonly plans: readonly FoldPlan[];
  readonly selected: string | undefined;
  readonly onSelect: (key: string | undefined) => void;
  readonly byHand: ByHand;
  /** The cloth that it is pinned under, where it is. */
  readonly pinned: Pinned | undefined;
  /** Undefined while it is done already. */
  readonly onChangeCloth: (() => void) | undefined;
}

/** The cloth with its lay, and in a line what cloth it is and that the lay is proved. */
export function LayOnTable({
  shown,
  cloth,
  unit,
  leftover,
  figures,
  inside,
  proved,
  short,
  searching,
  plans,
  selected,
  onSelect,
  byHand,
  pinned,
  onChangeCloth,
}: LayOnTableProps) {
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
            onSelect={onSelect}
            locked={byHand.locked}
            faulty={byHand.faulty}
            onDrag={byHand.drag}
          />
        ) : searching ? (
          <p className="p-8 text-center text-walnut-2">Laying the first plan</p>
        ) : (
          <NoPlan plans={plans} unit={unit} />
        )}
      </div>
    </div>
  );
}
