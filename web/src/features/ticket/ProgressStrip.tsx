import type { StationStanding, StationState } from '@ample-bolt/core/shop/stations';

const colours: Readonly<Record<StationState, string>> = {
  done: 'bg-woad',
  next: 'bg-indigo',
  held: 'bg-madder',
  later: 'bg-linen-2',
};

/** How far a ticket is, as the stations of its tape; the words beside it say the same. */
export const ProgressStrip = ({ stations }: { readonly stations: readonly StationStanding[] }) => (
  <span className="flex gap-1" aria-hidden>
    {stations.map(({ id, state }) => (
      <span key={id} className={`h-2 w-8 rounded-[2px] ${colours[state]}`} />
    ))}
  </span>
);
