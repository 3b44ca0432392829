import { mkdtemp, readdir, readFile, rm, stat, writeFile } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { folderOutbox, type Outbox } from './outbox.ts';

describe('the outbox', () => {
  let parent: string;
  let folder: string;
  let outbox: Outbox;
  beforeEach(async () => {
    parent = await mkdtemp(path.join(os.tmpdir(), 'ample-bolt-outbox-test-'));
    folder = path.join(parent, 'out');
    outbox = folderOutbox(folder);
  });
  afterEach(() => rm(parent, { recursive: true, force: true }));
  const message = {
    to: 'Ægir Łoś, by letter',
    subject: 'Messen zu Hause – ½',
    text: 'Good day,\n\nhere it is: https://shop.example/home/abc',
  };

  test('is empty before anything was put there', async () => {
    expect(await outbox.list()).toEqual([]);
  });

  test('gives a message back as it was, whatever letters it has, the newest first', async () => {
    const first = await outbox.put(message);
    await new Promise((resolve) => setTimeout(resolve, 5));
    const second = await outbox.put({ ...message, subject: 'Second' });
    const list = await outbox.list();
    expect(list.map(({ id }) => id)).toEqual([second, first]);
    expect(list[1]).toMatchObject(message);
    expect(Date.now() - Date.parse(list[1]?.at ?? '')).toBeLessThan(60_000);
  });

  // RFC 5322: headers, an empty line, the body; lines end with CR LF.
  test('keeps each as a mail file that only its owner reads', async () => {
    const id = await outbox.put(message);
    const file = path.join(folder, `${id}.eml`);
    expect((await stat(file)).mode & 0o077).toBe(0);
    const text = await readFile(file, 'utf8');
    expect(text).toMatch(/^From: .*\r\n/m);
    expect(text).toMatch(/^Date: .*\r\n/m);
    expect(text).toContain('\r\n\r\n');
  });

  test('throws a message away, and nothing that is not one', async () => {
    const id = await outbox.put(message);
    await writeFile(path.join(parent, 'precious.eml'), 'x');
    for (const wrong of ['../precious', '..%2Fprecious', '', 'x', id.toUpperCase()])
      await outbox.remove(wrong);
    expect(await readdir(parent)).toContain('precious.eml');
    expect(await outbox.list()).toHaveLength(1);
    await outbox.remove(id);
    await outbox.remove(id);
    expect(await outbox.list()).toEqual([]);
  });

  test('a receiver cannot add a header of his own', async () => {
    await outbox.put({ ...message, to: 'A\r\nBcc: everybody@elsewhere.test' });
    const [name] = await readdir(folder);
    const [head = ''] = (await readFile(path.join(folder, name ?? ''), 'utf8')).split('\r\n\r\n');
    expect(head).not.toMatch(/^Bcc:/im);
  });
});
