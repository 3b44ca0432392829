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

  test('a reading reaches every page that listens, and not the device itself', async () => {
    const [device, one, other] = await Promise.all([connect(), connect(), connect()]);
    const heard = Promise.all([next(one), next(other)]);
    device.send(JSON.stringify({ mm: 952.5, battery: 3 }));
    expect(await heard).toEqual([{ mm: 952.5 }, { mm: 952.5 }]);
    // What the device hears next is the answer to a bad message, not its own reading.
    device.send('nonsense');
    expect(await next(device)).toEqual({ error: expect.stringContaining('1 to 3500') as unknown });
  });

  test.each(['{"mm": "952"}', '{"mm": 0}', '{"mm": 4000}', '[]', 'null', '{"mm": 1e999}'])(
    '%s is no reading, and goes no further',
    async (text) => {
      const [device, page] = await Promise.all([connect(), connect()]);
      device.send(text);
      expect(await next(device)).toHaveProperty('error');
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
    const [again, page] = await Promise.all([connect(), connect()]);
    const heard = next(page);
    again.send('{"mm": 25}');
    expect(await heard).toEqual({ mm: 25 });
  });
});
