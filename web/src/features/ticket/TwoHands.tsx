import { Button } from '../../ui/Button.tsx';
import type { Conflict } from '../../writes/touched.ts';

interface TwoHandsProps {
  readonly conflicts: readonly Conflict[];
  readonly onDecide: (put: boolean) => void;
}

/** One field, two hands: both values side by side, and which of them holds. Nothing more is stored until it is said. */
export function TwoHands({ conflicts, onDecide }: TwoHandsProps) {
  const canPut = conflicts.every((each) => each.canPut);
  return (
    <section
      role="alert"
      aria-label="Changed by two hands"
      className="mt-2 shrink-0 rounded-soft border border-weld bg-weld-1 px-4 py-3"
    >
      <p className="font-semibold">
        Another hand changed this too. Until you say which holds, nothing more of yours is stored.
      </p>
      <table className="mt-2 w-full max-w-2xl text-left">
        <thead className="text-[13px] text-walnut-2">
          <tr>
            <th scope="col" className="font-semibold" />
            <th scope="col" className="font-semibold">
              Yours
            </th>
            <th scope="col" className="font-semibold">
              Theirs, stored
            </th>
          </tr>
        </thead>
        <tbody>
          {conflicts.map(({ what, mine, theirs }) => (
            <tr key={what} className="border-t border-linen-3">
              <th scope="row" className="py-1 pr-4 font-semibold">
                {what}
              </th>
              <td className="py-1 pr-4 text-lg">{mine}</td>
              <td className="py-1 text-lg">{theirs}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 flex flex-wrap gap-3">
        <Button look="outline" onClick={() => onDecide(false)}>
          Theirs holds
        </Button>
        {canPut && (
          <Button look="outline" onClick={() => onDecide(true)}>
            Put mine
          </Button>
        )}
      </p>
    </section>
  );
}
