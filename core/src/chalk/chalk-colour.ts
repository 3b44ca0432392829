/** The chalks of the trade that a shop has in its drawer. */
export const chalks = [
  { name: 'white', colour: '#f7f4ea' },
  { name: 'yellow', colour: '#f2c94c' },
  { name: 'blue', colour: '#1f2f6b' },
  { name: 'red', colour: '#8e1f22' },
] as const;

export type Chalk = (typeof chalks)[number];

/** Relative luminance of #rrggbb as WCAG 2 defines it. */
function luminance(colour: string): number {
  const channel = (from: number) => {
    const value = parseInt(colour.slice(from, from + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}

/** Contrast ratio of two #rrggbb colours as WCAG 2 defines it, from 1 to 21. */
export function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((p, q) => q - p);
  return ((light ?? 0) + 0.05) / ((dark ?? 0) + 0.05);
}

/** The chalk that shows best on a cloth: white where it will do, since it brushes out. */
export function chalkFor(cloth: string): Chalk {
  const [white] = chalks;
  if (contrast(white.colour, cloth) >= 4.5) return white;
  return [...chalks].sort((a, b) => contrast(b.colour, cloth) - contrast(a.colour, cloth))[0] ?? white;
}

/** The colours that a mark in hand may have: bright, and deep. */
const hands = ['#f2c94c', '#b3261e'];

/** The colour of the mark in hand: the one that shows best on the cloth, never the chalk's own. */
export function markInHand(cloth: string): string {
  const chalk = chalkFor(cloth).colour;
  const [best = '#b3261e'] = hands
    .filter((colour) => colour !== chalk)
    .sort((a, b) => contrast(b, cloth) - contrast(a, cloth));
  return best;
}
