const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What is in an order file; throws with what is wrong with it and what to do. */
export function parsedOrder(text: string): Readonly<Record<string, unknown>> {
  const wrong = (why: string) =>
    new Error(`This file is not an order: ${why}. Choose a file that was saved with “Whole order”.`);
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    throw wrong('it is no JSON');
  }
  if (!isObject(parsed)) throw wrong('there is no order in it');
  return parsed;
}
