/** From where a body is looked at; from the side she faces left. */
export type View = 'front' | 'back' | 'side';

/** A line of a drawing as an SVG path: absolute commands, each followed by pairs of coordinates. */
export interface FigureLine {
  readonly path: string;
  /** Drawn lightly: what only tells front from back. */
  readonly light?: true;
  /** Drawn on a grown body only. */
  readonly adult?: true;
}

/** Width and height of the field that the figure stands in; the crown is at 16, the floor at 408, the middle at 110. */
export const FIGURE = { width: 220, height: 420, middle: 110 };

/** One side of the body from in front or behind: head and neck, shoulder, arm with hand, side, leg. */
const half: readonly string[] = [
  'M110 16C124 16 131 27 131 43C131 58 122 70 118 73L118 79C122 84 138 87 149 91C160 95 164 106 166 122C168 140 170 158 174 176C178 190 181 202 181 212C186 222 187 234 183 242C179 248 174 244 172 236C170 228 170 220 171 212C168 200 164 190 162 178C160 166 158 142 143 122',
  'M143 122C145 134 144 146 140 156C136 168 134 178 135 190C137 208 147 222 148 240C148 276 140 312 136 350C138 366 137 380 131 398L135 408L114 408L115 396C111 380 112 366 115 350C114 320 112 290 110 264',
];

/** The other side is its mirror about the middle. */
const mirrored = (path: string): string =>
  path.replace(
    /(-?[\d.]+) (-?[\d.]+)/g,
    (_pair, x: string, y: string) => `${2 * FIGURE.middle - Number(x)} ${y}`,
  );

const bothSides: readonly FigureLine[] = half.flatMap((path) => [{ path }, { path: mirrored(path) }]);

const profile =
  'M112 16C97 16 89 28 89 43C89 48 86 52 86 55L90 57C89 66 92 74 100 74L101 82C97 88 92 94 90 102C86 116 78 128 78 138C78 148 86 153 90 158C93 170 94 180 94 190C92 206 88 220 88 240C90 276 97 312 97 350C97 372 101 388 101 398L84 404L84 408L127 408L125 396C129 382 130 368 124 350C128 312 138 282 142 256C145 240 142 226 134 214C127 204 125 198 125 190C126 168 134 150 134 128C134 110 128 96 121 86L119 76C127 70 133 58 133 43C133 27 125 16 112 16Z';

/** The figure from each side. Our own drawing. */
export const bodyOutline: { readonly [view in View]: readonly FigureLine[] } = {
  front: [
    ...bothSides,
    { path: 'M80 138C84 152 102 154 107 143', light: true, adult: true },
    { path: 'M140 138C136 152 118 154 113 143', light: true, adult: true },
    { path: 'M99 88C104 91 108 90 110 93C112 90 116 91 121 88', light: true },
  ],
  back: [
    ...bothSides,
    { path: 'M110 88L110 226', light: true },
    { path: 'M92 112C97 122 97 130 92 138', light: true },
    { path: 'M128 112C123 122 123 130 128 138', light: true },
    { path: 'M84 254C92 262 104 262 110 252C116 262 128 262 136 254', light: true },
  ],
  side: [
    { path: profile },
    { path: 'M113 98C104 110 103 140 107 176C108 196 106 212 104 224', light: true },
    { path: 'M124 104C127 124 124 150 119 176C117 198 114 214 112 226', light: true },
  ],
};

/** The waist string: all lengths below it start there. */
export const waistString: { readonly [view in View]: string } = {
  front: 'M85 190L135 190',
  back: 'M85 190L135 190',
  side: 'M94 190L125 190',
};
