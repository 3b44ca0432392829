import { expect, test, type Page } from '@playwright/test';
import { ticketId } from './ticket.ts';

// A phone, a tablet upright and lying, and the computer of the shop; the first three are touched.
const sizes = [
  { name: 'phone', width: 390, height: 844, touched: true },
  { name: 'tablet upright', width: 768, height: 1024, touched: true },
  { name: 'tablet', width: 1024, height: 768, touched: true },
  { name: 'computer', width: 1280, height: 800, touched: false },
] as const;

/** Every page, with what must be in sight before it is looked at. */
const pages: readonly (readonly [address: string, ticket: string | undefined, sign: RegExp])[] = [
  ['/', undefined, /At the table/],
  ['/tickets', undefined, /Lamp-bearer/],
  ['/tickets/new', undefined, /Open ticket/],
  ['/people', undefined, /Ottoline/],
  ['/house', undefined, /House rules/],
  ['measure', 'Lantern', /needed for this style|of 21/],
  ['style', 'Choir', /Ease, finished/],
  ['figures', 'Harbour-office', /Neck, across/],
  ['draft', 'Drum', /seams true/],
  ['lay', 'Ferry', /proved/],
  ['chalk', 'Lamp', /Marked/],
  ['chalk', 'Harbour-master', /All chalked/],
  ['rules', 'Harbour-office', /One figure would move/],
  ['versions', 'Lamp', /Versions|version/],
];

/** What is wrong with a page at its size: sideways scroll, text that is cut off, and what a thumb would miss. */
async function faultsOf(page: Page, touched: boolean): Promise<string[]> {
  return page.evaluate((isTouched) => {
    const faults: string[] = [];
    const told = (element: Element) =>
      `${element.tagName.toLowerCase()} “${(element.getAttribute('aria-label') ?? element.textContent).trim().slice(0, 40)}”`;
    const isSeen = (element: Element) => {
      const box = element.getBoundingClientRect();
      const { visibility, opacity } = getComputedStyle(element);
      return box.width > 1 && box.height > 1 && visibility !== 'hidden' && opacity !== '0';
    };
    if (document.documentElement.scrollWidth > window.innerWidth + 1)
      faults.push('the page scrolls sideways');
    for (const element of document.querySelectorAll('body *')) {
      if (!(element instanceof HTMLElement) || !isSeen(element)) continue;
      const style = getComputedStyle(element);
      const over = element.scrollWidth > element.clientWidth + 1;
      // A row of cards may be swiped; a page, a list or a form may not.
      const swiped = style.scrollSnapType !== 'none';
      if (over && ['auto', 'scroll'].includes(style.overflowX) && !swiped)
        faults.push(`${told(element)} scrolls sideways`);
      const ownText = [...element.childNodes].some(
        (node) => node.nodeType === Node.TEXT_NODE && (node.textContent ?? '').trim() !== '',
      );
      const isInput = ['INPUT', 'TEXTAREA', 'SELECT'].includes(element.tagName);
      if (over && ownText && !isInput && style.overflowX === 'hidden' && style.textOverflow !== 'ellipsis')
        if (!element.classList.contains('sr-only')) faults.push(`${told(element)} is cut off`);
      if (!isTouched) continue;
      const pressed = element.matches(
        'button:not(:disabled), select, summary, [role=checkbox], input:not([type=checkbox], [type=radio], [type=hidden])',
      );
      const { width, height } = element.getBoundingClientRect();
      if (pressed && !element.classList.contains('sr-only') && (width < 43.5 || height < 43.5))
        faults.push(`${told(element)} is ${Math.round(width)} × ${Math.round(height)}`);
    }
    return [...new Set(faults)];
  }, touched);
}

for (const { name, width, height, touched } of sizes)
  test(`on a ${name}, ${width} × ${height}, no page scrolls sideways, cuts text off, or asks for a finer hand`, async ({
    browser,
    baseURL,
    request,
  }) => {
    test.setTimeout(180_000);
    const context = await browser.newContext({
      viewport: { width, height },
      hasTouch: touched,
      isMobile: touched && width < 500,
      ...(baseURL ? { baseURL } : {}),
    });
    const page = await context.newPage();
    const faults: Record<string, string[]> = {};
    for (const [address, ticket, sign] of pages) {
      const at = ticket ? `/tickets/${await ticketId(request, ticket)}/${address}` : address;
      await page.goto(at);
      await expect(page.getByText(sign).first()).toBeVisible({ timeout: 30_000 });
      const found = await faultsOf(page, touched);
      if (found.length > 0) faults[`${address} ${ticket ?? ''}`.trim()] = found;
    }
    await context.close();
    expect(faults).toEqual({});
  });
