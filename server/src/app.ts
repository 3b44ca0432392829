import express, { type Express } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Sequelize } from 'sequelize';
import { clientRoutes } from './features/clients/client-routes.ts';
import { healthRoutes } from './features/health/health-routes.ts';
import { houseRoutes } from './features/house/house-routes.ts';
import { ticketRoutes } from './features/tickets/ticket-routes.ts';
import { errorHandler } from './http/error-handler.ts';
import { Problem } from './http/problem.ts';
import { security, withNonce } from './http/security.ts';
import { webApp } from './http/web-app.ts';

export interface AppDependencies {
  readonly sequelize: Sequelize;
  readonly log: Logger;
  readonly webDir?: string | undefined;
}

/** A lay of a hundred outlines is about 300 kB; nothing that the shop sends is larger. */
const BODY_LIMIT = '1mb';

/** The application without its socket, so that tests can call it. */
export function createApp({ sequelize, log, webDir }: AppDependencies): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger: log,
      quietReqLogger: true,
      autoLogging: { ignore: (request) => request.url?.startsWith('/assets/') ?? false },
    }),
  );
  app.use(withNonce, security());
  const api = express.Router();
  api.use(express.json({ limit: BODY_LIMIT, strict: false }));
  api.use('/health', healthRoutes(sequelize));
  api.use('/clients', clientRoutes());
  api.use('/house', houseRoutes());
  api.use('/tickets', ticketRoutes());
  api.use(() => {
    throw new Problem(404, 'not-found', 'There is nothing at this address.');
  });
  app.use('/api', api);
  if (webDir !== undefined) app.use(webApp(webDir));
  app.use(errorHandler);
  return app;
}
