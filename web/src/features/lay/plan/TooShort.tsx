import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { LayWay, Lay } from '@ample-bolt/core/lay/model/lay';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { TicketActions } from '../../../writes/use-ticket-actions.ts';
import { Button } from '../../../ui/Button.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { typedChange, wayWords, type TypedChange } from './fit-way.ts';
import { foldWords } from '../facts/fold-words.ts';
import { useMakeItFit } from './use-make-it-fit.ts';

interface TooShortProps {
  readonly lay: Lay;
  readonly cloth: Cloth;
  readonly searching: boolean;
  readonly plans: readonly Lay[];
  /** What to do where nothing of this cloth alone can be tried: others lie on it, or above it. */
  readonly instead: string | undefined;
  readonly onShow: (fold: LayWay) => void;
  /** Carried out: the lay by which it fits. */
  readonly onMadeToFit: (lay: Lay) => void;
}

/** The cloth in hand is too short: by how much, and what would make it fit, each tried for real and carried out with one press. */
export function TooShort({ lay, cloth, searching, plans, instead, onShow, onMadeToFit }: TooShortProps) {
  const { ticket, actions, attempt } = useTicketContext();
  const { unit } = ticket;
  const most = cloth.length ?? 0;
  const length = (mm: number) => formatLength(mm, unit, { style: 'typeset' });
  const fitting = plans.filter((plan) => plan.length <= most);
  const { tries, trying } = useMakeItFit(
    ticket,
    cloth.role,
    instead !== undefined || searching || fitting.length > 0 ? undefined : lay.fold,
  );
  return (
    <Notice tone="stop">
      <p>
        There is {length(most)} of this cloth; this lay needs {length(lay.length)},{' '}
        <strong>{length(lay.length - most)} short.</strong>
        {searching && ' Still looking for a shorter one.'}
      </p>
      <ul className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1.5 text-[15px]">
        {fitting.map((plan) => (
          <li key={plan.fold} className="flex items-center gap-2">
            {foldWords[plan.fold].name} fits, {length(plan.length)}
            <Button look="quiet" onClick={() => onShow(plan.fold)}>
              Show it
            </Button>
          </li>
        ))}
        {tries.map((found) => (
          <li key={JSON.stringify(found.way)} className="flex items-center gap-2">
            <span className={found.fits ? 'font-semibold' : 'text-walnut-2'}>
              {wayWords(found.way, ticket)}:{' '}
              {found.fits ? 'fits' : `still ${found.atLeast ? 'at least ' : ''}${length(found.length)}`}
            </span>
            {found.fits && (
              <Button
                look="quiet"
                onClick={() => {
                  onMadeToFit(found.lay);
                  attempt(
                    carriedOut(typedChange(found.way, ticket, cloth.role), actions),
                    'It was not changed.',
                  );
                }}
              >
                Do it
              </Button>
            )}
          </li>
        ))}
        {trying && !searching && <li role="status">Trying what would make it fit</li>}
        {!trying && !searching && !tries.some(({ fits }) => fits) && fitting.length === 0 && (
          <li>
            {instead ??
              'Nothing of what was tried will do. Take more of it, or lay some of the pieces on another cloth.'}
          </li>
        )}
      </ul>
    </Notice>
  );
}

const carriedOut = (change: TypedChange, { put }: TicketActions): Promise<unknown> =>
  change.part === 'cloths'
    ? put('cloths', { cloths: change.cloths })
    : put('choices', { choices: change.choices });
