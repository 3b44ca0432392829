import { choiceGroups, type ChoiceGroup } from '@ample-bolt/core/garment/choice';
import type { Style } from '@ample-bolt/core/styles/style';
import { slotWords } from '@ample-bolt/core/words/slot-words';
import { useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useStillHere } from '../../ui/use-still-here.ts';
import { asPreview, useDrafted } from '../../workers/use-drafted.ts';
import { EaseStrip } from '../ticket/EaseStrip.tsx';
import { LeaveChoices } from '../ticket/LeaveChoices.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { useChoiceEntry } from '../ticket/use-choice-entry.ts';
import { MadeUp } from './MadeUp.tsx';
import { SlotList } from './SlotList.tsx';
import { SlotPanel } from './SlotPanel.tsx';

/** The slot that holds a choice: where a remedy or a finding leads. */
const slotOf = (style: Style, choice: string | null): ChoiceGroup | undefined =>
  choice === null ? undefined : style.choices[choice]?.group;

/** The garment put together slot by slot: what stands in each, the garment made up, and what can be chosen of the slot in hand. */
export function AgreeStyle({ style, onBook }: { readonly style: Style; readonly onBook: () => void }) {
  const { ticket, actions, goTo } = useTicketContext();
  const stillHere = useStillHere();
  const [search] = useSearchParams();
  const entry = useChoiceEntry(ticket, style, actions);
  const trial = asPreview(ticket, { choices: entry.preview });
  const { drafted } = useDrafted(trial);
  const led = search.get('choice');
  // What a finding leads to comes before what was picked until then.
  const [picked, setPickedAt] = useState<{
    readonly slot: ChoiceGroup | undefined;
    readonly after: string | null;
  }>();
  const setPicked = (next: ChoiceGroup | undefined) => setPickedAt({ slot: next, after: led });
  const slot = (picked?.after === led ? picked.slot : undefined) ?? slotOf(style, led) ?? 'Bodice';
  /** A choice that is moved on the drawing, or by a remedy, is shown among the others. */
  const move = (choice: string, mm: number) => {
    setPicked(slotOf(style, choice));
    entry.move(choice, mm);
  };
  const faulty = choiceGroups.filter((group) =>
    Object.entries(style.choices).some(([id, choice]) => choice.group === group && entry.faultOf(id)),
  );
  const [going, setGoing] = useState(false);
  const gone = useRef(false);
  const agree = () =>
    void entry.agree().then((agreed) => {
      if (agreed && stillHere()) setGoing(true);
      else if (faulty[0]) setPicked(faulty[0]);
    });
  // Only once nothing is on trial any more: before that the way out would be asked about.
  useEffect(() => {
    if (!going || entry.changed || gone.current || !stillHere()) return;
    // Once: two steps to the same page would take Back nowhere.
    gone.current = true;
    goTo('figures');
  }, [going, entry.changed, goTo, stillHere]);
  useHotkeys({ Enter: { does: 'agree the style', act: agree } });
  return (
    <form
      className="grid h-full grid-cols-[264px_minmax(0,1fr)_316px] gap-4 max-xl:grid-cols-[230px_minmax(0,1fr)_290px] max-lg:flex max-lg:h-auto max-lg:flex-col"
      onSubmit={(event) => {
        event.preventDefault();
        agree();
      }}
    >
      <LeaveChoices entry={entry} />
      <div className="flex min-h-0 flex-col overflow-auto rounded-soft border border-linen-2 bg-white max-lg:shrink-0 max-lg:overflow-visible">
        <div className="flex items-center gap-2 px-4 py-3">
          <h2 className="grow text-xl leading-tight">{style.name}</h2>
          <Button look="quiet" onClick={onBook}>
            Style book
          </Button>
        </div>
        <SlotList style={style} drafted={drafted} current={slot} onChoose={setPicked} faulty={faulty} />
        <div className="grow border-t border-linen-2 max-lg:hidden" />
        {drafted && (
          <EaseStrip
            rounds={drafted.draft.rounds}
            coverage={drafted.draft.coverage}
            unit={ticket.unit}
            onChange={() => setPicked('Ease')}
          />
        )}
      </div>
      {/* What a slot asks comes next to it for the keyboard, whatever lies between them for the eye. */}
      <div className="order-3 flex min-h-0 flex-col rounded-soft border border-linen-2 bg-white px-4 py-3">
        <div className="min-h-0 grow overflow-auto">
          <SlotPanel
            slot={slot}
            style={style}
            entry={entry}
            chosen={drafted?.chosen}
            words={drafted ? slotWords(slot, style, drafted.draft, drafted.chosen) : ''}
            trial={trial}
            onBook={onBook}
          />
        </div>
        {entry.failure && <Notice tone="stop">{entry.failure}</Notice>}
        <div className="mt-2 flex gap-2">
          {entry.changed && (
            <Button look="quiet" className="min-h-12" onClick={entry.leave}>
              Discard
            </Button>
          )}
          <Button type="submit" className="min-h-12 grow" hotkey="↵">
            {ticket.choices === null
              ? 'Agree this style'
              : entry.changed
                ? 'Agree the change'
                : 'Agreed; on to the figures'}
          </Button>
        </div>
      </div>
      <MadeUp drafted={drafted} entry={entry} onMove={move} />
    </form>
  );
}
