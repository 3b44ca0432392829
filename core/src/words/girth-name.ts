import type { Girth } from '../pieces/girth.ts';
import { levelKind } from '../pieces/level.ts';

/** A finished girth in words: `bust`, or `bust in front` where it goes over one face alone. */
export function girthName({
  level,
  face,
}: {
  readonly level: Girth['level'];
  readonly face?: Girth['face'] | undefined;
}): string {
  const { girth } = levelKind(level);
  switch (face) {
    case undefined:
      return girth;
    case 'front':
      return `${girth} in front`;
    case 'back':
      return `${girth} behind`;
  }
}
