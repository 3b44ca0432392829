import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import { drawRing } from '../../geometry/path/path-sink.ts';
import { svgPathSink } from '../../geometry/path/svg-path.ts';
import type { Ring } from '../../geometry/ring.ts';
import { plainLengths } from '../../units/format-length.ts';

/** A4, in points; the page prints on either side of the ocean with its margins. */
const PAGE = { width: 595, height: 842, margin: 42 };
const ink = rgb(0.17, 0.14, 0.13);
const quiet = rgb(0.4, 0.36, 0.32);

export interface Paper {
  readonly document: PDFDocument;
  readonly plain: PDFFont;
  readonly bold: PDFFont;
  page: PDFPage;
  /** Distance from the top of the page to the next line, in points. */
  y: number;
}

export async function newPaper(title: string): Promise<Paper> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  const [plain, bold] = await Promise.all([
    document.embedFont(StandardFonts.Helvetica),
    document.embedFont(StandardFonts.HelveticaBold),
  ]);
  return { document, plain, bold, page: document.addPage([PAGE.width, PAGE.height]), y: PAGE.margin };
}

export const roomAcross = PAGE.width - 2 * PAGE.margin;
export const roomBelow = (paper: Paper): number => PAGE.height - PAGE.margin - paper.y;

/** The upper left corner of the next line, from the bottom left of the page, in points. */
export const pageTop = (paper: Paper): { readonly x: number; readonly y: number } => ({
  x: PAGE.margin,
  y: PAGE.height - paper.y,
});

export function turnPage(paper: Paper): void {
  paper.page = paper.document.addPage([PAGE.width, PAGE.height]);
  paper.y = PAGE.margin;
}

/** Standard fonts know Latin letters only; anything else would throw, so it is shown as a question mark. */
function printable(text: string, font: PDFFont): string {
  const known = plainLengths(text)
    // A whole number and its fraction stay on one line.
    .replace(/(\d) (\d+\/\d)/g, '$1\u00a0$2')
    .replaceAll('−', '-')
    .replaceAll('≈', '~');
  return [...known]
    .map((letter) => (font.getCharacterSet().includes(letter.codePointAt(0) ?? 0) ? letter : '?'))
    .join('');
}

function linesOf(text: string, font: PDFFont, size: number, width: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of printable(text, font).split(' ')) {
    const longer = line ? `${line} ${word}` : word;
    if (line && font.widthOfTextAtSize(longer, size) > width) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}

export interface TextStyle {
  readonly size?: number;
  readonly bold?: boolean;
  readonly quiet?: boolean;
  readonly indent?: number;
}

/** Writes wrapped text at the next line and moves on; a new page where it does not fit. */
export function write(
  paper: Paper,
  text: string,
  { size = 10, bold = false, quiet: soft = false, indent = 0 }: TextStyle = {},
): void {
  const font = bold ? paper.bold : paper.plain;
  for (const line of linesOf(text, font, size, roomAcross - indent)) {
    if (roomBelow(paper) < size * 1.4) turnPage(paper);
    paper.page.drawText(line, {
      x: PAGE.margin + indent,
      y: PAGE.height - paper.y - size,
      size,
      font,
      color: soft ? quiet : ink,
    });
    paper.y += size * 1.4;
  }
}

export const skip = (paper: Paper, points: number): void => {
  paper.y += points;
};

export interface Drawing {
  readonly rings: readonly { readonly ring: Ring; readonly dashed?: boolean; readonly faint?: boolean }[];
  readonly box: {
    readonly minX: number;
    readonly minY: number;
    readonly maxX: number;
    readonly maxY: number;
  };
  readonly labels?: readonly { readonly text: string; readonly x: number; readonly y: number }[];
}

/** Draws rings, in mm, fitted into `width` × `height` points at the next line. */
export function draw(
  paper: Paper,
  { rings, box, labels = [] }: Drawing,
  width: number,
  height: number,
): void {
  if (roomBelow(paper) < height) turnPage(paper);
  const scale = Math.min(width / (box.maxX - box.minX), height / (box.maxY - box.minY));
  const [left, top] = [PAGE.margin - box.minX * scale, PAGE.height - paper.y + box.minY * scale];
  for (const { ring, dashed = false, faint = false } of rings) {
    const sink = svgPathSink();
    drawRing(ring, sink);
    paper.page.drawSvgPath(sink.text(), {
      x: left,
      y: top,
      scale,
      borderColor: faint ? quiet : ink,
      borderWidth: (faint ? 0.4 : 0.9) / scale,
      ...(dashed ? { borderDashArray: [4 / scale, 3 / scale] } : {}),
    });
  }
  for (const { text, x, y } of labels) {
    const shown = printable(text, paper.plain);
    const half = paper.plain.widthOfTextAtSize(shown, 8) / 2;
    paper.page.drawText(shown, {
      x: left + x * scale - half,
      y: top - y * scale - 3,
      size: 8,
      font: paper.plain,
      color: ink,
    });
  }
  paper.y += (box.maxY - box.minY) * scale + 10;
}
