import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { pictured } from './drafting.ts';
import type { PictureSize } from './drafting-work.ts';

/** The most pictures that are kept drawn. */
const KEPT = 200;

const drawn = new Map<string, string>();

/** The last picture that is being drawn: the next one waits for it, so that a draft never waits for a list of pictures. */
let last: Promise<unknown> = Promise.resolve();

/**
 * A ticket's garment made up, as SVG; undefined where its style is not in the book any more, or where nobody waits for it once its
 * turn comes: whoever looks at another page has left a list of them behind. Drawn once for each version of the ticket.
 */
export function garmentPicture(
  ticket: Ticket,
  size: PictureSize,
  isAwaited: () => boolean,
): Promise<string | undefined> {
  const key = `${ticket.id} ${ticket.version} ${size}`;
  const picture = last.then(async () => {
    const known = drawn.get(key);
    if (known !== undefined || !isAwaited()) return known;
    const made = await pictured({ ticket, size });
    if (made !== undefined) keep(key, made);
    return made;
  });
  last = picture.catch(() => undefined);
  return picture;
}

function keep(key: string, picture: string): void {
  const [oldest] = drawn.keys();
  if (drawn.size >= KEPT && oldest !== undefined) drawn.delete(oldest);
  drawn.set(key, picture);
}
