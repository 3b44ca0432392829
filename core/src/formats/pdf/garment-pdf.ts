import { clothColoursOf } from '../../sketch/ink.ts';
import type { Ticket } from '../../shop/ticket.ts';
import type { Sketch } from '../../sketch/sketch.ts';
import { styleOf } from '../../styles/style-book.ts';
import { drawSketch } from './draw-sketch.ts';
import { newPaper, write } from './pdf-page.ts';

/** Height of the picture on its page, in points. */
const PICTURE = 620;

/** A ticket's garment made up on its client, on one page to agree on, as a PDF file. */
export async function garmentPdf(ticket: Ticket, sketch: Sketch): Promise<Uint8Array> {
  const paper = await newPaper(`Ticket ${ticket.number}, garment`);
  write(paper, `No. ${ticket.number}  ${ticket.title}`, { bold: true, size: 18 });
  const style = styleOf(ticket.styleId);
  write(
    paper,
    `${ticket.client.name}, due ${ticket.dueOn}. ${style ? `${style.name}: ${style.summary}.` : ''}`,
  );
  drawSketch(paper, sketch, clothColoursOf(ticket), PICTURE);
  return paper.document.save();
}
