import {
  Calculator,
  CalendarDays,
  Home,
  Keyboard,
  ReceiptText,
  Search as Glass,
  UserRound,
} from 'lucide-react';
import { lazy, Suspense, useRef, useState, type ReactNode } from 'react';
import { NavLink, Outlet, useMatch, useMatches } from 'react-router';
import { useEscapeField } from '../ui/use-escape-field.ts';
import { useHotkeys } from '../ui/use-hotkeys.ts';
import { useTitle } from '../ui/use-title.ts';
import { KeyList } from './KeyList.tsx';
import { OutgoingStrip } from './OutgoingStrip.tsx';
import { paths } from './paths.ts';
import { Search } from './Search.tsx';
import { useFocusOnPage } from './use-focus-on-page.ts';

/** Loaded when it is first opened: no page needs it to start. */
const Slate = lazy(() => import('../features/slate/index.ts'));

const rooms = [
  { to: paths.today, name: 'Today', Icon: CalendarDays },
  { to: paths.tickets, name: 'Tickets', Icon: ReceiptText },
  { to: paths.people, name: 'People', Icon: UserRound },
  { to: paths.house, name: 'House', Icon: Home },
];

/** What a route tells of itself. */
export interface RouteHandle {
  readonly title: string;
}

const titleOf = (handle: unknown): string | undefined =>
  typeof handle === 'object' && handle !== null && 'title' in handle && typeof handle.title === 'string'
    ? handle.title
    : undefined;

/** The rail of rooms and the room itself. The Chalk station takes the whole table; on a phone the rail lies below. */
export function Shell() {
  const chalking = useMatch('/tickets/:id/chalk');
  useTitle(titleOf(useMatches().at(-1)?.handle));
  const [sheet, setSheet] = useState<'keys' | 'search' | 'slate'>();
  useHotkeys({
    '?': { does: 'this list', act: () => setSheet('keys') },
    '/': { does: 'find a ticket', act: () => setSheet('search') },
    s: { does: 'slate of quick sums', act: () => setSheet('slate') },
  });
  useEscapeField();
  const page = useRef<HTMLDivElement>(null);
  useFocusOnPage(page);
  const close = () => setSheet(undefined);
  return (
    <>
      {chalking ? (
        <div className="flex h-dvh flex-col">
          <OutgoingStrip />
          <div className="min-h-0 grow">
            <Outlet />
          </div>
        </div>
      ) : (
        <div className="flex h-dvh max-md:flex-col-reverse">
          <a
            href="#page"
            className="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:rounded-soft focus:bg-chalk focus:px-4 focus:py-3 focus:font-semibold"
          >
            Skip to the page
          </a>
          <nav
            aria-label="Rooms"
            className="flex shrink-0 bg-walnut text-chalk max-md:h-14 max-md:justify-around md:w-19 md:flex-col"
          >
            <NavLink
              to={paths.today}
              className="py-4 text-center font-head text-xl font-semibold max-md:hidden"
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
                  `flex flex-col items-center gap-1 border-transparent py-3 text-[13px] max-md:min-w-14 max-md:border-t-3 max-md:py-1.5 md:border-l-3 ${isActive ? '!border-chalk-now bg-walnut-3 text-white' : 'text-linen-3 hover:bg-walnut-3'}`
                }
              >
                <Icon size={21} strokeWidth={1.7} aria-hidden />
                {name}
              </NavLink>
            ))}
            <span className="grow max-md:hidden" />
            <RailButton name="Find" onClick={() => setSheet('search')}>
              <Glass size={21} strokeWidth={1.7} aria-hidden />
            </RailButton>
            <RailButton name="Slate" onClick={() => setSheet('slate')}>
              <Calculator size={21} strokeWidth={1.7} aria-hidden />
            </RailButton>
            <RailButton name="Keys" className="max-md:hidden" onClick={() => setSheet('keys')}>
              <Keyboard size={21} strokeWidth={1.7} aria-hidden />
            </RailButton>
          </nav>
          <div className="flex min-h-0 min-w-0 grow flex-col">
            <OutgoingStrip />
            <div id="page" ref={page} tabIndex={-1} className="min-h-0 grow overflow-auto outline-none">
              <Outlet />
            </div>
          </div>
        </div>
      )}
      <KeyList open={sheet === 'keys'} onClose={close} />
      <Search open={sheet === 'search'} onClose={close} />
      {sheet === 'slate' && (
        <Suspense fallback={null}>
          <Slate open onClose={close} />
        </Suspense>
      )}
    </>
  );
}

const RailButton = ({
  name,
  onClick,
  children,
  className = '',
}: {
  readonly name: string;
  readonly onClick: () => void;
  readonly children: ReactNode;
  readonly className?: string;
}) => (
  <button
    type="button"
    onClick={onClick}
    className={`flex flex-col items-center gap-1 border-transparent py-3 text-[13px] text-linen-3 hover:bg-walnut-3 max-md:min-w-14 max-md:border-t-3 max-md:py-1.5 md:border-l-3 ${className}`}
  >
    {children}
    {name}
  </button>
);
