import { readFileSync } from 'node:fs';
import path from 'node:path';
import express, { Router } from 'express';
import { nonceOf } from './security.ts';

/** Serves the built web application: hashed assets for good, and one page for every address, with its nonce. */
export function webApp(webDir: string): Router {
  const page = readFileSync(path.join(webDir, 'index.html'), 'utf8');
  const router = Router();
  router.use(
    '/assets',
    express.static(path.join(webDir, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
  );
  router.use(express.static(webDir, { index: false }));
  router.get('/{*path}', (_request, response) => {
    response
      .type('html')
      .set('Cache-Control', 'no-store')
      .send(page.replaceAll('__CSP_NONCE__', nonceOf(response)));
  });
  return router;
}
