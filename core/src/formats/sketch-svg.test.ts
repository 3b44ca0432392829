import { describe, expect, test } from '@jest/globals';
import { contrast } from '../chalk/chalk-colour.ts';
import { inkOn } from '../sketch/ink.ts';
import { faces } from '../pieces/piece.ts';
import { madeUpOn, sketchOf } from '../sketch/sketch.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { pdfText } from '../testing/pdf-text.ts';
import { sampleTicket } from '../testing/sample-ticket.ts';
import { garmentPdf } from './pdf/garment-pdf.ts';
import { sketchSvg } from './sketch-svg.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { recipeOf } from '../styles/recipe-book.ts';

const draft = recipeOf(fittedDress).draft(draftInput(middleBody));
const sketch = sketchOf(draft, madeUpOn(draft, middleBody));
const ink = inkOn({ outer: '#7d2f33', lining: '#c08090' }, '#ffffff');

describe('a garment made up, as SVG', () => {
  const page = sketchSvg(sketch, { ink, heavier: 1 }, { views: faces, person: true });
  const card = sketchSvg(sketch, { ink, heavier: 2 }, { views: ['front'], person: false });

  test('is whole, and larger with both views and the person than as a card', () => {
    for (const text of [page, card]) {
      expect(text).not.toMatch(/NaN|undefined|Infinity/);
      expect(text.match(/<g /g)?.length).toBe(text.match(/<\/g>/g)?.length);
    }
    const wide = (text: string) => Number(/viewBox="0 0 ([\d.]+)/.exec(text)?.[1]);
    expect(wide(page)).toBeGreaterThan(2 * wide(card));
  });

  test('shows its cloth, and stitching only where it is large enough', () => {
    expect(page).toContain('fill="#7d2f33"');
    expect(page).toContain('stroke-dasharray');
    expect(card).not.toContain('stroke-dasharray');
  });
});

test.each(['#000000', '#1f2536', '#8b4a34', '#7fa3b8', '#e9d9b8', '#ffffff'])(
  'lines are seen on cloth of %s, on a page and on the cloth itself',
  (outer) => {
    for (const each of [inkOn({ outer }, '#ffffff'), inkOn({ outer })])
      expect(contrast(each.line, each.cloth('outer', 'right'))).toBeGreaterThan(3);
  },
);

test('the page to agree on names the ticket, its client and its style', async () => {
  const text = (await pdfText(await garmentPdf(sampleTicket({ title: 'Lantern dress' }), sketch))).join(' ');
  expect(text).toContain('No. 3  Lantern dress');
  expect(text).toContain('Fitted dress:');
});
