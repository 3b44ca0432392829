import { expect, test } from '@jest/globals';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { pdfText } from '../../testing/pdf-text.ts';
import { sampleTicket } from '../../testing/sample-ticket.ts';
import { formatLength } from '../../units/format-length.ts';
import { inches } from '../../units/length.ts';
import { figuresPdf } from './figures-pdf.ts';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { recipeOf } from '../../styles/recipe-book.ts';

const hand = { 'skirt-front/length': { mm: inches(26), why: 'higher heels' } };
const draft = recipeOf(fittedDress).draft({ ...draftInput(middleBody), figures: hand });
const ticket = sampleTicket({ title: 'Lantern dress' });

test.each(['in', 'cm'] as const)('the sheet in %s names every piece and every figure at its value', async (unit) => {
  const pages = await pdfText(await figuresPdf({ ticket, draft, unit }));
  expect(pages.length).toBeGreaterThanOrEqual(3);
  const text = pages.join('\n').replaceAll('\u00a0', ' ');
  expect(text).toContain('No. 3  Lantern dress');
  expect(text).toContain(unit === 'in' ? 'Lengths in inches' : 'Lengths in centimetres');
  for (const { piece } of draft.pieces) expect(text).toContain(`${piece.name}, ${piece.role}, `);
  for (const { label, mm } of draft.figures)
    expect(text).toContain(`${label}: ${formatLength(mm, unit).replace('−', '-')}`);
}); // prettier-ignore

test('a figure set by hand is printed with its reason and what it was computed as', async () => {
  const text = (await pdfText(await figuresPdf({ ticket, draft, unit: 'in' }))).join(' ').replaceAll('\u00a0', ' ');
  const computed = draft.figures.find(({ id }) => id === 'skirt-front/length')?.computed ?? 0;
  expect(text).toContain(`by hand (higher heels); computed ${formatLength(computed, 'in')}:`);
}); // prettier-ignore
