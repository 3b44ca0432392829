import { measureName } from '@ample-bolt/core/measures/catalogue';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import { growthBy } from '@ample-bolt/core/shop/growth';
import { setAgeAtDue } from '@ample-bolt/core/shop/set-age';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { useHouseRules } from '../../api/house.ts';
import { dayText } from '../../ui/day.ts';
import { Notice } from '../../ui/Notice.tsx';

export interface DueTicket {
  readonly number: number;
  readonly dueOn: string;
}

interface GrowthNoteProps {
  /** The newest first. */
  readonly sets: readonly ClientSet[];
  readonly due: readonly DueTicket[];
  readonly unit: Unit;
}

/** What a child's set is worth on the day a garment is due: how old it will be, and how far she may have grown. */
export function GrowthNote({ sets, due, unit }: GrowthNoteProps) {
  const { today } = useHouseRules();
  const [newest] = sets;
  if (!newest) return null;
  const old = (today ?? ruleSet())['check.childDays'];
  return due.map(({ number, dueOn }) => {
    const age = setAgeAtDue({ measures: { takenOn: newest.takenOn }, dueOn });
    if (age === undefined || age < 0) return null;
    const more = (['height', 'bust'] as const).flatMap((id) => {
      const growth = growthBy(sets, id, dueOn);
      return growth && Math.abs(growth.more) >= 1
        ? [
            `${formatLength(growth.more, unit, { denominator: 8, decimals: 1, style: 'typeset' })} more in ${measureName(id)}`,
          ]
        : [];
    });
    return (
      <Notice key={number} tone={age > old ? 'care' : 'note'}>
        <p className="font-semibold">
          The set is {age} days old when Nº {number} is due, {dayText(dueOn)}.
          {age > old ? ' Measure again.' : ''}
        </p>
        {more.length > 0 && <p>At the pace of the last sets, about {more.join(' and ')} by then.</p>}
      </Notice>
    );
  });
}
