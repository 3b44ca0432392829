import { optionsInOrder, type OptionChoice } from '@ample-bolt/core/garment/choice';
import { cropOf } from '@ample-bolt/core/sketch/crop-of';
import { PictureCards } from '../../ui/PictureCards.tsx';
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
  <PictureCards
    label={choice.label}
    help={choice.help}
    value={chosen}
    onChange={onChoose}
    cards={optionsInOrder(choice).map(([option, words]) => ({
      id: option,
      words,
      picture: <OptionPicture ticket={ticket} choice={id} option={option} slot={choice.group} />,
    }))}
  />
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
