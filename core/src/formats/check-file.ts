import type { ErrorObject, ValidateFunction } from 'ajv';
import { nearestOf } from '../text/nearest.ts';
import { read, refuse, type Read } from '../input/input-fault.ts';

/** The property that a shape lacks, or has too many, where the fault is of that kind. */
function propertyOf({ keyword, params }: ErrorObject): string {
  switch (keyword) {
    case 'required':
      return (params as { missingProperty: string }).missingProperty;
    case 'additionalProperties':
      return (params as { additionalProperty: string }).additionalProperty;
    default:
      return '';
  }
}

/** `/garments/0/style` as garments.0.style; a missing or unknown property is named with its place. */
const fieldOf = (error: ErrorObject): string =>
  [error.instancePath.slice(1).replaceAll('/', '.'), propertyOf(error)].filter(Boolean).join('.');

/** A property that is not known, with the nearest one that is. */
function unknownWords(error: ErrorObject): string {
  const unknown = propertyOf(error);
  const place = error.instancePath.slice(1).replaceAll('/', '.');
  const known = Object.keys((error.parentSchema as { properties?: object } | undefined)?.properties ?? {});
  const near = nearestOf(unknown, known);
  const meant = near === undefined ? `there are ${known.join(', ')}.` : `did you mean ${near}?`;
  return `${unknown} is not known${place === '' ? '' : ` in ${place}`}; ${meant}`;
}

function shapeWords(error: ErrorObject, field: string): string {
  if (error.keyword === 'required') return `${field} is missing.`;
  if (error.keyword === 'additionalProperties') return unknownWords(error);
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
    // Some editors begin a file with a byte-order mark.
    return read(JSON.parse(text.replace(/^\uFEFF/, '')) as unknown);
  } catch (error) {
    return refuse(
      'malformed-json',
      '',
      `The file is not JSON: ${error instanceof Error ? error.message : 'unreadable'}.`,
    );
  }
}
