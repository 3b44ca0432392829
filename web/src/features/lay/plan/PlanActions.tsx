import { layWays } from '@ample-bolt/core/lay/model/lay';
import { Button } from '../../../ui/Button.tsx';
import { useHotkeys } from '../../../ui/use-hotkeys.ts';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { gainWords } from './gain-words.ts';
import { LookLonger } from './LookLonger.tsx';
import { usePlanned } from './planning-context.ts';

/** What is done with the plans: looking for better ones, here or at the shop's computer, and taking the one on screen. */
export function PlanActions() {
  const { unit } = useTicketContext().ticket;
  const { search, long, improve, shown, isChosen, short, byHand, wanted, storing, goOn } = usePlanned();
  useHotkeys({ i: { does: search.running ? 'stop looking' : 'improve the lay', act: improve } });
  return (
    <div className="flex w-72 shrink-0 flex-col justify-between gap-1.5 max-lg:sticky max-lg:bottom-0 max-lg:z-10 max-lg:order-last max-lg:w-full max-lg:bg-chalk max-lg:py-1">
      <div className="grid grid-cols-2 gap-2">
        <Button look="outline" hotkey="i" onClick={improve} className="min-h-11">
          {search.running ? 'Stop' : 'Improve'}
        </Button>
        <Button
          className="min-h-11 px-2"
          disabled={!shown || short > 0 || byHand.faults.length > 0}
          onClick={() => (isChosen ? goOn() : shown && storing.take(shown))}
        >
          {isChosen ? 'Go on' : 'Take this plan'}
        </Button>
      </div>
      <p role="status" className="min-h-5 text-sm text-walnut-2">
        {search.running === undefined && search.gained !== undefined && gainWords(search.gained, unit)}
      </p>
      <LookLonger long={long} folds={wanted === undefined || wanted === 'hand' ? layWays : [wanted]} />
    </div>
  );
}
