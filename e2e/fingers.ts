import { expect, type Page } from '@playwright/test';

/** Everything that is pressed must be at least as large as a finger, and nothing may run off the side. */
export async function expectForFingers(page: Page): Promise<void> {
  const small = await page.locator('button:visible, a:visible, input:visible').evaluateAll((targets) =>
    targets
      .map((target) => ({ box: target.getBoundingClientRect(), name: target.textContent || target.tagName }))
      .filter(({ box }) => box.height > 0 && (box.height < 44 || box.width < 36))
      .map(({ box, name }) => `${name} ${box.width.toFixed(0)}×${box.height.toFixed(0)}`),
  );
  expect(small).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
}
