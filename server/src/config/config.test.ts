import { describe, expect, test } from '@jest/globals';
import { readConfig } from './config.ts';

const DATABASE_URL = 'postgres://bolt@127.0.0.1/bolt';

describe('settings from the environment', () => {
  test('are usual where nothing is said: loopback, no address for clients, no port of theirs', () => {
    expect(readConfig({ DATABASE_URL })).toMatchObject({
      host: '127.0.0.1',
      port: 5173,
      loadDemo: true,
      publicUrl: undefined,
      guestPort: undefined,
    });
  });

  test('are taken as they are given', () => {
    expect(
      readConfig({
        DATABASE_URL,
        PORT: '0',
        GUEST_PORT: '8080',
        PUBLIC_URL: 'https://shop.example/',
        OUTBOX_DIR: '/somewhere',
        DEMO: '0',
      }),
    ).toMatchObject({
      port: 0,
      guestPort: 8080,
      publicUrl: 'https://shop.example',
      outboxDir: '/somewhere',
      loadDemo: false,
    });
  });

  test.each([
    [{}, 'DATABASE_URL'],
    [{ DATABASE_URL: 'mysql://x' }, 'DATABASE_URL'],
    [{ DATABASE_URL, PORT: 'high' }, 'PORT'],
    [{ DATABASE_URL, PORT: '70000' }, 'PORT'],
    [{ DATABASE_URL, GUEST_PORT: ' ' }, 'GUEST_PORT'],
    [{ DATABASE_URL, PUBLIC_URL: 'shop.example' }, 'PUBLIC_URL'],
    [{ DATABASE_URL, PUBLIC_URL: 'https://shop.example/path' }, 'PUBLIC_URL'],
    [{ DATABASE_URL, LOG_LEVEL: 'loud' }, 'LOG_LEVEL'],
  ])('%j is refused by its name', (environment, name) => {
    expect(() => readConfig(environment)).toThrow(name);
  });
});
