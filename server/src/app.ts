import compression from 'compression';
import express, { type Express, type Router } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Sequelize } from 'sequelize';
import { clientRoutes } from './features/clients/client-routes.ts';
import { guestRoutes } from './features/home/guest-routes.ts';
import { homeRoutes } from './features/home/home-routes.ts';
import { healthRoutes } from './features/health/health-routes.ts';
import { houseRoutes } from './features/house/house-routes.ts';
import { layRunRoutes } from './features/lay-runs/lay-run-routes.ts';
import { outboxRoutes } from './features/outbox/outbox-routes.ts';
import { styleRoutes } from './features/styles/style-routes.ts';
import { ticketRoutes } from './features/tickets/ticket-routes.ts';
import { storesIn } from './db/stores.ts';
import { errorHandler } from './http/error-handler.ts';
import { Problem } from './http/problem.ts';
import { security, withNonce } from './http/security.ts';
import { webApp } from './http/web-app.ts';
import type { Bell } from './jobs/bell.ts';
import type { LayQueue } from './jobs/lay-queue.ts';
import type { Outbox } from './outbox/outbox.ts';

export interface AppDependencies {
  readonly sequelize: Sequelize;
  readonly log: Logger;
  readonly outbox: Outbox;
  /** Where long searches go to be worked on, and how their progress is heard. */
  readonly queue: LayQueue;
  readonly bell: Bell;
  readonly webDir?: string | undefined;
  /** Where clients reach the page of a private link; without it, where the shop's own request came to. */
  readonly publicUrl?: string | undefined;
}

/** A table of a thousand clients is the largest that the shop sends; a lay of four hundred outlines is a tenth of it. */
const BODY_LIMIT = '1mb';

/** The token of a private link is as good as the page: it stays out of the log. */
const withoutToken = (url: string | undefined): string => url?.replace(/\/home\/[^/?]+/, '/home/…') ?? '';

/** An application that answers the routes it is given, and serves the page; problems leave as problem+json. */
function appWith({ log, webDir }: AppDependencies, routes: (api: Router) => void): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger: log,
      quietReqLogger: true,
      autoLogging: { ignore: (request) => request.url?.startsWith('/assets/') ?? false },
      serializers: {
        req: ({ method, url }: { method?: string; url?: string }) => ({ method, url: withoutToken(url) }),
      },
    }),
  );
  // A stream of events is sent as it comes.
  app.use(
    compression({
      filter: (request, response) =>
        response.getHeader('content-type') !== 'text/event-stream' && compression.filter(request, response),
    }),
  );
  app.use(withNonce, security());
  const api = express.Router();
  api.use(express.json({ limit: BODY_LIMIT, strict: false }));
  routes(api);
  api.use(() => {
    throw new Problem(404, 'not-found', 'There is nothing at this address.');
  });
  app.use('/api', api);
  if (webDir !== undefined) app.use(webApp(webDir));
  app.use(errorHandler);
  return app;
}

/** The shop's application without its socket, so that tests can call it. */
export function createApp(dependencies: AppDependencies): Express {
  const stores = storesIn(dependencies.sequelize);
  return appWith(dependencies, (api) => {
    api.use(
      '/health',
      healthRoutes(() => dependencies.sequelize.query('SELECT 1')),
    );
    api.use('/clients', clientRoutes(stores));
    api.use('/home', guestRoutes(stores));
    api.use('/house', houseRoutes(stores));
    api.use('/outbox', outboxRoutes(dependencies.outbox));
    api.use('/styles', styleRoutes(stores));
    api.use('/tickets', layRunRoutes({ ...dependencies, stores }));
    api.use(
      '/tickets',
      homeRoutes({ stores, outbox: dependencies.outbox, publicUrl: dependencies.publicUrl }),
    );
    api.use('/tickets', ticketRoutes(stores));
  });
}

/** What may be reached from outside the shop: private links, and nothing else of it. */
export const createGuestApp = (dependencies: AppDependencies): Express =>
  appWith(dependencies, (api) => {
    api.use('/home', guestRoutes(storesIn(dependencies.sequelize)));
  });
