/** The server's settings, read once from the environment and checked. */
export interface Config {
  readonly databaseUrl: string;
  readonly host: string;
  readonly port: number;
  /** Folder of the built web application; without it only the API is served. */
  readonly webDir: string | undefined;
  readonly logLevel: string;
  readonly loadDemo: boolean;
}

const LEVELS = ['fatal', 'error', 'warn', 'info', 'debug', 'trace', 'silent'];

/** Throws with the variable's name and what it should be. */
export function readConfig(environment: NodeJS.ProcessEnv): Config {
  const databaseUrl = environment['DATABASE_URL'];
  if (!databaseUrl || !/^postgres(ql)?:\/\//.test(databaseUrl))
    throw new Error('DATABASE_URL must be a postgres:// address');
  const port = Number(environment['PORT'] ?? 5173);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error('PORT must be a whole number from 0 to 65535');
  const logLevel = environment['LOG_LEVEL'] ?? 'info';
  if (!LEVELS.includes(logLevel)) throw new Error(`LOG_LEVEL must be one of ${LEVELS.join(', ')}`);
  return {
    databaseUrl,
    host: environment['HOST'] ?? '127.0.0.1',
    port,
    webDir: environment['WEB_DIR'],
    logLevel,
    loadDemo: environment['DEMO'] !== '0',
  };
}
