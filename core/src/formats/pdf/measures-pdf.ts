import { measuresIn } from '../../measures/sequences.ts';
import { measuresUsed } from '../../shop/ticket.ts';
import { measureOf, type MeasureId } from '../../measures/catalogue.ts';
import { stepsFor } from '../../measures/steps.ts';
import type { Ticket } from '../../shop/ticket.ts';
import { formatLength } from '../../units/format-length.ts';
import { newPaper, roomBelow, skip, turnPage, write, type Paper } from './pdf-page.ts';

/** A measure with how it is taken must not be parted by a page, in points. */
const ROOM = 44;
/** Where a figure is to be written by hand. */
const BLANK = '____________';

/** The measures that a sheet has room for: all that the ticket's style uses, in taking order. */
function measuresFor(ticket: Ticket): { readonly id: MeasureId; readonly required: boolean }[] {
  const used = measuresUsed(ticket);
  return measuresIn('style', used).map((id) => ({ id, required: used?.requires.includes(id) ?? false }));
}

function measureLines(paper: Paper, ticket: Ticket, id: MeasureId, required: boolean): void {
  if (roomBelow(paper) < ROOM) turnPage(paper);
  const taken = ticket.measures.values[id];
  const other = ticket.unit === 'in' ? 'cm' : 'in';
  const figure = taken
    ? `${formatLength(taken.mm, ticket.unit, { denominator: 16 })}  (${formatLength(taken.mm, other, { denominator: 16 })})`
    : BLANK;
  write(paper, `${measureOf(id).names[0]}${required ? '' : ', may be left out'}:  ${figure}`, { bold: true });
  write(paper, stepsFor(id, ticket.measures.from).join(' '), { size: 9, quiet: true, indent: 12 });
  skip(paper, 4);
}

/** A sheet to measure with: every measure of the style, how it is taken, and its figure or room for one; as a PDF file. */
export async function measuresPdf(ticket: Ticket): Promise<Uint8Array> {
  const { from, startLine, takenOn, observations } = ticket.measures;
  const paper = await newPaper(`Ticket ${ticket.number}, measures`);
  write(paper, `No. ${ticket.number}  ${ticket.title}`, { bold: true, size: 18 });
  write(
    paper,
    `${ticket.client.name}, due ${ticket.dueOn}. ${takenOn ? `Measured on ${takenOn}.` : 'Measured on ____________.'}`,
  );
  write(
    paper,
    `Lengths start at the ${from === 'neckSide' ? 'neck side' : 'middle'} of the shoulder; the start line is the ${startLine === 'stitch' ? 'stitch line' : 'cut edge'}. Build ${observations.build}, tummy ${observations.tummy}, shoulders ${observations.shoulders}. The tape is snug and level, one finger under it.`,
  );
  skip(paper, 10);
  for (const { id, required } of measuresFor(ticket)) measureLines(paper, ticket, id, required);
  return paper.document.save();
}
