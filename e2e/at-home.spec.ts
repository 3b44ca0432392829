import { expect, test, type Browser, type Page } from '@playwright/test';
import { demoExpiredLink } from '../server/src/demo/demo-data.ts';
import { expectNoViolation } from './axe.ts';
import { expectForFingers } from './fingers.ts';
import { openTicket } from './ticket.ts';

/** A client's own phone: it has never been to the shop's pages. */
const phone = async (browser: Browser): Promise<Page> =>
  (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();

/** A picture as a camera would give it: larger than the shop takes. */
const photograph = (page: Page): Promise<number[]> =>
  page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    canvas.width = 2400;
    canvas.height = 3200;
    canvas.getContext('2d')?.fillRect(200, 200, 900, 2000);
    const blob = await new Promise<Blob | null>((resolve) => {
      canvas.toBlob(resolve, 'image/png');
    });
    return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))];
  });

/** Makes a private link on the ticket that is open, and gives its address. */
async function invite(page: Page, what: string): Promise<string> {
  await page.getByRole('button', { name: 'At home' }).click();
  const dialog = page.getByRole('dialog', { name: 'Measured at home' });
  await dialog.getByLabel('What is measured').selectOption(what);
  await dialog.getByRole('button', { name: 'Make a private link' }).click();
  const shown = dialog.getByText(/^http.*\/home\//);
  const url = (await shown.textContent()) ?? '';
  await expectNoViolation(page);
  await page.keyboard.press('Escape');
  return url;
}

test('a client measures at home through a private link, and the shop takes what she sent as a set', async ({
  page,
  browser,
}) => {
  test.setTimeout(120_000);
  await openTicket(page, 'Idony Marsh', 'Measured far away');
  const url = await invite(page, 'Bodice');
  await page.goto('/outbox');
  await expect(page.getByRole('article').first()).toContainText(url);
  await expectNoViolation(page);

  const hers = await phone(browser);
  const faults: string[] = [];
  hers.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
  await hers.goto(url);
  await expect(hers.getByText('Idony')).toBeHidden();
  await expect(hers.getByText('Measured far away')).toBeHidden();
  await expectForFingers(hers);
  await expectNoViolation(hers, 'start');
  await hers.getByLabel('What do you wear under the tape?').fill('a slip');
  await hers.getByRole('button', { name: 'Begin' }).tap();
  await hers.getByRole('textbox', { name: 'Shoulder' }).fill('15 1/2');
  await expectForFingers(hers);
  await expectNoViolation(hers, 'measure');
  await hers.getByRole('button', { name: 'Next' }).tap();
  await expect(hers.getByRole('heading', { name: 'Across chest' })).toBeVisible();
  // Half-way she puts the phone away; it opens where she was, with what she had.
  await hers.getByRole('textbox', { name: 'Across chest' }).fill('thirteen');
  await hers.reload();
  await expect(hers.getByRole('textbox', { name: 'Across chest' })).toHaveValue('thirteen');
  await hers.getByRole('button', { name: 'Next' }).tap();
  await expect(hers.getByRole('alert')).toContainText('"thirteen" is not a length');
  await hers.getByRole('textbox', { name: 'Across chest' }).fill('');
  for (let left = 0; left < 30; left++) {
    const heading = hers.getByRole('heading', { level: 1 });
    const name = (await heading.textContent()) ?? '';
    if (name.startsWith('Pictures')) break;
    const typed = { Bust: '94 cm', 'Under bust': '98 cm', Waist: '29' }[name];
    if (typed) await hers.getByRole('textbox', { name, exact: true }).fill(typed);
    if (name === 'Under bust') await expect(hers.getByText(/does not go with/)).toBeVisible();
    await hers.getByRole('button', { name: typed ? 'Next' : /Leave it out|Next/ }).tap();
    await expect(heading).not.toHaveText(name);
  }
  await hers.locator('input[type=file]').setInputFiles({
    name: 'front.png',
    mimeType: 'image/png',
    buffer: Buffer.from(await photograph(hers)),
  });
  await expect(hers.getByRole('img', { name: 'Your picture 1' })).toBeVisible();
  await hers.locator('input[type=file]').setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('not a picture'),
  });
  await expect(hers.getByText('not a picture that can be read')).toBeVisible();
  await expectNoViolation(hers, 'review');
  await hers.getByLabel('Anything that the shop should know?').fill('The left shoulder is lower');
  await hers.getByRole('button', { name: /^Under bust \d/ }).tap();
  await hers.getByRole('textbox', { name: 'Under bust' }).fill('80 cm');
  await expect(hers.getByText(/does not go with/)).toBeHidden();
  for (
    let left = 0;
    left < 30 && !(await hers.getByRole('button', { name: 'Send to the shop' }).isVisible());
    left++
  ) {
    const name = (await hers.getByRole('heading', { level: 1 }).textContent()) ?? '';
    await hers.getByRole('button', { name: /Leave it out|Next/ }).tap();
    await expect(hers.getByRole('heading', { level: 1 })).not.toHaveText(name);
  }
  await hers.getByRole('button', { name: 'Send to the shop' }).tap();
  await expect(hers.getByRole('heading', { name: 'Sent, with thanks' })).toBeVisible();
  await hers.reload();
  await expect(hers.getByRole('heading', { name: 'Sent, with thanks' })).toBeVisible();
  expect(faults).toEqual([]);

  await page.goto('/tickets');
  await page
    .getByRole('link', { name: /Measured far away/ })
    .first()
    .click();
  await expect(page.getByText('4 measures have come from home.')).toBeVisible();
  await page.getByRole('button', { name: 'Look at them' }).click();
  const arrived = page.getByRole('dialog', { name: 'From home' });
  await expect(arrived.getByRole('row', { name: /^Bust/ })).toContainText('37');
  await expect(arrived.getByText('The left shoulder is lower')).toBeVisible();
  await expect(arrived.getByRole('img', { name: 'Picture 1 from home' })).toBeVisible();
  await expectNoViolation(page, 'arrived');
  await arrived.getByRole('button', { name: 'Take them as the next set' }).click();
  await expect(arrived).toBeHidden();
  await expect(page.getByRole('region', { name: 'This set of measures' })).toContainText('at home');
  await expect(page.getByRole('button', { name: 'Waist 29', exact: true })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Remarks' })).toHaveValue(/The left shoulder is lower/);
});

