import { bodiceBook } from '@ample-bolt/core/parts/part-book';
import { plainestOn } from '@ample-bolt/core/styles/style-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { useState } from 'react';
import { Notice } from '../../ui/Notice.tsx';
import { PictureCards } from '../../ui/PictureCards.tsx';
import { StylePicture } from '../ticket/StylePicture.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import type { ChoiceEntry } from '../ticket/use-choice-entry.ts';

/** The bodices of the book: another one takes over the collar, sleeves and skirt that are sewn on, where its joins fit them. */
export function BodiceCards({ style, entry }: { readonly style: Style; readonly entry: ChoiceEntry }) {
  const { ticket, actions } = useTicketContext();
  const [failure, setFailure] = useState<string>();
  const take = async (bodice: string) => {
    const onIt = plainestOn(bodice);
    // What stands now is agreed first: it is what the other bodice takes over.
    const isOpen = entry.changed || ticket.choices === null;
    if (!onIt || (isOpen && !(await entry.agree()))) return;
    try {
      await actions.put('style', { styleId: onIt.id, keepParts: true });
      setFailure(undefined);
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'Not stored yet.');
    }
  };
  return (
    <>
      <PictureCards
        label="Cut on"
        help="what is sewn on stays where it fits; undo brings all back"
        value={style.parts.bodice}
        onChange={(bodice) => void take(bodice)}
        cards={bodiceBook.map(({ id, name }) => ({
          id,
          words: name,
          picture: <StylePicture styleId={plainestOn(id)?.id ?? style.id} width={64} height={64} />,
        }))}
      />
      {failure && <Notice tone="stop">{failure}</Notice>}
    </>
  );
}
