import type { IncomingMessage, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { isTapeReading } from '@ample-bolt/core/measures/tape-reading';
import { WebSocketServer, type WebSocket } from 'ws';

export const TAPE_PATH = '/api/tape';

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

/**
 * Passes readings of a digital tape on: whoever connects may send `{ "mm": 952.5 }`, and all others who are connected
 * get it. Anything else is answered with what a reading looks like, and goes no further.
 */
export function attachTape(server: Server): { readonly close: () => void } {
  const hub = new WebSocketServer({ noServer: true, maxPayload: MESSAGE_MOST });
  const pass = (from: WebSocket, text: string) => {
    const reading = parsed(text);
    if (!isTapeReading(reading)) {
      from.send(JSON.stringify({ error: 'A reading is { "mm": a number from 1 to 3500 }.' }));
      return;
    }
    for (const other of hub.clients)
      if (other !== from && other.readyState === other.OPEN) other.send(JSON.stringify({ mm: reading.mm }));
  };
  hub.on('connection', (socket) => {
    // A device that goes out of reach closes its own connection; nothing else hangs on it.
    socket.on('error', () => socket.terminate());
    socket.on('message', (data: Buffer) => pass(socket, data.toString('utf8')));
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
