import type { Draft, Figure } from '../../drafting/draft.ts';
import { handLine } from '../../pieces/hand-figure.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import type { Ticket } from '../../shop/ticket.ts';
import { formatLength } from '../../units/format-length.ts';
import type { Unit } from '../../units/length.ts';
import { cutName } from '../../words/names.ts';
import { renderWorking } from '../../workings/render-working.ts';
import { clothColoursOf } from '../../sketch/ink.ts';
import type { Sketch } from '../../sketch/sketch.ts';
import { drawSketch } from './draw-sketch.ts';
import { newPaper, roomBelow, skip, turnPage, write, type Paper } from './pdf-page.ts';
import { pieceOfFigure } from '../../pieces/hand-figure.ts';

export interface FiguresToPrint {
  /** The garment that the figures are of. */
  readonly sketch?: Sketch | undefined;
  readonly ticket: Ticket;
  readonly draft: Draft;
  /** Unit of the sheet, whatever the ticket's is. */
  readonly unit: Unit;
}

/** A figure and its working need this much room, in points; less, and they would be parted by a page. */
const ROOM = 30;
/** Height of the garment's picture on the sheet, in points. */
const PICTURE = 210;

function figureLines(paper: Paper, figure: Figure, unit: Unit): void {
  if (roomBelow(paper) < ROOM) turnPage(paper);
  const length = (mm: number) => formatLength(mm, unit);
  const { kind, mm, cut, stitch } = figure;
  const [word, other] = mm === stitch ? ['cut', cut] : ['stitch', stitch];
  const besides = kind !== 'length' && Math.abs(cut - stitch) > 0.5 ? `, ${word} ${length(other)}` : '';
  write(paper, `${figure.label}: ${length(mm)}${besides}`, { bold: true });
  const working = renderWorking(figure.working, unit);
  const said =
    figure.by === 'hand'
      ? `by hand${figure.why ? ` (${figure.why})` : ''}; computed ${length(figure.computed)}: ${working}`
      : working;
  write(paper, said, { size: 9, quiet: true, indent: 12 });
}

/** The whole sheet of figures with their workings, in inches or centimetres, as a PDF file. */
export async function figuresPdf({ ticket, draft, sketch, unit }: FiguresToPrint): Promise<Uint8Array> {
  const paper = await newPaper(`Ticket ${ticket.number}, figures`);
  write(paper, `No. ${ticket.number}  ${ticket.title}`, { bold: true, size: 18 });
  write(
    paper,
    `${ticket.client.name}, due ${ticket.dueOn}. Lengths in ${unit === 'in' ? 'inches' : 'centimetres'}, on the ${handLine(ruleSet(ticket.rules)) === 'stitch' ? 'stitch' : 'cut'} line. Outs from the centre or fold, downs from the start line.`,
  );
  if (sketch) drawSketch(paper, sketch, clothColoursOf(ticket), PICTURE);
  for (const { piece } of draft.pieces) {
    skip(paper, 10);
    if (roomBelow(paper) < 3 * ROOM) turnPage(paper);
    write(paper, `${piece.name}, ${piece.role}, ${cutName(piece.cut.layers, piece.cut.copies)}`, {
      bold: true,
      size: 13,
    });
    const own = draft.figures.filter(({ id }) => pieceOfFigure(id) === piece.id);
    for (const figure of own) figureLines(paper, figure, unit);
  }
  return paper.document.save();
}
