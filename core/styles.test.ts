import { expect, test } from '@jest/globals';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './run-bolt.ts';
import { styleBook } from './src/styles/style-book.ts';
import { stylesPage } from './src/testing/styles-page.ts';

test('the page of the style book is the one that is generated, and has every style', () => {
  const page = stylesPage();
  const kept = path.join(root, 'docs/styles.md');
  if (process.env['WRITE_DOCS']) writeFileSync(kept, page);
  expect(readFileSync(kept, 'utf8')).toBe(page);
  for (const { id } of Object.values(styleBook)) expect(page).toContain(`\`${id}\``);
});
