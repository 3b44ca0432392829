import type { Request } from 'express';
import { notFound } from './problem.ts';

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** The id from an address; anything that is no id is a thing that does not exist, named by `what`. */
export function idOf(request: Request, what: string): string {
  const { id } = request.params;
  if (typeof id !== 'string' || !UUID.test(id)) throw notFound(what);
  return id;
}
