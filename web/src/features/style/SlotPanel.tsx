import { isAsked, type ChoiceGroup, type ChoiceValues } from '@ample-bolt/core/garment/choice';
import { slots } from '@ample-bolt/core/garment/part';
import { partBook, slotIn } from '@ample-bolt/core/parts/part-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { lackReason } from '@ample-bolt/core/words/lack-words';
import { slotName } from '@ample-bolt/core/words/slot-words';
import type { TicketToDraft } from '../../workers/drafting.worker.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';
import type { ChoiceEntry } from '../ticket/use-choice-entry.ts';
import { BodiceCards } from './BodiceCards.tsx';
import { ChoiceField } from './ChoiceField.tsx';
import { LayerCloths } from './LayerCloths.tsx';

interface SlotPanelProps {
  readonly slot: ChoiceGroup;
  readonly style: Style;
  readonly entry: ChoiceEntry;
  readonly chosen: ChoiceValues | undefined;
  readonly words: string;
  /** The garment as it is on trial now. */
  readonly trial: TicketToDraft;
  readonly onBook: () => void;
}

/** What can be chosen of one slot, and what does not fit there, with the reason. */
export function SlotPanel({ slot, style, entry, chosen, words, trial, onBook }: SlotPanelProps) {
  const { ticket } = useTicketContext();
  const asked = Object.entries(style.choices).filter(
    ([, choice]) => choice.group === slot && isAsked(choice, chosen ?? {}),
  );
  return (
    <section aria-label={slotName(slot, style)}>
      <h2 className="text-xl">{slotName(slot, style)}</h2>
      <p className="pb-1 text-sm text-walnut-2">{slot === 'Bodice' ? style.summary : words}</p>
      {asked.map(([id, choice]) => (
        <ChoiceField
          key={id}
          id={id}
          choice={choice}
          entry={entry}
          unit={ticket.unit}
          usual={chosen?.[id]}
          ticket={trial}
        />
      ))}
      {slot === 'Bodice' && <BodiceCards style={style} entry={entry} chosen={chosen} />}
      <NotFitting slot={slot} style={style} onBook={onBook} />
      {slot === 'Layers' && <LayerCloths style={style} />}
      {asked.length === 0 && slot !== 'Layers' && slot !== 'Bodice' && !slotIn(slot) && (
        <p className="py-2 text-sm text-walnut-2">Nothing to choose here for this style.</p>
      )}
    </section>
  );
}

/** The parts of the book that a style does not take in a slot, and why; another bodice may. */
function NotFitting({ slot: group, style, onBook }: Pick<SlotPanelProps, 'slot' | 'style' | 'onBook'>) {
  const slot = slotIn(group);
  const lack = slot && style.lacks[slots[slot]];
  if (!lack) return null;
  const parts = partBook.filter((part) => part.slot === slot);
  return (
    <div className="mt-2 border-t border-linen-2 pt-2">
      <h3 className="font-text text-[13px] font-semibold tracking-normal text-walnut-2">
        Does not fit this bodice
      </h3>
      <ul>
        {parts.map(({ id, name }) => (
          <li key={id} className="flex items-center gap-2 py-1 leading-tight">
            <span className="grow">
              <span className="block font-semibold">{name}</span>
              <span className="text-[13px] text-weld">{lackReason(lack)}</span>
            </span>
            <button
              type="button"
              onClick={onBook}
              className="min-h-9 shrink-0 px-2 max-lg:min-h-11 font-semibold text-indigo hover:underline"
            >
              Another bodice
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
