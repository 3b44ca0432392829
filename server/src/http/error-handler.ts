import type { ErrorRequestHandler } from 'express';
import { Problem, problemBody } from './problem.ts';

/** What body parsers throw, by type. */
const PARSER_PROBLEMS: Readonly<Record<string, [number, string, string]>> = {
  'entity.parse.failed': [400, 'malformed-json', 'The body is not JSON. Send a JSON document.'],
  'entity.too.large': [413, 'too-large', 'The body is too large.'],
  'charset.unsupported': [415, 'not-json', 'Send JSON in UTF-8.'],
  'encoding.unsupported': [415, 'not-json', 'Send JSON without that encoding.'],
};

function toProblem(error: unknown): Problem | undefined {
  if (error instanceof Problem) return error;
  const { type, status } = error as { type?: string; status?: number };
  const parser = type === undefined ? undefined : PARSER_PROBLEMS[type];
  if (parser) return new Problem(...parser);
  if (error instanceof URIError || status === 400)
    return new Problem(400, 'bad-request', 'The address cannot be read.');
  return undefined;
}

/** Every failure leaves as problem+json; only faults of the program are logged as errors and called 500. */
export const errorHandler: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const problem = toProblem(error);
  if (!problem) request.log.error({ err: error }, 'unexpected failure');
  const answer =
    problem ?? new Problem(500, 'fault', 'Something went wrong on our side; nothing was changed.');
  response
    .status(answer.status)
    .type('application/problem+json')
    .send(JSON.stringify(problemBody(answer)));
};
