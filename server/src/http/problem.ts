import type { InputFault } from '@ample-bolt/core/input/input-fault';

/** An expected failure on its way to an RFC 9457 answer. */
export class Problem extends Error {
  readonly status: number;
  readonly code: string;
  readonly field: string | undefined;
  /** Further members of the answer, such as the other version of a conflict. */
  readonly extra: Readonly<Record<string, unknown>>;

  constructor(
    status: number,
    code: string,
    detail: string,
    more: { field?: string; extra?: Readonly<Record<string, unknown>> } = {},
  ) {
    super(detail);
    this.status = status;
    this.code = code;
    this.field = more.field;
    this.extra = more.extra ?? {};
  }
}

export const badInput = ({ code, field, message }: InputFault): Problem =>
  new Problem(422, code, message, { field });

export const notFound = (what: string): Problem => new Problem(404, 'not-found', `There is no such ${what}.`);

/** The body of a problem+json answer. */
export const problemBody = ({ status, code, field, message, extra }: Problem) => ({
  type: `urn:ample-bolt:${code}`,
  title: TITLES[status] ?? 'Problem',
  status,
  detail: message,
  code,
  ...(field === undefined ? {} : { field }),
  ...extra,
});

const TITLES: Readonly<Record<number, string>> = {
  400: 'Bad request',
  404: 'Not found',
  409: 'Changed elsewhere',
  410: 'Run out',
  413: 'Too large',
  415: 'Not JSON',
  422: 'Input to correct',
  423: 'Under the chalk',
  429: 'Too many requests',
  500: 'Fault in the program',
};
