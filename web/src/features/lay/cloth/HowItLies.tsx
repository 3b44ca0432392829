import type { MannerFile } from '@ample-bolt/core/formats/order/order-file';
import { clothFileOf } from '@ample-bolt/core/formats/order/write-order';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import { BLOCK_MARGIN, layManners, mannerFor, type LayManner } from '@ample-bolt/core/lay/model/lay-manner';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { mannerName } from '@ample-bolt/core/words/names';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { boxClass, inputClass } from '../../../ui/Field.tsx';

interface HowItLiesProps {
  readonly cloth: Cloth;
  /** The piece that is chosen, by its id. */
  readonly piece: string;
}

/** What the trade knows of a manner, told when it is chosen. Common practice. */
const advice: { readonly [manner in LayManner]?: string } = {
  bias: 'Bias gives: let it hang a day before its hem is cut.',
  crosswise: 'Across, cloth gives more and hangs otherwise: pull it between the hands first.',
  block: 'Cut out with this much around it, fused, and chalked only then.',
};

/** How the chosen piece lies on its cloth: with another manner the cloth is planned anew, and undo takes it back. */
export function HowItLies({ cloth, piece }: HowItLiesProps) {
  const { ticket, actions, attempt } = useTicketContext();
  const { unit } = ticket;
  const { manner, margin = BLOCK_MARGIN } = mannerFor(cloth, piece);
  const lie = (how: Omit<MannerFile, 'piece'>) => {
    const { manners = [], ...own } = clothFileOf(cloth);
    const changed = {
      ...own,
      manners: [...manners.filter((each) => each.piece !== piece), { piece, ...how }],
    };
    attempt(actions.put('cloths', { cloths: [changed] }), 'It was not changed.');
  };
  const typed = formatNumber(margin, unit, { denominator: 16, decimals: 1 });
  return (
    <div className="mt-1.5">
      <label className="block text-[13px] font-semibold text-walnut-2">
        Lies
        <select
          className={`${inputClass} mt-0.5 text-[15px] font-normal`}
          value={manner}
          onChange={({ target }) => lie({ manner: target.value as LayManner })}
        >
          {layManners.map((each) => (
            <option key={each} value={each} disabled={each === 'border' && !cloth.border}>
              {mannerName[each]}
              {each === 'border' && !cloth.border ? ' (this cloth has none)' : ''}
            </option>
          ))}
        </select>
      </label>
      {manner === 'block' && (
        <label className="mt-1.5 flex items-center justify-between gap-2 text-[13px] font-semibold text-walnut-2">
          Left around it, {unit}
          <input
            key={typed}
            className={`${boxClass} w-24 text-[15px] font-normal`}
            defaultValue={typed}
            autoComplete="off"
            onBlur={({ target }) => target.value !== typed && lie({ manner, margin: target.value })}
            onKeyDown={({ key, currentTarget }) => key === 'Enter' && currentTarget.blur()}
          />
        </label>
      )}
      {advice[manner] && <p className="mt-1 text-[13px] text-walnut-2">{advice[manner]}</p>}
    </div>
  );
}
