import { describe, expect, test } from '@jest/globals';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { measureOf } from '../../measures/catalogue.ts';
import { pdfText } from '../../testing/pdf-text.ts';
import { sampleTicket } from '../../testing/sample-ticket.ts';
import { inches } from '../../units/length.ts';
import { measuresPdf } from './measures-pdf.ts';

const textOf = async (ticket: ReturnType<typeof sampleTicket>) =>
  (await pdfText(await measuresPdf(ticket))).join('\n').replaceAll('\u00a0', ' ');

describe('the measure sheet', () => {
  test('has every measure of the style with how it is taken, and room to write it', async () => {
    const text = await textOf(sampleTicket({ title: 'Lantern dress' }));
    expect(text).toContain('No. 3  Lantern dress');
    for (const id of fittedDress.requires) expect(text).toContain(`${measureOf(id).names[0]}:  ____`);
    for (const id of fittedDress.derives)
      expect(text).toContain(`${measureOf(id).names[0]}, may be left out:`);
    expect(text).toContain('Start at the neck side of the shoulder');
    expect(text).toContain('Measured on ____');
  });

  test('shows what is taken in both units, and when', async () => {
    const measures = {
      ...sampleTicket().measures,
      from: 'midShoulder',
      takenOn: '2026-11-25',
      values: { bust: { mm: inches(37.5), typed: '37 1/2' } },
    } as const;
    const text = await textOf(sampleTicket({ measures }));
    expect(text).toContain('Bust:  37 1/2 in  (95.3 cm)');
    expect(text).toContain('Measured on 2026-11-25.');
    expect(text).toContain('Start at the middle of the shoulder');
    expect(await textOf(sampleTicket({ measures, unit: 'cm' }))).toContain('Bust:  95.3 cm  (37 1/2 in)');
  });
});
