import { randomInt } from 'node:crypto';
import type { IncomingMessage, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { isTapeReading } from '@ample-bolt/core/measures/tape-reading';
import { WebSocketServer, type WebSocket } from 'ws';

const TAPE_PATH = '/api/tape';

/** A reading is a few dozen bytes. */
const MESSAGE_MOST = 256;

/** A page of another site may not listen to the shop's tape; a device sends no origin. */
function fromHere({ headers }: IncomingMessage): boolean {
  if (headers.origin === undefined) return true;
  try {
    return new URL(headers.origin).host === headers.host;
  } catch {
    return false;
  }
}

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
};

/** The text of one member of a message. */
const textIn = (message: unknown, name: 'listen' | 'pair'): string | undefined => {
  const value = typeof message === 'object' && message !== null ? Object.entries(message) : [];
  const found: unknown = value.find(([key]) => key === name)?.[1];
  return typeof found === 'string' ? found : undefined;
};

const CODE = /^\d{4}$/;

/** Pages that listen, each by the code that it shows, and devices with the code that each was paired by. */
interface Pairs {
  readonly pages: Map<string, WebSocket>;
  readonly devices: Map<WebSocket, string>;
}

function freeCode({ pages }: Pairs, wish: string): string {
  if (CODE.test(wish) && !pages.has(wish)) return wish;
  for (;;) {
    const code = String(randomInt(10_000)).padStart(4, '0');
    if (!pages.has(code)) return code;
  }
}

function answer(pairs: Pairs, from: WebSocket, text: string): object | undefined {
  const message = parsed(text);
  const wish = textIn(message, 'listen');
  if (wish !== undefined) {
    const code = freeCode(pairs, wish);
    pairs.pages.set(code, from);
    return { code };
  }
  const pair = textIn(message, 'pair');
  if (pair !== undefined) {
    if (!pairs.pages.has(pair))
      return { error: 'No page shows this code. Turn the tape on there, and enter the code that it shows.' };
    pairs.devices.set(from, pair);
    return { paired: pair };
  }
  if (!isTapeReading(message)) return { error: 'A reading is { "mm": a number from 1 to 3500 }.' };
  const code = pairs.devices.get(from);
  const page = code === undefined ? undefined : pairs.pages.get(code);
  if (!page) return { error: 'Pair first: send { "pair": "the code that the page shows" }.' };
  page.send(JSON.stringify({ mm: message.mm }));
  return undefined;
}

/**
 * Passes readings of a digital tape on to the one page that it is paired with. A page sends `{ "listen": "" }` and is given a
 * short code (after a lost connection it may ask for the one that it had); a device sends `{ "pair": "4821" }` and then
 * `{ "mm": 952.5 }` for each reading. Anything else is answered with what is wrong, and goes no further.
 */
export function attachTape(server: Server): { readonly close: () => void } {
  const hub = new WebSocketServer({ noServer: true, maxPayload: MESSAGE_MOST });
  const pairs: Pairs = { pages: new Map(), devices: new Map() };
  hub.on('connection', (socket) => {
    // A device that goes out of reach closes its own connection; nothing else hangs on it.
    socket.on('error', () => socket.terminate());
    socket.on('message', (data: Buffer) => {
      const said = answer(pairs, socket, data.toString('utf8'));
      if (said) socket.send(JSON.stringify(said));
    });
    socket.on('close', () => {
      pairs.devices.delete(socket);
      for (const [code, page] of pairs.pages) if (page === socket) pairs.pages.delete(code);
    });
  });
  const upgrade = (request: IncomingMessage, socket: Duplex, head: Buffer) => {
    const here = request.url?.split('?')[0] === TAPE_PATH;
    if (!here || !fromHere(request)) {
      socket.end(`HTTP/1.1 ${here ? '403 Forbidden' : '404 Not Found'}\r\nConnection: close\r\n\r\n`);
      return;
    }
    hub.handleUpgrade(request, socket, head, (client) => hub.emit('connection', client, request));
  };
  server.on('upgrade', upgrade);
  return {
    close: () => {
      server.off('upgrade', upgrade);
      for (const client of hub.clients) client.terminate();
      hub.close();
    },
  };
}
