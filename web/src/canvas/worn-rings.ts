import type { WornPart } from '@ample-bolt/core/drafting/draft';
import { mirrorRing, openHalf, type Ring } from '@ample-bolt/core/geometry/ring';

/** The outlines of one half of a finished garment: opened on their fold, or both of a pair. */
export const wornRings = (worn: readonly WornPart[], half: WornPart['half']): Ring[] =>
  worn
    .filter((part) => part.half === half)
    .flatMap(({ ring, onFold, whole }) => {
      if (whole) return [ring];
      return onFold ? [openHalf(ring)] : [ring, mirrorRing(ring)];
    });
