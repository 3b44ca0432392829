import { isLaid, openCloths } from '@ample-bolt/core/shop/stations';
import { Link } from 'react-router';
import { paths } from '../../app/paths.ts';
import { roleList } from '../ticket/next-step.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';

/** Cloths that cannot be chalked yet, each with the press that brings it nearer: a cloth to be added, or a plan to be taken. */
export function OpenCloths() {
  const { ticket } = useTicketContext();
  const open = openCloths(ticket);
  if (isLaid(open)) return null;
  const roles = [...open.toLay, ...open.withoutCloth];
  return (
    <section className="mt-4 rounded-soft border border-chalk-now p-4" aria-label="Still open">
      <p className="text-lg">
        Not done yet: the {roleList(roles)} {roles.length === 1 ? 'is' : 'are'} still to be planned, chalked
        and cut.
      </p>
      <p className="mt-3 flex flex-wrap gap-2">
        {roles.map((role) => (
          <Link
            key={role}
            to={`${paths.station(ticket.id, 'lay')}?cloth=${role}`}
            className="grid min-h-11 place-items-center rounded-soft border border-chalk-soft px-4 text-chalk-line"
          >
            {open.toLay.includes(role) ? `Plan the ${role}` : `Add cloth for the ${role}`}
          </Link>
        ))}
      </p>
    </section>
  );
}
