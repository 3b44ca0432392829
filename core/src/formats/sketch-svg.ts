import { polylineText } from '../geometry/path/polyline-text.ts';
import { inked, type Inked, type Manner } from '../sketch/inked.ts';
import type { Face } from '../pieces/piece.ts';
import type { Shape } from '../sketch/shape.ts';
import { frameOf, type Sketch } from '../sketch/sketch.ts';

/** Free room around a picture and between its views, mm. */
const ROOM = 24;

const strokeOf = ({ points, closed, fill, stroke, width, dashes }: Inked): string =>
  `<path d="${polylineText(points, closed, 1)}" fill="${fill ?? 'none'}"${stroke ? ` stroke="${stroke}" stroke-width="${(width ?? 1).toFixed(1)}"` : ''}${dashes ? ` stroke-dasharray="${dashes.join(' ')}"` : ''}/>`;

/** The views of a picture, with the person or without. */
export interface PictureOf {
  readonly views: readonly Face[];
  readonly person: boolean;
}

/** A garment made up as a picture: its views beside each other; one unit is a millimetre of the person. */
export function sketchSvg(sketch: Sketch, manner: Manner, { views, person }: PictureOf): string {
  const { minX, minY, maxX, maxY } = frameOf(sketch, person);
  const [wide, high] = [maxX - minX + 2 * ROOM, maxY - minY + 2 * ROOM];
  const groups = views.map((face, index) => {
    const { person: lines, shapes } = sketch[face];
    const all: readonly Shape[] = person ? [...lines, ...shapes] : shapes;
    const strokes = all.flatMap((shape) => inked(shape, manner)).map(strokeOf);
    const move = `translate(${(index * wide + ROOM - minX).toFixed(1)} ${(ROOM - minY).toFixed(1)})`;
    return `<g transform="${move}">${strokes.join('')}</g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${(views.length * wide).toFixed(1)} ${high.toFixed(1)}" stroke-linejoin="round" stroke-linecap="round">${groups.join('')}</svg>\n`;
}
