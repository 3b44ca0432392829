import type { ChoiceValues } from '@ample-bolt/core/garment/choice';
import { bodiceBook, chosenParts } from '@ample-bolt/core/parts/part-book';
import { plainestOn } from '@ample-bolt/core/styles/style-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { leftOffWords } from '@ample-bolt/core/words/lack-words';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { PictureCards } from '../../ui/PictureCards.tsx';
import { StylePicture } from '../ticket/StylePicture.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import type { ChoiceEntry } from '../ticket/use-choice-entry.ts';

interface BodiceCardsProps {
  readonly style: Style;
  readonly entry: ChoiceEntry;
  readonly chosen: ChoiceValues | undefined;
}

/** The bodices of the book: another one takes over the collar, sleeves and skirt that are sewn on, where its joins fit them. */
export function BodiceCards({ style, entry, chosen }: BodiceCardsProps) {
  const [picked, setPicked] = useState(style.parts.bodice);
  return (
    <>
      <PictureCards
        label="Cut on"
        help="what is sewn on stays where it fits"
        value={picked}
        onChange={setPicked}
        cards={bodiceBook.map(({ id, name }) => ({
          id,
          words: name,
          picture: <StylePicture styleId={plainestOn(id)?.id ?? style.id} width={64} height={64} />,
        }))}
      />
      {picked !== style.parts.bodice && (
        <Exchange bodice={picked} style={style} entry={entry} chosen={chosen} />
      )}
    </>
  );
}

/** The choices that go with the exchange of a bodice, and the button that makes it; what stands now is agreed first, since the other takes it over. */
function Exchange({ bodice, style, entry, chosen }: BodiceCardsProps & { readonly bodice: string }) {
  const { ticket, actions } = useTicketContext();
  const [failure, setFailure] = useState<string>();
  const panel = useRef<HTMLDivElement>(null);
  // It stands below all the cards, out of sight of the one that was pressed.
  useEffect(() => {
    panel.current?.scrollIntoView({ block: 'nearest' });
  }, [bodice]);
  const onIt = plainestOn(bodice);
  if (!onIt) return null;
  const take = async () => {
    const isOpen = entry.changed || ticket.choices === null;
    if (isOpen && !(await entry.agree())) return;
    try {
      await actions.put('style', { styleId: onIt.id, keepParts: true });
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'Not stored yet.');
    }
  };
  return (
    <div ref={panel} className="mt-1 flex flex-col gap-1.5 border-l-2 border-indigo py-1 pl-3 text-sm">
      {leftOffWords(chosenParts(style.parts, chosen ?? {}), onIt.lacks).map((words) => (
        <p key={words} className="text-weld">
          {words}
        </p>
      ))}
      <p className="text-walnut-2">Figures by hand and lays are let go; undo brings them back.</p>
      <Button look="outline" onClick={() => void take()}>
        Cut it on this bodice
      </Button>
      {failure && <Notice tone="stop">{failure}</Notice>}
    </div>
  );
}
