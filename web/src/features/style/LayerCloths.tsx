import type { Style } from '@ample-bolt/core/styles/style';
import { capital } from '@ample-bolt/core/text/capital';
import { formatLength } from '@ample-bolt/core/units/format-length';
import { Link } from 'react-router';
import { paths } from '../../app/paths.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';

/** The cloths of a garment's layers, the one that shows first; each leads to where it is named and laid. */
export function LayerCloths({ style }: { readonly style: Style }) {
  const { ticket } = useTicketContext();
  return (
    <ul className="mt-1 border-t border-linen-2">
      {style.cloths.map((role) => {
        const cloth = ticket.cloths.find((each) => each.role === role);
        return (
          <li key={role}>
            <Link
              to={`${paths.station(ticket.id, 'lay')}?cloth=${role}`}
              className="flex min-h-11 items-center gap-3 border-b border-linen-2 hover:bg-linen-1"
            >
              <span
                className="size-6 shrink-0 rounded-[3px] border border-linen-3"
                style={{ background: cloth?.colour }}
                aria-hidden
              />
              <span className="min-w-0 grow leading-tight">
                <span className="block truncate font-semibold">{cloth?.name ?? capital(role)}</span>
                <span className="block text-[13px] text-walnut-2">
                  {cloth
                    ? `${role}, ${formatLength(cloth.width, ticket.unit, { style: 'typeset' })} wide`
                    : 'no cloth yet'}
                </span>
              </span>
              <span className="shrink-0 font-semibold text-indigo">{cloth ? 'Lay' : 'Name it'}</span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
