import { measuresUsed } from '../../shop/ticket.ts';
import { expect, test } from '@jest/globals';
import { PDFDocument } from 'pdf-lib';
import { measureOf } from '../../measures/catalogue.ts';
import { homeMeasures } from '../../shop/home-set.ts';
import { pdfText } from '../../testing/pdf-text.ts';
import { sampleTicket } from '../../testing/sample-ticket.ts';
import { guidePdf } from './guide-pdf.ts';

test('the guide leads through every measure that is asked, with room for its figure, and names nobody', async () => {
  const ticket = sampleTicket({ client: { ...sampleTicket().client, name: 'Somebody Known' } });
  const bytes = await guidePdf(ticket, 'dress');
  const text = (await pdfText(bytes)).join('\n').replaceAll('\u00a0', ' ');
  const asked = homeMeasures('dress', measuresUsed(ticket));
  for (const id of asked) expect(text).toContain(measureOf(id).names[0]);
  expect(text.match(/in \/ cm/g)).toHaveLength(asked.length);
  expect(text).toContain('Tie a string');
  expect(text).not.toContain('Somebody Known');
  expect((await PDFDocument.load(bytes)).getPageCount()).toBeGreaterThan(2);
});

test('a child is drawn as a child', async () => {
  const child = sampleTicket({ client: { ...sampleTicket().client, kind: 'child' } });
  const [grown, small] = [await guidePdf(sampleTicket(), 'child'), await guidePdf(child, 'child')];
  expect([...small]).not.toEqual([...grown]);
});
