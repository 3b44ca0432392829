import { point, type Point } from '../geometry/point.ts';
import { CONTOUR, penWidth, STITCHES, type Ink } from './ink.ts';
import type { Shape } from './shape.ts';

/** A stroke or fill, the same for the page, SVG and PDF: mm, #rrggbb. */
export interface Inked {
  readonly points: readonly Point[];
  readonly closed: boolean;
  readonly fill?: string;
  readonly stroke?: string;
  readonly width?: number;
  readonly dashes?: readonly [number, number];
}

/** The manner of a picture: its colours, and by what factor its pens are heavier; a small one leaves fine lines out. */
export interface Manner {
  readonly ink: Ink;
  readonly heavier: number;
}

/** Pens heavier than this leave stitching, folds and gathers out. */
const SMALL = 1.4;

const circle = ({ x, y }: Point, radius: number): Point[] =>
  Array.from({ length: 20 }, (_, index) => {
    const turn = (index / 20) * 2 * Math.PI;
    return point(x + radius * Math.cos(turn), y + radius * Math.sin(turn));
  });

/** Strokes and fills of a shape, the lowest first. */
export function inked(shape: Shape, { ink, heavier }: Manner): Inked[] {
  switch (shape.kind) {
    case 'cloth': {
      const fill = ink.cloth(shape.cloth, shape.tone);
      return [{ points: shape.ring, closed: true, fill, stroke: fill, width: 1 }];
    }
    case 'contour':
      return [{ points: shape.ring, closed: true, stroke: ink.contour, width: CONTOUR * heavier }];
    case 'gap':
      return [{ points: shape.ring, closed: true, fill: ink.ground }];
    case 'line': {
      const { points, pen } = shape;
      if (heavier > SMALL && (pen === 'fine' || pen === 'stitch')) return [];
      const stroke = pen === 'person' ? ink.person : ink.line;
      const width = penWidth[pen] * heavier;
      return [{ points, closed: false, stroke, width, ...(pen === 'stitch' && { dashes: STITCHES }) }];
    }
    case 'cord': {
      const { points, width } = shape;
      const cloth = ink.cloth(shape.cloth, 'right');
      return [
        { points, closed: false, stroke: ink.contour, width: width * 0.75 + 3 },
        { points, closed: false, stroke: cloth, width: width * 0.75 },
      ];
    }
    case 'dot':
      return [
        {
          points: circle(shape.at, shape.radius),
          closed: true,
          fill: ink.line,
          stroke: ink.contour,
          width: 1,
        },
      ];
  }
}
