import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** No rule of accessibility is broken on the page as it is now. */
export async function expectNoViolation(page: Page, where = ''): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${where} ${id} ${nodes[0]?.html ?? ''}`)).toEqual([]);
}
