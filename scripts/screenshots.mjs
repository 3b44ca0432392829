// npm run screenshots: renews docs/screenshots from the demo data of a fresh database.
import path from 'node:path';
import { withDemoApp } from './demo-app.mjs';
import { ensureChromium, ensurePackages } from './packages.mjs';
import { root } from './run.mjs';

await ensurePackages();
const executablePath = ensureChromium();
const { chromium } = await import('@playwright/test');

const TABLE = { width: 1280, height: 800 };
const TABLET = { width: 1024, height: 768 };
const PHONE = { width: 390, height: 844 };

/** Name of the picture, address, what must be in sight before it is taken, and what is pressed before that. */
const views = (id, privateLink) => [
  { name: 'today', address: '/', sign: 'text=At the table' },
  { name: 'measure', address: `/tickets/${id('Lantern')}/measure`, sign: 'text=needed for this style' },
  {
    name: 'style',
    address: `/tickets/${id('Bell-ringer')}/style`,
    press: [
      'nav[aria-label="Slots of the garment"] >> button:has-text("Skirt")',
      'role=radio[name="circle skirt"]',
    ],
    sign: 'text=Agree the change',
  },
  {
    name: 'figures',
    address: `/tickets/${id('Harbour-office')}/figures`,
    press: ['button:has-text("Skirt front")', 'button:has-text("Length, down at the centre")'],
    sign: 'text=Computed it is',
  },
  {
    name: 'draft',
    address: `/tickets/${id('Drum')}/draft`,
    press: ['button:has-text("princess front")'],
    sign: 'text=notches meet',
  },
  { name: 'book', address: '/tickets/new', sign: 'text=Keyhole shirt bodice' },
  { name: 'lay', address: `/tickets/${id('Harbour-office')}/lay`, sign: 'button:has-text("Improve")' },
  {
    name: 'lay-to-width',
    address: `/tickets/${id('Ferry')}/lay`,
    press: ['text=Folded to width'],
    sign: 'button:has-text("Improve")',
  },
  {
    name: 'lay-compared',
    address: `/tickets/${id('Ferry')}/lay`,
    press: ['text=Compare'],
    sign: 'text=54 in',
  },
  { name: 'chalk', address: `/tickets/${id('Lamp')}/chalk`, sign: 'text=Marked' },
  { name: 'cut', address: `/tickets/${id('Harbour-master')}/chalk`, sign: 'text=All chalked', size: TABLET },
  { name: 'rules', address: `/tickets/${id('Harbour-office')}/rules`, sign: 'text=One figure would move' },
  {
    name: 'recut',
    address: `/recut?ticket=${id('Ferry')}`,
    press: ['role=radio[name="inches"]'],
    fill: [
      ['role=textbox[name="Chest round"]', '40'],
      ['role=textbox[name="Waist round"]', '35'],
      ['role=textbox[name="Front half at the chest, as it is"]', '14 1/4'],
      ['role=textbox[name="Back at the chest, as it is"]', '27'],
      ['role=textbox[name="Front half at the waist, as it is"]', '13'],
      ['role=textbox[name="Back at the waist, as it is"]', '25'],
    ],
    sign: 'role=img[name=/The back of the shirt/]',
  },
  { name: 'house', address: '/house', sign: 'text=House rules' },
  {
    name: 'versions',
    address: `/tickets/${id('Cornet')}/versions`,
    press: ['button:has-text("Choices: not agreed")'],
    sign: 'text=Lining cloth',
  },
  {
    name: 'person',
    address: '/people',
    press: ['a:has-text("Ottoline Farrow")'],
    sign: 'role=img[name=/Rounds in in/]',
  },
  {
    name: 'at-home',
    address: privateLink,
    press: ['button:has-text("Begin")'],
    fill: [['input[aria-describedby="guest-says"]', '2 1/4']],
    sign: 'button:has-text("Next")',
    size: PHONE,
  },
  {
    name: 'slate',
    address: '/people',
    press: ['button:has-text("Slate")', 'button:has-text("Flare")'],
    fill: [
      ['label:has-text("seam round") input', '28'],
      ['label:has-text("length") input', '24'],
      ['label:has-text("cloth width") input', '44'],
    ],
    sign: 'text=from centre front',
  },
  {
    name: 'phone',
    address: `/tickets/${id('Lantern')}/measure`,
    press: ['button:text-is("9")', 'button:has-text("1\u20442")'],
    sign: 'text=Skip',
    size: PHONE,
  },
];

async function picture(browser, base, { name, address, sign, press = [], fill = [], size = TABLE }) {
  const page = await browser.newPage({ viewport: size });
  await page.goto(base + address);
  for (const what of press) await page.locator(what).first().click();
  for (const [where, text] of fill) await page.locator(where).first().fill(text);
  await page.locator(sign).first().waitFor();
  // Small pictures of garments come one after the other.
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(4000);
  await page.screenshot({ path: path.join(root, `docs/screenshots/${name}.png`) });
  await page.close();
}

/** The page that a client opens at home, by its address here. */
async function linkFor(base, ticketId) {
  const response = await fetch(`${base}/api/tickets/${ticketId}/home`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ sequence: 'dress', days: 7, to: 'Wilhelmina Sedge' }),
  });
  return new URL((await response.json()).url).pathname;
}

await withDemoApp(async (base) => {
  const { tickets } = await (await fetch(`${base}/api/tickets`)).json();
  const id = (title) => tickets.find((ticket) => ticket.title.startsWith(title)).id;
  const browser = await chromium.launch({ executablePath, args: ['--no-sandbox'] });
  const privateLink = await linkFor(base, id('Lantern'));
  for (const view of views(id, privateLink)) await picture(browser, base, view);
  await browser.close();
});
