import { measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { GuestEntry } from './use-guest-entry.ts';

interface GuestReviewProps {
  readonly entry: GuestEntry;
  /** Goes back to a measure; without it nothing can be changed any more. */
  readonly onChoose?: (id: MeasureId) => void;
  readonly pictureUrl?: (id: string) => string;
}

/** Everything that was entered, to be looked over before it is sent and after. */
export function GuestReview({ entry, onChoose, pictureUrl }: GuestReviewProps) {
  const { asked, entries, pictures } = entry.page;
  const { unit } = entries;
  return (
    <section className="flex flex-col gap-3">
      <h2 className="text-2xl">What you entered</h2>
      <ul className="rounded-soft border border-linen-2 bg-white">
        {asked.map((id) => {
          const mm = entry.values[id];
          const figure =
            mm === undefined ? '–' : formatNumber(mm, unit, { denominator: 16, style: 'typeset' });
          return (
            <li key={id} className="border-t border-linen-2 first:border-t-0">
              {onChoose ? (
                <button
                  type="button"
                  onClick={() => onChoose(id)}
                  className="flex min-h-11 w-full items-center justify-between px-4 text-left hover:bg-linen-1"
                >
                  <span>{measureOf(id).names[0]}</span>
                  <Figure text={figure} left={mm === undefined} />
                </button>
              ) : (
                <p className="flex min-h-11 items-center justify-between px-4">
                  <span>{measureOf(id).names[0]}</span>
                  <Figure text={figure} left={mm === undefined} />
                </p>
              )}
            </li>
          );
        })}
      </ul>
      {entries.remarks && <p className="whitespace-pre-line">{entries.remarks}</p>}
      {pictureUrl && (
        <div className="flex gap-3">
          {pictures.map((id, index) => (
            <img
              key={id}
              src={pictureUrl(id)}
              alt={`Your picture ${index + 1}`}
              className="h-36 w-28 rounded-soft border border-linen-3 object-cover"
            />
          ))}
        </div>
      )}
    </section>
  );
}

const Figure = ({ text, left }: { readonly text: string; readonly left: boolean }) =>
  left ? <span className="text-sm text-walnut-2">left out</span> : <strong>{text}</strong>;
