import { clip, endPath, popGraphicsState, pushGraphicsState, rectangle, rgb } from 'pdf-lib';
import type { MeasureId } from '../../measures/catalogue.ts';
import { bodyOutline } from '../../measures/figure/body-outline.ts';
import { childPath } from '../../measures/figure/child-figure.ts';
import { frameOf, tapePaths } from '../../measures/figure/tape-path.ts';
import type { ClientKind } from '../../measures/measure-set.ts';
import type { Paper } from './pdf-page.ts';

const ink = rgb(0.17, 0.14, 0.13);
const quiet = rgb(0.4, 0.36, 0.32);
const tapeColour = rgb(0.17, 0.25, 0.5);

/** Where a drawing stands on the page: its upper left corner from the bottom left of the page, and its height, in points. */
export interface DrawingPlace {
  readonly x: number;
  readonly y: number;
  readonly height: number;
}

/** The part of the figure around one measure with the tape's path on it; returns its width in points. */
export function drawBody(
  { page }: Paper,
  measure: MeasureId,
  kind: ClientKind,
  { x, y, height }: DrawingPlace,
): number {
  const { view, path } = tapePaths[measure];
  const onBody = (line: string) => (kind === 'child' ? childPath(line) : line);
  const tape = onBody(path);
  const frame = frameOf(tape);
  const scale = height / frame.height;
  const width = frame.width * scale;
  const at = { x: x - frame.x * scale, y: y + frame.y * scale, scale };
  page.pushOperators(pushGraphicsState(), rectangle(x, y - height, width, height), clip(), endPath());
  for (const { path: line, light, adult } of bodyOutline[view]) {
    if (adult && kind === 'child') continue;
    page.drawSvgPath(onBody(line), {
      ...at,
      borderColor: light ? quiet : ink,
      borderWidth: (light ? 0.4 : 0.8) / scale,
    });
  }
  page.drawSvgPath(tape, { ...at, borderColor: tapeColour, borderWidth: 1.8 / scale });
  page.pushOperators(popGraphicsState());
  return width;
}
