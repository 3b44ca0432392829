import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { readConfig } from './config/config.ts';
import { migrate } from './db/migrate.ts';
import { testApp, type TestApp } from './testing/test-app.ts';

describe('the application', () => {
  let app: TestApp;
  beforeAll(async () => {
    app = await testApp('app');
  });
  afterAll(() => app.close());

  test('says that it is healthy, with a strict policy on every answer', async () => {
    const response = await app.agent.get('/api/health');
    expect([response.status, response.body]).toEqual([200, { ok: true }]);
    const { headers } = response as { headers: Record<string, string | undefined> };
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toMatch(/style-src 'self' 'nonce-[^']+'/);
    expect(policy).not.toMatch(/unsafe-inline|unsafe-eval/);
    expect(headers['x-powered-by']).toBeUndefined();
  });

  test.each([
    ['broken JSON', '{"a":', 'application/json', 400],
    ['JSON that is no object', '3', 'application/json', 422],
    ['no JSON at all', 'hello', 'text/plain', 422],
    ['a body that is too large', JSON.stringify({ title: 'x'.repeat(1_200_000) }), 'application/json', 413],
  ])('%s is answered as a problem, never with 500', async (_, body, type, status) => {
    const response = await app.agent.post('/api/tickets').set('content-type', type).send(body);
    expect([response.status, response.type]).toEqual([status, 'application/problem+json']);
  });

  test('an unknown address is a problem too', async () => {
    const response = await app.agent.get('/api/nothing');
    expect([response.status, (response.body as { code: string }).code]).toEqual([404, 'not-found']);
  });

  test('migrations run once', async () => {
    expect(await migrate(app.sequelize)).toEqual([]);
  });
});

describe('readConfig', () => {
  const url = 'postgres://x@127.0.0.1/x';

  test('listens on loopback unless told otherwise', () => {
    expect(readConfig({ DATABASE_URL: url })).toMatchObject({
      host: '127.0.0.1',
      port: 5173,
      loadDemo: true,
    });
  });

  test.each([
    [{}, 'DATABASE_URL'],
    [{ DATABASE_URL: 'mysql://x' }, 'DATABASE_URL'],
    [{ DATABASE_URL: url, PORT: 'http' }, 'PORT'],
    [{ DATABASE_URL: url, LOG_LEVEL: 'loud' }, 'LOG_LEVEL'],
  ])('refuses %j by name', (environment, name) => {
    expect(() => readConfig(environment)).toThrow(name);
  });
});
