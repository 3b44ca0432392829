import { chalkFor } from '../chalk/chalk-colour.ts';
import type { ClothRole } from '../pieces/piece.ts';
import type { Pen, Tone } from './shape.ts';

/** Colours of a sketch as #rrggbb. */
export interface Ink {
  readonly ground: string;
  readonly contour: string;
  readonly person: string;
  readonly cloth: (role: ClothRole, tone: Tone) => string;
  readonly line: string;
}

const channels = (colour: string): number[] =>
  [1, 3, 5].map((from) => parseInt(colour.slice(from, from + 2), 16));

/** A colour part of the way to another. */
const blend = (from: string, to: string, part: number): string =>
  `#${channels(from)
    .map((value, index) => {
      const other = channels(to)[index] ?? value;
      return Math.round(value + (other - value) * part)
        .toString(16)
        .padStart(2, '0');
    })
    .join('')}`;

/** Colours of cloths by role; the outer stands for one that is not known. */
export type ClothColours = { readonly [role in ClothRole]?: string };

/** The colours of cloths by role. */
export const clothColoursOf = ({
  cloths,
}: {
  readonly cloths: readonly { readonly role: ClothRole; readonly colour?: string }[];
}): ClothColours => Object.fromEntries(cloths.map(({ role, colour }) => [role, colour]));

/** Cloth that no ticket has yet: that of the pictures in the book. */
const UNDYED = '#e9d9b8';
const WALNUT = '#2b2320';
const LINEN = '#c8c2b5';
const CHALK_LINE = '#f7f4ea';

/** Lines on dark cloth are chalk; on light cloth they are drawn. */
const lineOn = (cloth: string): string => (chalkFor(cloth).name === 'white' ? CHALK_LINE : WALNUT);

/** On a page of its own colour, or on the cloth itself, from which the garment then stands out a little. */
export function inkOn(colours: ClothColours, ground?: string): Ink {
  const outer = colours.outer ?? UNDYED;
  const line = lineOn(outer);
  const onCloth = ground === undefined;
  const page = ground ?? outer;
  const contour = lineOn(page);
  const base = (role: ClothRole) => {
    const own = colours[role] ?? outer;
    return onCloth && own === outer ? blend(outer, line, 0.14) : own;
  };
  const dark = line === CHALK_LINE;
  return {
    ground: page,
    contour,
    person: onCloth ? blend(outer, line, 0.42) : LINEN,
    line,
    cloth: (role, tone) => {
      switch (tone) {
        case 'right':
          return base(role);
        case 'inside':
          return blend(base(role), dark ? '#000000' : WALNUT, dark ? 0.34 : 0.2);
        case 'sheer':
          return onCloth ? blend(base(role), line, 0.2) : blend(base(role), page, 0.5);
      }
    },
  };
}

/** Widths of the pens of a sketch, mm, and of the contour behind a fill, of which half is seen. */
export const penWidth: { readonly [pen in Pen]: number } = {
  edge: 4,
  side: 3,
  seam: 2.2,
  fine: 1.4,
  stitch: 1.7,
  person: 2.2,
};
export const CONTOUR = 8;
/** Length of a stitch and the gap after it, mm. */
export const STITCHES = [7, 6] as const;
