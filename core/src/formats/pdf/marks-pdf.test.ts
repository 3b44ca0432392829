import { expect, test } from '@jest/globals';
import { PDFDocument } from 'pdf-lib';
import { chalkAll } from '../../chalk/chalk-piece.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { sampleTicket } from '../../testing/sample-ticket.ts';
import { figuresPdf } from './figures-pdf.ts';
import { marksPdf } from './marks-pdf.ts';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { recipeOf } from '../../styles/recipe-book.ts';

const draft = recipeOf(fittedDress).draft(draftInput(middleBody));
const ticket = sampleTicket({ title: 'Šaty pro Łucję 灯' });

test('marks print on paper, a page or more for each piece, whatever letters the title has', async () => {
  const bytes = await marksPdf({
    ticket,
    draft,
    marks: chalkAll(draft.pieces, { startLine: 'stitch', line: 'stitch' }),
  });
  const document = await PDFDocument.load(bytes);
  expect(document.getPageCount()).toBeGreaterThanOrEqual(1 + draft.pieces.length);
  expect(document.getTitle()).toContain('Ticket 3');
});

test('the sheet of figures prints in either unit, a working under every figure', async () => {
  for (const unit of ['in', 'cm'] as const) {
    const document = await PDFDocument.load(await figuresPdf({ ticket, draft, unit }));
    expect(document.getPageCount()).toBeGreaterThanOrEqual(3);
  }
});
