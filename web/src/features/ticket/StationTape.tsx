import type { StationId, StationStanding, StationState } from '@ample-bolt/core/shop/stations';
import { Check, List, Pause } from 'lucide-react';
import { useState } from 'react';
import { NavLink } from 'react-router';
import { paths } from '../../app/paths.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { stationNames } from './station-names.ts';

interface StationTapeProps {
  readonly ticketId: string;
  readonly stations: readonly StationStanding[];
  readonly current: StationId | undefined;
}

const stateWords: Readonly<Record<StationState, string>> = {
  done: 'done',
  next: 'next',
  held: 'held by a check',
  later: 'later',
};

function StateMark({
  state,
  place,
  open,
}: {
  readonly state: StationState;
  readonly place: number;
  readonly open: boolean;
}) {
  if (open) return <Ring className="border-white">{place}</Ring>;
  if (state === 'done')
    return <Ring className="border-woad bg-woad text-white">{<Check size={12} strokeWidth={3} />}</Ring>;
  if (state === 'held')
    return <Ring className="border-madder bg-madder text-white">{<Pause size={11} strokeWidth={3} />}</Ring>;
  return (
    <Ring className={state === 'next' ? 'border-indigo text-indigo' : 'border-walnut-2 text-walnut-2'}>
      {place}
    </Ring>
  );
}

const Ring = ({
  className,
  children,
}: {
  readonly className: string;
  readonly children: React.ReactNode;
}) => (
  <span
    className={`grid size-[18px] place-items-center rounded-full border-[1.5px] text-[11px] leading-none ${className}`}
  >
    {children}
  </span>
);

/** On a phone only so many stations beside the open one are in sight; the list has them all. */
const BESIDE = 1;

/** The places of the stations that stay in sight on a phone. */
function inSight(stations: readonly StationStanding[], current: StationId | undefined): readonly number[] {
  const open = stations.findIndex(({ id, state }) => id === current || (!current && state === 'next'));
  const first = Math.max(0, Math.min(open - BESIDE, stations.length - 1 - 2 * BESIDE));
  return Array.from({ length: 2 * BESIDE + 1 }, (_, index) => first + index);
}

/** The stations as stretches of a tape measure, ticks and all. */
export function StationTape({ ticketId, stations, current }: StationTapeProps) {
  const [listing, setListing] = useState(false);
  const seen = inSight(stations, current);
  return (
    <>
      <nav
        aria-label="Stations"
        className="relative grid shrink-0 grid-cols-6 border-t border-r border-walnut max-md:grid-cols-[48px_repeat(3,minmax(0,1fr))]"
      >
        <button
          type="button"
          aria-label="All stations"
          onClick={() => setListing(true)}
          className="grid h-12 place-items-center border-l border-walnut md:hidden"
        >
          <List size={20} aria-hidden />
        </button>
        {stations.map(({ id, state }, index) => {
          const open = id === current;
          return (
            <NavLink
              key={id}
              to={paths.station(ticketId, id)}
              aria-current={open ? 'step' : undefined}
              className={`relative flex h-12 min-w-0 items-center gap-2 border-l border-walnut px-3 pt-1 font-semibold max-lg:gap-1.5 max-lg:px-2 max-lg:text-[15px] max-md:justify-center ${seen.includes(index) ? '' : 'max-md:hidden'} ${open ? 'bg-indigo text-white' : state === 'later' ? 'text-walnut-2 hover:bg-linen-1' : 'hover:bg-linen-1'}`}
            >
              <Ticks light={open} />
              <StateMark state={state} place={index + 1} open={open} />
              <span>{stationNames[id]}</span>
              <span className="sr-only">, {stateWords[state]}</span>
            </NavLink>
          );
        })}
      </nav>
      <Dialog title="Stations" open={listing} onClose={() => setListing(false)}>
        <ul>
          {stations.map(({ id, state }, index) => (
            <li key={id} className="border-t border-linen-2 first:border-t-0">
              <NavLink
                to={paths.station(ticketId, id)}
                onClick={() => setListing(false)}
                className="flex min-h-14 items-center gap-3"
              >
                <StateMark state={state} place={index + 1} open={false} />
                <span className="grow font-semibold">{stationNames[id]}</span>
                <span className="text-walnut-2">{stateWords[state]}</span>
              </NavLink>
            </li>
          ))}
        </ul>
      </Dialog>
    </>
  );
}

/** Eight parts to a station, the half a little longer, as on a tape. */
const Ticks = ({ light }: { readonly light: boolean }) => (
  <svg
    aria-hidden
    viewBox="0 0 80 8"
    preserveAspectRatio="none"
    className="absolute inset-x-0 top-0 h-2 w-full"
  >
    {[1, 2, 3, 4, 5, 6, 7].map((part) => (
      <path
        key={part}
        d={`M${part * 10} 0V${part === 4 ? 8 : 5}`}
        className={light ? 'stroke-indigo-1' : 'stroke-linen-3'}
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
    ))}
  </svg>
);
