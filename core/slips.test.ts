import { readFileSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { bolt, example, root } from './run-bolt.ts';
import { chalkAll } from './src/chalk/chalk-piece.ts';
import { readOrder } from './src/formats/order/read-order.ts';
import { draftOrder } from './src/shop/draft-order.ts';
import { plantedSlips, withSlip, type PlantedSlip } from './src/testing/planted-slips.ts';
import { slipsPage } from './src/testing/slips-page.ts';

const folder = mkdtempSync(path.join(tmpdir(), 'slips-'));
const sound: unknown = JSON.parse(readFileSync(example, 'utf8'));

interface Told {
  readonly code: string;
  readonly severity: string;
  readonly message: string;
  readonly remedy: string;
}

const fileWith = (slip: PlantedSlip): string => {
  const file = path.join(folder, `${slip.id}.json`);
  writeFileSync(file, JSON.stringify(withSlip(sound, slip)));
  return file;
};
const told = (file: string): { readonly status: number | null; readonly findings: readonly Told[] } => {
  const run = bolt('check', file, '--json');
  return { status: run.status, findings: (run.json() as { findings: Told[] }).findings };
};

describe('slips of the trade', () => {
  test('the sound order has none of them', () => {
    const codes = told(example).findings.map(({ code }) => code);
    for (const { says } of plantedSlips) expect(codes).not.toContain(says);
  });

  test.each(plantedSlips)('$id is told by check, and a stop holds chalk and lay', (slip) => {
    const file = fileWith(slip);
    const { status, findings } = told(file);
    const found = findings.find(({ code }) => code === slip.says);
    expect([slip.id, findings.map(({ code }) => code), found !== undefined]).toEqual([
      slip.id,
      findings.map(({ code }) => code),
      true,
    ]);
    expect(found?.remedy).not.toBe('');
    expect(status).toBe(found?.severity === 'stop' ? 1 : 0);
    if (found?.severity !== 'stop') return;
    expect(bolt('check', file).stdout.split(found.message)).toHaveLength(2);
    const chalk = bolt('chalk', file, '--json');
    expect([chalk.status, (chalk.json() as { marks: unknown[] }).marks]).toEqual([1, []]);
    expect(bolt('chalk', file).stdout).toMatch(/^(One check holds|\d+ checks hold) the cut/);
  });

  test('no piece is left without its label: name, count, grain and top are chalked before the next', () => {
    const order = readOrder(sound);
    if (!order.ok) throw new Error(order.fault.message);
    const { pieces } = draftOrder(order.value);
    const marks = chalkAll(pieces, { startLine: 'stitch', line: 'stitch' });
    for (const { piece } of pieces) {
      const own = marks.filter((mark) => mark.piece === piece.id);
      expect(own.at(-1)?.kind).toBe('label');
    }
  });

  test('the page of slips is the one that is generated', () => {
    const words = plantedSlips.map((slip) => {
      const order = readOrder(withSlip(sound, slip));
      if (!order.ok) throw new Error(order.fault.message);
      return { slip, findings: slip.says === 'cloth-too-short' ? [] : draftOrder(order.value).findings };
    });
    const page = slipsPage(words);
    const kept = path.join(root, 'docs/slips.md');
    if (process.env['WRITE_DOCS']) writeFileSync(kept, page);
    expect(readFileSync(kept, 'utf8')).toBe(page);
  });
});
