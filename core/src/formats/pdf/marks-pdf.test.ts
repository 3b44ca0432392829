import { expect, test } from '@jest/globals';
import { PDFDocument } from 'pdf-lib';
import { chalkAll } from '../../chalk/chalk-piece.ts';
import { fittedDress } from '../../styles/fitted-dress/fitted-dress.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { usualObservations } from '../../measures/measure-set.ts';
import type { Ticket } from '../../shop/ticket.ts';
import { marksPdf } from './marks-pdf.ts';

test('marks print on paper, a page or more for each piece, whatever letters the title has', async () => {
  const draft = fittedDress.draft(draftInput(middleBody));
  const ticket: Ticket = {
    id: '', number: 3, title: 'Šaty pro Łucję 灯', client: { id: '', name: 'Nobody', kind: 'adult' }, dueOn: '2026-12-24', unit: 'in', styleId: 'fitted-dress',
    measures: { from: 'neckSide', startLine: 'stitch', observations: usualObservations, values: {} },
    choices: {}, rules: {}, cloths: [], lay: null, chalked: {}, marksInAll: 0, version: 1,
  }; // prettier-ignore
  const bytes = await marksPdf({ ticket, draft, marks: chalkAll(draft.pieces, 'stitch') });
  const document = await PDFDocument.load(bytes);
  expect(document.getPageCount()).toBeGreaterThanOrEqual(1 + draft.pieces.length);
  expect(document.getTitle()).toContain('Ticket 3');
});
