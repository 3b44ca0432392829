import type { Draft } from '@ample-bolt/core/drafting/draft';
import { sketchSvg } from '@ample-bolt/core/formats/sketch-svg';
import { draftOrder, type DraftableOrder } from '@ample-bolt/core/shop/draft-order';
import { ticketSketch } from '@ample-bolt/core/shop/made-up';
import type { TicketInputs } from '@ample-bolt/core/shop/ticket';
import { clothColoursOf, inkOn } from '@ample-bolt/core/sketch/ink';

// What takes long enough to hold everyone else up: a thread does it, by the name of the function.

export const draft = (order: DraftableOrder): Draft => draftOrder(order);

/** A small picture of the front alone for lists, or both views on the client. */
export type PictureSize = 'card' | 'page';

export interface PictureAsked {
  readonly ticket: TicketInputs;
  readonly size: PictureSize;
}

/** The page that lists are printed on. */
const PAPER = '#ffffff';

/** A ticket's garment made up, as SVG; undefined where its style is not in the book any more. */
export function picture({ ticket, size }: PictureAsked): string | undefined {
  const sketch = ticketSketch(ticket);
  if (!sketch) return undefined;
  const ink = inkOn(clothColoursOf(ticket), PAPER);
  return size === 'card'
    ? sketchSvg(sketch, { ink, heavier: 2 }, { views: ['front'], person: false })
    : sketchSvg(sketch, { ink, heavier: 1 }, { views: ['front', 'back'], person: true });
}
