import type { Shape } from '@ample-bolt/core/formats/of-schema';
import { capital } from '@ample-bolt/core/text/capital';
import { Ajv2020, type ErrorObject } from 'ajv/dist/2020.js';
import { fullFormats } from 'ajv-formats/dist/formats.js';
import { Problem } from './problem.ts';

const ajv = new Ajv2020({ allowUnionTypes: true });
ajv.addFormat('date', fullFormats.date);
ajv.addFormat('uuid', fullFormats.uuid);

function fieldOf({ instancePath, keyword, params }: ErrorObject): string {
  const path = instancePath.slice(1).replaceAll('/', '.');
  const named = params as { missingProperty?: string; additionalProperty?: string };
  const last =
    keyword === 'required'
      ? named.missingProperty
      : keyword === 'additionalProperties'
        ? named.additionalProperty
        : undefined;
  return [path, last].filter(Boolean).join('.');
}

/** The last step of a field's path, as a person would say it. */
const lastOf = (field: string): string => {
  const last = field.split('.').at(-1) ?? '';
  return last === 'title' ? 'name' : last;
};

function wordsFor({ keyword, params, message }: ErrorObject, field: string): string {
  switch (keyword) {
    case 'required':
      return `${field} is missing.`;
    case 'additionalProperties':
      return `${field} is not known here.`;
    case 'enum':
      return `${field} must be one of ${(params as { allowedValues: string[] }).allowedValues.join(', ')}.`;
    case 'minLength':
    case 'pattern':
      return `${field} is empty or not in the right form.`;
    case 'format':
      return `${field} must be a ${(params as { format: string }).format}, such as 2026-12-11 for a date.`;
    case 'maxLength':
      return `${capital(lastOf(field))} is too long; ${(params as { limit: number }).limit} characters at most.`;
    default:
      return `${field || 'the body'} ${message ?? 'has the wrong shape'}.`;
  }
}

/** A function that gives a body back typed, or throws a 422 that names the field and the remedy. */
export function validator<Body>({ schema }: Shape<Body>): (body: unknown) => Body {
  const validate = ajv.compile<Body>(schema);
  return (body) => {
    if (validate(body)) return body;
    const [error] = validate.errors ?? [];
    if (!error) throw new Error('the schema refused a body without saying why');
    const field = fieldOf(error);
    throw new Problem(422, 'wrong-shape', wordsFor(error, field), { field });
  };
}
