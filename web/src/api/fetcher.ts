/** What the server answered instead: RFC 9457, or no answer at all. */
export class ApiProblem extends Error {
  readonly status: number;
  readonly code: string;
  readonly field: string | undefined;
  readonly body: Readonly<Record<string, unknown>>;

  constructor(
    status: number,
    code: string,
    detail: string,
    field: string | undefined,
    body: Readonly<Record<string, unknown>> = {},
  ) {
    super(detail);
    this.status = status;
    this.code = code;
    this.field = field;
    this.body = body;
  }
}

/** Answers of what stands between here and the shop computer, or of one that is just starting. */
const OUT_OF_REACH: readonly number[] = [0, 502, 503, 504];

export const isOutOfReach = (error: unknown): boolean =>
  error instanceof ApiProblem && OUT_OF_REACH.includes(error.status);

async function request<T>(url: string, init?: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(url, init);
  } catch {
    throw new ApiProblem(
      0,
      'offline',
      'The shop computer does not answer. What you entered is kept here; try again.',
      undefined,
    );
  }
  const body = (await response.json().catch(() => ({}))) as Record<string, unknown>;
  if (response.ok) return body as T;
  const { code, detail, field } = body as { code?: string; detail?: string; field?: string };
  throw new ApiProblem(
    response.status,
    code ?? 'failed',
    detail ?? `The shop computer answered ${response.status}.`,
    field,
    body,
  );
}

export const fetcher = <T>(url: string): Promise<T> => request<T>(url);

export const send = <T>(
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  url: string,
  body: unknown = {},
): Promise<T> =>
  request<T>(url, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });

/** Sends a file as it is. */
export const sendFile = <T>(url: string, file: Blob): Promise<T> =>
  request<T>(url, { method: 'POST', headers: { 'content-type': file.type }, body: file });
