import { setImmediate } from 'node:timers/promises';
import { sketchSvg } from '@ample-bolt/core/formats/sketch-svg';
import { ticketSketch } from '@ample-bolt/core/shop/made-up';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { clothColoursOf, inkOn } from '@ample-bolt/core/sketch/ink';
import { notFound } from '../../http/problem.ts';

/** A small picture of the front alone for lists, or both views on the client. */
export type PictureSize = 'card' | 'page';

/** The page that lists are printed on, and the most pictures that are kept drawn. */
const PAPER = '#ffffff';
const KEPT = 200;

const drawn = new Map<string, string>();

function draw(ticket: Ticket, size: PictureSize): string {
  const sketch = ticketSketch(ticket);
  if (!sketch) throw notFound('style');
  const ink = inkOn(clothColoursOf(ticket), PAPER);
  return size === 'card'
    ? sketchSvg(sketch, { ink, heavier: 2 }, { views: ['front'], person: false })
    : sketchSvg(sketch, { ink, heavier: 1 }, { views: ['front', 'back'], person: true });
}

/** The last picture that is being drawn: the next one waits for it, and for whatever else was asked in between. */
let last: Promise<unknown> = Promise.resolve();

/** A ticket's garment made up, as SVG; drawn once for each version of the ticket, one at a time, so that a list of them holds nobody up. */
export function garmentPicture(ticket: Ticket, size: PictureSize): Promise<string> {
  const key = `${ticket.id} ${ticket.version} ${size}`;
  const picture = last
    .then(() => setImmediate(drawn.get(key)))
    .then((known) => known ?? keep(key, draw(ticket, size)));
  last = picture.catch(() => undefined);
  return picture;
}

function keep(key: string, picture: string): string {
  const [oldest] = drawn.keys();
  if (drawn.size >= KEPT && oldest !== undefined) drawn.delete(oldest);
  drawn.set(key, picture);
  return picture;
}
