import { rgb, type RGB } from 'pdf-lib';
import type { Point } from '../../geometry/point.ts';
import { polylineText } from '../../geometry/path/polyline-text.ts';
import { inkOn, type ClothColours } from '../../sketch/ink.ts';
import { inked } from '../../sketch/inked.ts';
import { faces } from '../../pieces/piece.ts';
import { frameOf, type Sketch } from '../../sketch/sketch.ts';
import { pageTop, roomAcross, skip, type Paper } from './pdf-page.ts';

/** Room above and below the picture, in points. */
const GAP = 14;

const colourOf = (hex: string): RGB => {
  const [red, green, blue] = [1, 3, 5].map((from) => parseInt(hex.slice(from, from + 2), 16) / 255);
  return rgb(red ?? 0, green ?? 0, blue ?? 0);
};

/** The stretches of a line above a height, where the picture ends. */
function runsAbove(points: readonly Point[], height: number): Point[][] {
  const runs: Point[][] = [];
  let isNew = true;
  for (const p of points) {
    const last = runs.at(-1);
    if (p.y > height) isNew = true;
    else if (isNew || !last) {
      runs.push([p]);
      isNew = false;
    } else last.push(p);
  }
  return runs.filter(({ length }) => length > 1);
}

/** A garment made up, front and back beside each other, fitted into the page's width and `height` points at the next line. */
export function drawSketch(paper: Paper, sketch: Sketch, colours: ClothColours, height: number): void {
  const manner = { ink: inkOn(colours, '#ffffff'), heavier: 1 };
  const frame = frameOf(sketch, true);
  const half = roomAcross / 2;
  const scale = Math.min(half / (frame.maxX - frame.minX), height / (frame.maxY - frame.minY));
  skip(paper, GAP);
  const { x: left, y: top } = pageTop(paper);
  faces.forEach((face, index) => {
    const x = left + (index + 0.5) * half;
    const y = top + frame.minY * scale;
    for (const shape of [...sketch[face].person, ...sketch[face].shapes])
      for (const { points, closed, fill, stroke, width = 1, dashes } of inked(shape, manner))
        for (const run of closed ? [points] : runsAbove(points, frame.maxY))
          paper.page.drawSvgPath(polylineText(run, closed), {
            x,
            y,
            scale,
            ...(fill && { color: colourOf(fill) }),
            // Widths are in millimetres of the person, and scaled with them.
            ...(stroke ? { borderColor: colourOf(stroke), borderWidth: width } : {}),
            ...(dashes && { borderDashArray: [...dashes] }),
          });
  });
  skip(paper, (frame.maxY - frame.minY) * scale + GAP);
}
