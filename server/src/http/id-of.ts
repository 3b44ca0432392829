import type { Request } from 'express';
import { notFound } from './problem.ts';

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** A part of an address as an id; anything that is no id is a thing that does not exist, named by `what`. */
export function idIn(part: unknown, what: string): string {
  if (typeof part !== 'string' || !UUID.test(part)) throw notFound(what);
  return part;
}

/** The id of the address. */
export const idOf = (request: Request, what: string): string => idIn(request.params['id'], what);
