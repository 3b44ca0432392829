import { wholeLay } from '../../lay/buy/together.ts';
import { cuttingOrder } from '../../chalk/chalk-piece.ts';
import type { Mark } from '../../chalk/mark.ts';
import type { Draft } from '../../drafting/draft.ts';
import { point } from '../../geometry/point.ts';
import { boxOf } from '../../geometry/ring.ts';
import { creaseLine, creasesOf, type Lay } from '../../lay/model/lay.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { laidLays } from '../../shop/laid-lays.ts';
import type { Ticket } from '../../shop/ticket.ts';
import { formatLength } from '../../units/format-length.ts';
import { cautions } from '../../words/cautions.ts';
import { markLine } from '../../words/mark-words.ts';
import { cutName, foldName, pieceName } from '../../words/names.ts';
import { draw, newPaper, skip, turnPage, write, roomAcross, type Paper } from './pdf-page.ts';

export interface MarksToPrint {
  readonly ticket: Ticket;
  readonly draft: Draft;
  readonly marks: readonly Mark[];
}

function layPage(paper: Paper, lay: Lay, ticket: Ticket): void {
  const cloth = ticket.cloths.find(({ role }) => role === lay.role);
  write(
    paper,
    `Lay on ${cloth?.name ?? lay.role}, ${formatLength(lay.width, ticket.unit)} wide, ${foldName[lay.fold]}`,
    { bold: true, size: 12 },
  );
  write(
    paper,
    `Length ${formatLength(lay.length, ticket.unit)}. Buy ${lay.buy.amount} ${lay.buy.unit}. The start of the cloth is at the top.`,
  );
  skip(paper, 6);
  const clothRing = [point(0, 0), point(lay.width, 0), point(lay.width, lay.length), point(0, lay.length)];
  const foldRings = lay.sections.flatMap((section) =>
    creasesOf(section).map((crease) => ({ ring: creaseLine(crease, section, lay.width), dashed: true })),
  );
  draw(
    paper,
    {
      rings: [
        { ring: clothRing, faint: true },
        ...lay.placements.map(({ polygon }) => ({ ring: polygon })),
        ...foldRings,
      ],
      box: boxOf(clothRing),
      labels: lay.placements.map(({ piece, polygon }) => {
        const box = boxOf(polygon);
        return { text: pieceName(piece), x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 };
      }),
    },
    roomAcross,
    480,
  );
}

function piecePage(
  paper: Paper,
  { piece, stitch, outline }: DraftedPiece,
  marks: readonly Mark[],
  ticket: Ticket,
): void {
  turnPage(paper);
  write(paper, `${piece.name}, ${cutName(piece.cut.layers, piece.cut.copies)}`, { bold: true, size: 14 });
  skip(paper, 6);
  draw(paper, { rings: [{ ring: outline }, { ring: stitch, dashed: true }], box: boxOf(outline) }, 260, 260);
  for (const mark of marks) write(paper, `${mark.order}. ${markLine(mark, ticket.unit)}`, { size: 9 });
}

/** The marks of a ticket and its lay on paper, in chalking order, as a PDF file. */
export async function marksPdf({ ticket, draft, marks }: MarksToPrint): Promise<Uint8Array> {
  const paper = await newPaper(`Ticket ${ticket.number}, ${ticket.title}`);
  write(paper, `No. ${ticket.number}  ${ticket.title}`, { bold: true, size: 18 });
  write(
    paper,
    `${ticket.client.name}, due ${ticket.dueOn}. Lengths in ${ticket.unit === 'in' ? 'inches, to the nearest 1/8' : 'centimetres, to the nearest half'}. Full line: cut. Dashed line: stitch.`,
  );
  skip(paper, 8);
  const lays = Object.values(laidLays(ticket, draft.pieces));
  lays.forEach((lay, index) => {
    if (index > 0) turnPage(paper);
    layPage(paper, wholeLay(lay), ticket);
  });
  if (lays.length === 0) write(paper, 'No lay was chosen yet.', { quiet: true });
  skip(paper, 4);
  for (const caution of [...cautions.chalking, ...cautions.cutting])
    write(paper, caution, { size: 9, quiet: true });
  for (const drafted of cuttingOrder(draft.pieces))
    piecePage(
      paper,
      drafted,
      marks.filter(({ piece }) => piece === drafted.piece.id),
      ticket,
    );
  return paper.document.save();
}
