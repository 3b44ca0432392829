import { useKept } from './use-kept.ts';

/** Whose hand works at this device, as it was told; empty where nobody said. */
export function useHand(): readonly [string, (name: string) => void] {
  const [hand = '', keep] = useKept<string>('own-hand');
  return [hand, (name) => keep(() => (name === '' ? undefined : name))];
}
