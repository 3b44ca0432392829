import type { ChoiceGroup } from '@ample-bolt/core/garment/choice';
import { groupsOn } from '@ample-bolt/core/parts/part-book';
import { cropOf } from '@ample-bolt/core/sketch/crop-of';
import { slotName, slotWords } from '@ample-bolt/core/words/slot-words';
import type { Style } from '@ample-bolt/core/styles/style';
import { ChevronRight } from 'lucide-react';
import { SketchCrop } from '../../canvas/SketchCrop.tsx';
import type { DraftedTicket } from '../../workers/drafting.worker.ts';
import { clothColours } from '../ticket/cloth-of.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';

interface SlotListProps {
  readonly style: Style;
  readonly drafted: DraftedTicket | undefined;
  readonly current: ChoiceGroup;
  readonly onChoose: (slot: ChoiceGroup) => void;
  /** Slots in which something is typed that cannot be read. */
  readonly faulty: readonly ChoiceGroup[];
}

/** The linen of a picture's ground. */
const GROUND = '#f2f0ea';

/** The slots of the garment, each with what stands in it now: pressed, its choices are beside the drawing. */
export function SlotList({ style, drafted, current, onChoose, faulty }: SlotListProps) {
  const { ticket } = useTicketContext();
  const colours = clothColours(ticket);
  return (
    <nav aria-label="Slots of the garment">
      <ul className="max-lg:grid max-lg:grid-cols-3 max-md:grid-cols-2">
        {groupsOn(style)
          .filter((slot) => slot !== 'Ease')
          .map((slot) => {
            const crop = drafted && cropOf(drafted.sketch, slot);
            const isCurrent = slot === current;
            return (
              <li key={slot} className="border-t border-linen-2">
                <button
                  type="button"
                  aria-current={isCurrent}
                  onClick={() => onChoose(slot)}
                  className={`flex min-h-14 w-full items-center gap-3 border-l-[3px] px-3 py-1 text-left h-full ${isCurrent ? 'border-indigo bg-indigo-1' : 'border-transparent hover:bg-linen-1'}`}
                >
                  <SketchCrop
                    sketch={drafted?.sketch}
                    face={crop?.face ?? 'front'}
                    box={crop?.box}
                    colours={colours}
                    ground={GROUND}
                    size={46}
                  />
                  <span className="min-w-0 grow leading-tight">
                    <span className="block font-semibold">{slotName(slot, style)}</span>
                    <span className="line-clamp-2 text-[13px] text-walnut-2">
                      {drafted ? slotWords(slot, style, drafted.draft, drafted.chosen) : ''}
                    </span>
                  </span>
                  {faulty.includes(slot) && (
                    <span
                      className="size-2 shrink-0 rounded-full bg-madder"
                      title="Something here cannot be read"
                    />
                  )}
                  <ChevronRight size={16} aria-hidden className="shrink-0 text-walnut-2 max-lg:hidden" />
                </button>
              </li>
            );
          })}
      </ul>
    </nav>
  );
}
