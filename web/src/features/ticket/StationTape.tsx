import type { StationId, StationStanding, StationState } from '@ample-bolt/core/shop/stations';
import { Check, Pause } from 'lucide-react';
import { NavLink } from 'react-router';
import { paths } from '../../app/paths.ts';
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

/** The stations as stretches of a tape measure, ticks and all. */
export function StationTape({ ticketId, stations, current }: StationTapeProps) {
  return (
    <nav aria-label="Stations" className="relative grid shrink-0 grid-cols-6 border-t border-r border-walnut">
      {stations.map(({ id, state }, index) => {
        const open = id === current;
        return (
          <NavLink
            key={id}
            to={paths.station(ticketId, id)}
            aria-current={open ? 'step' : undefined}
            className={`relative flex h-12 items-center gap-2 border-l border-walnut px-3 pt-1 font-semibold max-md:justify-center max-md:px-0 ${open ? 'bg-indigo text-white' : state === 'later' ? 'text-walnut-2 hover:bg-linen-1' : 'hover:bg-linen-1'}`}
          >
            <Ticks light={open} />
            <StateMark state={state} place={index + 1} open={open} />
            <span className="max-md:sr-only">{stationNames[id]}</span>
            <span className="sr-only">, {stateWords[state]}</span>
          </NavLink>
        );
      })}
    </nav>
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
