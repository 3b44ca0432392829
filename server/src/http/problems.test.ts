import { describe, expect, test } from '@jest/globals';
import { badInput, notFound, Problem, problemBody } from './problem.ts';
import { validator } from './validator.ts';

describe('problems', () => {
  test('have the members of RFC 9457, with a code and the field', () => {
    expect(
      problemBody(
        badInput({ code: 'not-a-length', field: 'measures.bust', message: 'Bust "x" is not a length.' }),
      ),
    ).toEqual({
      type: 'urn:ample-bolt:not-a-length',
      title: 'Not a length',
      status: 422,
      detail: 'Bust "x" is not a length.',
      code: 'not-a-length',
      field: 'measures.bust',
    });
    expect(problemBody(notFound('ticket'))).toEqual({
      type: 'urn:ample-bolt:not-found',
      title: 'Not found',
      status: 404,
      detail: 'There is no such ticket.',
      code: 'not-found',
    });
    expect(problemBody(new Problem(409, 'stale', 'x', { extra: { current: 3 } }))).toMatchObject({
      current: 3,
    });
  });
});

describe('validator', () => {
  const read = validator<{ name: string }>({
    schema: {
      type: 'object',
      required: ['name'],
      additionalProperties: false,
      properties: {
        name: { type: 'string', minLength: 1, maxLength: 3, pattern: '\\S' },
        kind: { enum: ['adult', 'child'] },
        due: { type: 'string', format: 'date' },
        list: { type: 'array', items: { type: 'object', required: ['width'] } },
      },
    },
  });
  const problemOf = (body: unknown) => {
    try {
      read(body);
    } catch (error) {
      if (error instanceof Problem) return `${error.field}: ${error.message}`;
    }
    return undefined;
  };

  test.each([
    [{}, 'name: name is missing.'],
    [{ name: '' }, 'name: name is empty or not in the right form.'],
    [{ name: 'a', x: 1 }, 'x: x is not known here.'],
    [{ name: 'a', kind: 'cat' }, 'kind: kind must be one of adult, child.'],
    [{ name: 'a', due: '2026-02-30' }, 'due: due must be a date, such as 2026-12-11 for a date.'],
    [{ name: 'a', list: [{}] }, 'list.0.width: list.0.width is missing.'],
    [{ name: 'abcd' }, 'name: Name is too long; 3 characters at most.'],
    [3, ': the body must be object.'],
    [undefined, ': the body must be object.'],
  ])('%j is refused: %s', (body, words) => {
    expect(problemOf(body)).toBe(words);
  });

  test('what fits comes back as it is', () => {
    const body = { name: 'abc' };
    expect(read(body)).toBe(body);
  });
});
