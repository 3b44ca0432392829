import { randomBytes } from 'node:crypto';
import type { RequestHandler, Response } from 'express';
import helmet from 'helmet';

/** A fresh nonce for each answer, for the few style elements that components inject. */
export const withNonce: RequestHandler = (_request, response, next) => {
  response.locals['nonce'] = randomBytes(16).toString('base64');
  next();
};

export const nonceOf = (response: { locals: Record<string, unknown> }): string =>
  String(response.locals['nonce']);

/** Everything from this origin alone; no inline script, no eval. Plain http on loopback, so no HSTS. */
export const security = (): RequestHandler =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", (_request, response) => `'nonce-${nonceOf(response as Response)}'`],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'"],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false,
  }) as RequestHandler;
