import { capital } from '@ample-bolt/core/text/capital';
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

/** One title for each code, whatever its status. */
const titleOf = (code: string): string => capital(code.replaceAll('-', ' '));

/** The body of a problem+json answer. */
export const problemBody = ({ status, code, field, message, extra }: Problem) => ({
  type: `urn:ample-bolt:${code}`,
  title: titleOf(code),
  status,
  detail: message,
  code,
  ...(field === undefined ? {} : { field }),
  ...extra,
});
