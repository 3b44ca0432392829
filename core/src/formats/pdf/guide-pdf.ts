import { measuresUsed } from '../../shop/ticket.ts';
import { measureOf, type MeasureId } from '../../measures/catalogue.ts';
import type { SequenceId } from '../../measures/sequences.ts';
import { stepsFor } from '../../measures/steps.ts';
import { homeMeasures } from '../../shop/home-set.ts';
import type { Ticket } from '../../shop/ticket.ts';
import { measuringAtHome } from '../../words/home-words.ts';
import { drawBody } from './body-drawing.ts';
import { newPaper, pageTop, roomBelow, skip, turnPage, write, type Paper } from './pdf-page.ts';

/** Height of a measure with its drawing, and of the drawing itself, in points. */
const ROW = 118;
const DRAWING = 104;
/** Text stands beside the drawing. */
const INDENT = 118;

function measureRow(paper: Paper, { client, measures }: Ticket, id: MeasureId, place: number): void {
  if (roomBelow(paper) < ROW) turnPage(paper);
  const { x, y } = pageTop(paper);
  const top = paper.y;
  drawBody(paper, id, client.kind, { x, y, height: DRAWING });
  skip(paper, 8);
  write(paper, `${place}. ${measureOf(id).names[0]}`, { bold: true, size: 13, indent: INDENT });
  for (const step of stepsFor(id, measures.from)) write(paper, step, { indent: INDENT });
  skip(paper, 8);
  write(paper, '_______________   in / cm', { size: 13, indent: INDENT });
  paper.y = top + ROW;
}

/**
 * A sheet that a client follows alone: how to prepare, then every measure with its drawing and room for the figure. It
 * names nobody and carries no figure of the shop's, so that it may be lost.
 */
export async function guidePdf(ticket: Ticket, sequence: SequenceId): Promise<Uint8Array> {
  const paper = await newPaper('Measuring at home');
  write(paper, 'Measuring at home', { bold: true, size: 20 });
  write(paper, `Ticket ${ticket.number}. Measured on ____________ by ____________`);
  skip(paper, 6);
  for (const line of measuringAtHome) write(paper, `- ${line}`, { size: 11 });
  write(paper, 'Worn under the tape: ______________________   Heel: ____________', { size: 11 });
  skip(paper, 12);
  homeMeasures(sequence, measuresUsed(ticket)).forEach((id, index) =>
    measureRow(paper, ticket, id, index + 1),
  );
  return paper.document.save();
}
