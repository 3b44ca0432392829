import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { WebSocket } from 'ws';
import { attachTape } from './tape-hub.ts';

describe('the digital tape', () => {
  let server: Server;
  let tape: ReturnType<typeof attachTape>;
  let open: WebSocket[] = [];
  beforeEach(async () => {
    server = createServer();
    tape = attachTape(server);
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  });
  afterEach(async () => {
    for (const socket of open) socket.terminate();
    open = [];
    tape.close();
    await new Promise((resolve) => server.close(resolve));
  });

  const port = () => (server.address() as AddressInfo).port;
  const connect = (path = '/api/tape', origin?: string): Promise<WebSocket> =>
    new Promise((resolve, reject) => {
      const socket = new WebSocket(`ws://127.0.0.1:${port()}${path}`, origin ? { origin } : {});
      open.push(socket);
      socket.once('open', () => resolve(socket));
      socket.once('error', reject);
    });
  const next = (socket: WebSocket): Promise<unknown> =>
    new Promise((resolve) => {
      socket.once('message', (data: Buffer) => resolve(JSON.parse(data.toString('utf8'))));
    });

  /** A page that listens, with its code. */
  const listening = async (wish = '') => {
    const page = await connect();
    page.send(JSON.stringify({ listen: wish }));
    const { code } = (await next(page)) as { code: string };
    return { page, code };
  };
  /** A device that is paired with a page. */
  const paired = async (code: string) => {
    const device = await connect();
    device.send(JSON.stringify({ pair: code }));
    expect(await next(device)).toEqual({ paired: code });
    return device;
  };

  test('a reading reaches the page that the device is paired with, and no other', async () => {
    const [one, other] = [await listening(), await listening()];
    expect(one.code).toMatch(/^\d{4}$/);
    expect(other.code).not.toBe(one.code);
    const device = await paired(one.code);
    const heard = next(one.page);
    const elsewhere: unknown[] = [];
    other.page.on('message', (data: Buffer) => elsewhere.push(data.toString('utf8')));
    device.send(JSON.stringify({ mm: 952.5, battery: 3 }));
    expect(await heard).toEqual({ mm: 952.5 });
    // Paired anew, it types into the other one.
    device.send(JSON.stringify({ pair: other.code }));
    await next(device);
    const there = next(other.page);
    device.send(JSON.stringify({ mm: 700 }));
    expect(await there).toEqual({ mm: 700 });
    expect(elsewhere).toEqual(['{"mm":700}']);
  });

  test('before it is paired, and with a code that no page shows, a device is told what to do', async () => {
    const device = await connect();
    device.send('{"mm": 10}');
    expect(await next(device)).toEqual({ error: expect.stringContaining('Pair first') as unknown });
    device.send('{"pair": "none"}');
    expect(await next(device)).toEqual({
      error: expect.stringContaining('No page shows this code') as unknown,
    });
  });

  test('a page that lost its connection has its code again, and a page that is gone is paired with nothing', async () => {
    const { page, code } = await listening();
    const device = await paired(code);
    const gone = new Promise((resolve) => page.once('close', resolve));
    page.close();
    await gone;
    await new Promise((resolve) => setTimeout(resolve, 50));
    device.send('{"mm": 10}');
    expect(await next(device)).toHaveProperty('error');
    const again = await listening(code);
    expect(again.code).toBe(code);
    const heard = next(again.page);
    device.send('{"mm": 11}');
    expect(await heard).toEqual({ mm: 11 });
    expect((await listening(code)).code).not.toBe(code);
  });

  test.each(['{"mm": "952"}', '{"mm": 0}', '{"mm": 4000}', '[]', 'null', '{"mm": 1e999}', 'nonsense'])(
    '%s is no reading, and goes no further',
    async (text) => {
      const { page, code } = await listening();
      const device = await paired(code);
      device.send(text);
      expect(await next(device)).toEqual({ error: expect.stringContaining('1 to 3500') as unknown });
      const heard = next(page);
      device.send('{"mm": 10}');
      expect(await heard).toEqual({ mm: 10 });
    },
  );

  test('a page of another site, and another address, are refused', async () => {
    await expect(connect('/api/tape', 'http://elsewhere.test')).rejects.toThrow('403');
    await expect(connect('/api/other')).rejects.toThrow('404');
    await expect(connect('/api/tape', `http://127.0.0.1:${port()}`)).resolves.toBeDefined();
  });

  test('a message that is too long ends the connection, and the hub goes on', async () => {
    const device = await connect();
    const closed = new Promise((resolve) => device.once('close', resolve));
    device.send('x'.repeat(5000));
    await closed;
    const { page, code } = await listening();
    const again = await paired(code);
    const heard = next(page);
    again.send('{"mm": 25}');
    expect(await heard).toEqual({ mm: 25 });
  });
});
