import { CalendarDays, ReceiptText, UserRound } from 'lucide-react';
import { NavLink, Outlet, useMatch } from 'react-router';
import { paths } from './paths.ts';

const rooms = [
  { to: paths.today, name: 'Today', Icon: CalendarDays },
  { to: paths.tickets, name: 'Tickets', Icon: ReceiptText },
  { to: paths.people, name: 'People', Icon: UserRound },
];

/** The rail of rooms and the room itself. The Chalk station takes the whole table. */
export function Shell() {
  const chalking = useMatch('/tickets/:id/chalk');
  if (chalking) return <Outlet />;
  return (
    <div className="flex h-dvh">
      <nav aria-label="Rooms" className="flex w-19 shrink-0 flex-col bg-walnut text-chalk">
        <NavLink
          to={paths.today}
          className="py-4 text-center font-head text-xl font-semibold"
          aria-label="Ample Bolt"
        >
          ab
        </NavLink>
        {rooms.map(({ to, name, Icon }) => (
          <NavLink
            key={to}
            to={to}
            end={to === paths.today}
            className={({ isActive }) =>
              `flex flex-col items-center gap-1 border-l-3 py-3 text-[13px] ${isActive ? 'border-chalk-now bg-walnut-3 text-white' : 'border-transparent text-linen-3 hover:bg-walnut-3'}`
            }
          >
            <Icon size={21} strokeWidth={1.7} aria-hidden />
            {name}
          </NavLink>
        ))}
      </nav>
      <div className="min-w-0 grow overflow-auto">
        <Outlet />
      </div>
    </div>
  );
}
