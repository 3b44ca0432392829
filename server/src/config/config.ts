import os from 'node:os';
import path from 'node:path';

/** The server's settings, read once from the environment and checked. */
export interface Config {
  readonly databaseUrl: string;
  readonly host: string;
  readonly port: number;
  /** Folder of the built web application; without it only the API is served. */
  readonly webDir: string | undefined;
  readonly logLevel: string;
  readonly loadDemo: boolean;
  /** Folder of the messages that would be sent. */
  readonly outboxDir: string;
  /** Where clients reach the pages of private links; without it they lead to where the shop's own page is. */
  readonly publicUrl: string | undefined;
  /** A port of its own for private links alone, to be opened to the outside; without it there is none. */
  readonly guestPort: number | undefined;
}

const LEVELS = ['fatal', 'error', 'warn', 'info', 'debug', 'trace', 'silent'];

function portFrom(environment: NodeJS.ProcessEnv, name: string): number | undefined {
  const text = environment[name];
  if (text === undefined) return undefined;
  const port = Number(text);
  if (text.trim() === '' || !Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`${name} must be a whole number from 0 to 65535`);
  return port;
}

/** Throws with the variable's name and what it should be. */
export function readConfig(environment: NodeJS.ProcessEnv): Config {
  const databaseUrl = environment['DATABASE_URL'];
  if (!databaseUrl || !/^postgres(ql)?:\/\//.test(databaseUrl))
    throw new Error('DATABASE_URL must be a postgres:// address');
  const port = portFrom(environment, 'PORT') ?? 5173;
  const publicUrl = environment['PUBLIC_URL']?.replace(/\/+$/, '');
  if (publicUrl !== undefined && !/^https?:\/\/[^/\s]+$/.test(publicUrl))
    throw new Error('PUBLIC_URL must be an address such as https://shop.example, without a path');
  const logLevel = environment['LOG_LEVEL'] ?? 'info';
  if (!LEVELS.includes(logLevel)) throw new Error(`LOG_LEVEL must be one of ${LEVELS.join(', ')}`);
  return {
    databaseUrl,
    host: environment['HOST'] ?? '127.0.0.1',
    port,
    webDir: environment['WEB_DIR'],
    logLevel,
    loadDemo: environment['DEMO'] !== '0',
    outboxDir: environment['OUTBOX_DIR'] ?? path.join(os.tmpdir(), 'ample-bolt-outbox'),
    publicUrl,
    guestPort: portFrom(environment, 'GUEST_PORT'),
  };
}
