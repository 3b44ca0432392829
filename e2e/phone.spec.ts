import { expect, test } from '@playwright/test';
import { measuresIn } from '@ample-bolt/core/measures/sequences';
import { fittedDress } from '@ample-bolt/core/styles/fitted-dress';
import { expectNoViolation } from './axe.ts';
import { expectForFingers } from './fingers.ts';
import { openTicket, readings, ticketId } from './ticket.ts';

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a measure is taken with the thumb, stored, and the next one asked for', async ({ page, request }) => {
    await openTicket(page, 'Nessa Quay', 'Measured in the hand');
    await expectForFingers(page);
    await expectNoViolation(page);

    const pad = page.getByRole('group', { name: 'Keys for the measure' });
    await expect(page.getByRole('heading', { name: 'Shoulder', exact: true })).toBeVisible();
    for (const key of ['1', '5', '1\u20444', '1\u20448']) await pad.getByText(key, { exact: true }).tap();
    await expect(page.getByRole('textbox', { name: 'Shoulder', exact: true })).toHaveValue('15 3/8');
    await pad.getByRole('button', { name: 'Next' }).tap();
    await expect(page.getByRole('heading', { name: 'Shoulder length' })).toBeVisible();
    await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');

    // Another one out of the whole list; a slip is pointed out and not lost.
    await page.getByRole('button', { name: /^\d+ of \d+$/ }).tap();
    await page
      .getByRole('dialog', { name: 'Measures' })
      .getByRole('button', { name: /^Bust to take/ })
      .tap();
    await expect(page.getByRole('heading', { name: 'Bust', exact: true })).toBeVisible();
    await pad.getByText('9', { exact: true }).tap();
    await pad.getByText('0', { exact: true }).tap();
    await pad.getByRole('button', { name: 'This one in cm' }).tap();
    await expect(page.getByRole('textbox', { name: 'Bust', exact: true })).toHaveValue('90 cm');
    await pad.getByRole('button', { name: 'Next' }).tap();
    const id = await ticketId(request, 'Measured in the hand');
    await expect
      .poll(async () => {
        const ticket = (await (await request.get(`/api/tickets/${id}`)).json()) as {
          measures: { values: Record<string, { mm: number }> };
        };
        return [ticket.measures.values['shoulder']?.mm, ticket.measures.values['bust']?.mm];
      })
      .toEqual([15.375 * 25.4, 900]);
  });

  test('from opening a ticket to a full set: one measure after the other, and a planted slip is caught', async ({
    page,
    request,
  }) => {
    test.setTimeout(120_000);
    await openTicket(page, 'Briony Sallow', 'The whole set in the hand');
    const pad = page.getByRole('group', { name: 'Keys for the measure' });
    const press = async (typed: string) => {
      // Eighths are tapped as on the tape: a half, a quarter and an eighth make seven.
      const [whole = '', top = '0', bottom = '8'] = typed.split(/[ /]/);
      const eighths = (Number(top) * 8) / Number(bottom);
      const parts = [
        eighths & 4 ? '1\u20442' : '',
        eighths & 2 ? '1\u20444' : '',
        eighths & 1 ? '1\u20448' : '',
      ];
      for (const key of [...whole, ...parts].filter(Boolean)) await pad.getByText(key, { exact: true }).tap();
    };
    const field = page.getByRole('textbox');
    // Every measure of the style in taking order, in eighths; the hip is read off the centimetre side of the tape.
    const tape: Record<string, string> = {
      ...Object.fromEntries(readings.map(([name, typed]) => [name, typed.replace('½', ' 1/2')])),
      Hip: '98',
      Height: '66',
      'Shoulder length': '4 7/8',
      'Across chest': '13',
      'Across back': '14',
      'Under bust, down': '13 1/2',
      Neck: '14 1/2',
      'High bust': '34',
      'Under bust': '31',
      'Upper arm, flexed': '11 1/4',
      Armhole: '16',
      Hand: '8',
      'Waist to hip': '8 1/4',
      'Waist to knee': '23',
    };
    for (let taken = 0; taken < 40; taken++) {
      const name = await page.getByRole('heading', { level: 2 }).textContent();
      const typed = tape[name ?? ''];
      expect([name, typed]).toEqual([name, expect.anything()]);
      await press(typed ?? '');
      if (name === 'Hip') {
        await expect(page.getByText('looks like centimetres written as inches')).toBeVisible();
        await page.getByRole('button', { name: '38\u202f5\u20448', exact: true }).tap();
        await expect(page.getByText('looks like')).toBeHidden();
      }
      await expect(field).not.toHaveValue('');
      const done = pad.getByRole('button', { name: 'Done' });
      if (await done.isVisible()) {
        await done.tap();
        break;
      }
      await pad.getByRole('button', { name: 'Next' }).tap();
      await expect(page.getByRole('heading', { level: 2 })).not.toHaveText(name ?? '');
    }
    await expect(page).toHaveURL(/style$/);
    // Measuring began with the first that the style cannot do without; the height before it is taken from the list.
    await page.goBack();
    await page.getByRole('button', { name: /^\d+ of \d+$/ }).tap();
    await page
      .getByRole('dialog', { name: 'Measures' })
      .getByRole('button', { name: /^Height/ })
      .tap();
    await press(tape['Height'] ?? '');
    await pad.getByRole('button', { name: 'Next' }).tap();
    const id = await ticketId(request, 'The whole set in the hand');
    await expect
      .poll(async () => {
        const ticket = (await (await request.get(`/api/tickets/${id}`)).json()) as {
          measures: { values: Record<string, { mm: number }> };
        };
        const missing = measuresIn('style', fittedDress).filter((each) => !ticket.measures.values[each]);
        return [missing, ticket.measures.values['hip']?.mm];
      })
      .toEqual([[], 38.625 * 25.4]);
  });

  test('what is typed survives a phone that was locked without a network', async ({ page, context }) => {
    await openTicket(page, 'Ansel Reed', 'Kept through the dark');
    const pad = page.getByRole('group', { name: 'Keys for the measure' });
    await context.setOffline(true);
    for (const key of ['1', '5']) await pad.getByText(key, { exact: true }).tap();
    await pad.getByRole('button', { name: 'Next' }).tap();
    await expect(page.getByRole('status').filter({ hasText: 'kept here' })).toBeVisible();
    await context.setOffline(false);
    await page.reload();
    await page.getByRole('button', { name: /^\d+ of \d+$/ }).tap();
    await expect(
      page
        .getByRole('dialog', { name: 'Measures' })
        .getByRole('button', { name: 'Shoulder 15', exact: true }),
    ).toBeVisible();
  });

  test('today is read and walked', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByText('Lamp-bearer’s gown')).toBeVisible();
    await expectForFingers(page);
  });
});

test.describe('on a tablet on the table', () => {
  test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });

  test('a mark is read and ticked off without scrolling', async ({ page, request }) => {
    const id = await ticketId(request, 'Lamp-bearer');
    await page.goto(`/tickets/${id}/chalk`);
    const marked = page.getByRole('button', { name: 'Marked' });
    await expect(marked).toBeInViewport({ ratio: 1 });
    await expectForFingers(page);
    const mark = await page.getByText(/^\d+ \/ \d+$/).textContent();
    await marked.tap();
    await expect(page.getByText(mark ?? '', { exact: true })).toBeHidden();
    await page.getByRole('button', { name: 'Back' }).tap();
    await expect(page.getByText(mark ?? '', { exact: true })).toBeVisible();
  });
});