test('a link that has run out, was taken back or is mistyped opens nothing, and says what to do', async ({
  page,
  browser,
}) => {
  await openTicket(page, 'Sorrel Finch', 'Taken back');
  const url = await invite(page, 'Dress');
  const hers = await phone(browser);
  await hers.goto(url);
  await expect(hers.getByRole('button', { name: 'Begin' })).toBeVisible();
  await page.getByRole('button', { name: 'At home' }).click();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('list', { name: 'Private links' })).toBeHidden();
  for (const [address, words] of [
    [url, 'This link opens nothing'],
    [`${url.slice(0, -3)}abc`, 'This link opens nothing'],
    [`/home/${demoExpiredLink.token}`, 'This link has run out. Ask the shop for a new one.'],
  ] as const) {
    await hers.goto(address);
    await expect(hers.getByRole('alert')).toContainText(words);
    await expect(hers.getByRole('button', { name: 'Begin' })).toBeHidden();
  }
  await expectNoViolation(hers);
});

test('what came from home can be left', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: /Clementine Rook Look/ }).click();
  await page.getByRole('button', { name: 'Look at them' }).click();
  await page.getByRole('button', { name: 'Leave them' }).click();
  await expect(page.getByText(/have come from home/)).toBeHidden();
  await page.getByRole('button', { name: 'At home' }).click();
  await expect(page.getByText('left', { exact: true })).toBeVisible();
});
