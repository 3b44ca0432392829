import { decodePDFRawStream, PDFArray, PDFDocument, PDFRawStream } from 'pdf-lib';

const lettersOf = (codes: Iterable<number>): string => String.fromCharCode(...codes);

const hexText = (hex: string): string =>
  lettersOf((hex.match(/../g) ?? []).map((pair) => Number.parseInt(pair, 16)));

/** The words that a PDF file of standard fonts shows, page by page, one line for each run of text. */
export async function pdfText(bytes: Uint8Array): Promise<string[]> {
  const document = await PDFDocument.load(bytes);
  return document.getPages().map((page) => {
    const contents = page.node.Contents();
    const streams =
      contents instanceof PDFArray
        ? Array.from({ length: contents.size() }, (_, index) => contents.lookup(index))
        : [contents];
    return streams
      .filter((stream) => stream instanceof PDFRawStream)
      .map((stream) =>
        Array.from(decodePDFRawStream(stream).decode(), (code) => String.fromCharCode(code)).join(''),
      )
      .flatMap((text) => [...text.matchAll(/<([0-9A-Fa-f]+)> Tj/g)].map(([, hex = '']) => hexText(hex)))
      .join('\n');
  });
}
