const parts: readonly (readonly [part: number, words: string])[] = [
  [1 / 2, 'half of'],
  [1 / 3, 'a third of'],
  [1 / 4, 'a quarter of'],
  [1 / 6, 'a sixth of'],
  [1 / 8, 'an eighth of'],
  [1, 'as much as'],
];

/** A factor as it is said before what it is a part of: `a quarter of`, `twice`, `0.55 of`. */
export function partWords(factor: number): string {
  const known = parts.find(([part]) => Math.abs(part - factor) < 1e-9);
  if (known) return known[1];
  if (Math.abs(factor - 2) < 1e-9) return 'twice';
  const written = String(Number(factor.toPrecision(4)));
  return factor > 1 ? `${written} times` : `${written} of`;
}
