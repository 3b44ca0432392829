import { useEffect, useState } from 'react';

/** A value once it has stayed the same for a while, ms: under a hand that drags, the one before. */
export function useSettled<Value>(value: Value, after: number): Value {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const wait = setTimeout(() => setSettled(value), after);
    return () => clearTimeout(wait);
  }, [value, after]);
  return settled;
}
