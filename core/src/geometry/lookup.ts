/** A function given by its values at keys, linear between them. Keys rise; values are plain numbers. */
export interface Lookup {
  readonly keys: readonly number[];
  readonly values: readonly number[];
  /** Slope below the first key and above the last: 0 keeps the end's value. */
  readonly slope: number;
}

/** A lookup through pairs of key and value in any order; of several pairs with one key the last counts. */
export function lookup(pairs: readonly (readonly [number, number])[], slope = 0): Lookup {
  if (pairs.length === 0) throw new Error('a lookup needs at least one pair');
  const sorted = [...pairs].sort(([a], [b]) => a - b);
  const rising = sorted.filter(([key], index) => key !== sorted[index + 1]?.[0]);
  return { keys: rising.map(([key]) => key), values: rising.map(([, value]) => value), slope };
}

/** Number of keys that are at most `key`, by bisection. */
function keysUpTo(keys: readonly number[], key: number): number {
  let low = 0;
  let high = keys.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((keys[middle] ?? Infinity) <= key) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The value of a lookup at a key. */
export function valueAt({ keys, values, slope }: Lookup, key: number): number {
  const upTo = keysUpTo(keys, key);
  // Read one by one: a pair for each would be made and thrown away some ten thousand times for one drawing.
  const k0 = keys[upTo - 1];
  const v0 = values[upTo - 1];
  const k1 = keys[upTo];
  const v1 = values[upTo];
  if (k0 === undefined || v0 === undefined) return (v1 ?? 0) + slope * (key - (k1 ?? key));
  if (k1 === undefined || v1 === undefined) return v0 + slope * (key - k0);
  return v0 + ((v1 - v0) * (key - k0)) / (k1 - k0);
}
