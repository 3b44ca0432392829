import type { ErrorObject, ValidateFunction } from 'ajv';
import { read, refuse, type Read } from '../input/input-fault.ts';

/** `/garments/0/style` as garments.0.style; a missing property is named as if it were there. */
function fieldOf(error: ErrorObject): string {
  const path = error.instancePath.slice(1).replaceAll('/', '.');
  const missing =
    error.keyword === 'required' ? String((error.params as { missingProperty: string }).missingProperty) : '';
  return [path, missing].filter(Boolean).join('.');
}

function shapeWords(error: ErrorObject, field: string): string {
  if (error.keyword === 'required') return `${field} is missing.`;
  if (error.keyword === 'enum')
    return `${field} must be one of ${(error.params as { allowedValues: string[] }).allowedValues.join(', ')}.`;
  return `${field || 'the file'} ${error.message ?? 'has the wrong shape'}.`;
}

/** Holds a parsed file to its format, version and schema; the first fault names its field. */
export function checkFile<T>(file: unknown, format: string, validate: ValidateFunction<T>): Read<T> {
  if (typeof file !== 'object' || file === null || Array.isArray(file))
    return refuse('wrong-shape', '', `A file of ${format} is a JSON object; see the README.`);
  const head = file as { format?: unknown; version?: unknown };
  if (head.format !== format) return refuse('wrong-format', 'format', `format must be "${format}".`);
  if (head.version !== 1)
    return refuse(
      'wrong-version',
      'version',
      `version ${JSON.stringify(head.version) ?? 'is missing'}: this program reads version 1.`,
    );
  const candidate: unknown = file;
  if (validate(candidate)) return read(candidate);
  const [error] = validate.errors ?? [];
  if (!error) throw new Error('the schema refused the file without saying why');
  const field = fieldOf(error);
  return refuse('wrong-shape', field, shapeWords(error, field));
}

/** A file's text as JSON. */
export function parseFile(text: string): Read<unknown> {
  try {
    return read(JSON.parse(text) as unknown);
  } catch (error) {
    return refuse(
      'malformed-json',
      '',
      `The file is not JSON: ${error instanceof Error ? error.message : 'unreadable'}.`,
    );
  }
}
