import { createHash, randomBytes } from 'node:crypto';

/** 256 random bits: nobody guesses one, and none is like another. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of a token. It is random already, so that a plain hash cannot be undone by trying. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
