import { optionsInOrder, type OptionChoice } from '@ample-bolt/core/garment/choice';
import { cropOf } from '@ample-bolt/core/sketch/crop-of';
import { RadioGroup } from 'radix-ui';
import { SketchCrop } from '../../canvas/SketchCrop.tsx';
import type { TicketToDraft } from '../../workers/drafting.worker.ts';
import { useOptionDrawn } from '../../workers/use-drafted.ts';
import { clothColours } from '../ticket/cloth-of.ts';

interface OptionCardsProps {
  readonly id: string;
  readonly choice: OptionChoice;
  readonly chosen: string;
  readonly onChoose: (option: string) => void;
  /** The garment as it is on trial now. */
  readonly ticket: TicketToDraft;
}

/** The options of a choice, each as the garment that it makes on this client; one is chosen, arrow keys walk them. */
export const OptionCards = ({ id, choice, chosen, onChoose, ticket }: OptionCardsProps) => (
  <div className="py-1">
    <p className="flex flex-wrap items-baseline gap-x-2">
      <span className="font-semibold">{choice.label}</span>
      <span className="text-[13px] text-walnut-2">{choice.help}</span>
    </p>
    <RadioGroup.Root
      value={chosen}
      onValueChange={onChoose}
      aria-label={choice.label}
      className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(82px,1fr))] gap-1.5"
    >
      {optionsInOrder(choice).map(([option, words]) => (
        <RadioGroup.Item
          key={option}
          value={option}
          aria-label={words}
          className="flex flex-col items-center gap-0.5 rounded-soft border border-linen-3 bg-white px-1 pt-1.5 pb-1 text-center text-[13px] leading-tight hover:border-walnut data-[state=checked]:border-indigo data-[state=checked]:bg-indigo-1 data-[state=checked]:font-semibold data-[state=checked]:text-indigo data-[state=checked]:ring-1 data-[state=checked]:ring-indigo"
        >
          <OptionPicture ticket={ticket} choice={id} option={option} slot={choice.group} />
          <span className="flex min-h-8 items-center">{words}</span>
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  </div>
);

/** A choice at the neck is looked at there, any other on the whole garment. */
function OptionPicture({
  ticket,
  choice,
  option,
  slot,
}: {
  readonly ticket: TicketToDraft;
  readonly choice: string;
  readonly option: string;
  readonly slot: OptionChoice['group'];
}) {
  const sketch = useOptionDrawn(ticket, choice, option);
  const crop = sketch && cropOf(sketch, slot === 'Neck' ? 'Neck' : 'Bodice');
  return (
    <SketchCrop
      sketch={sketch}
      face={crop?.face ?? 'front'}
      box={crop?.box}
      colours={clothColours(ticket)}
      ground="#ffffff"
      size={64}
    />
  );
}
