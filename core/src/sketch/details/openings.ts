import type { Detail } from '../../drafting/detail.ts';
import { between, point, type Point } from '../../geometry/point.ts';
import { edgesWithRole } from '../../pieces/piece.ts';
import { upTo } from '../along.ts';
import { mesh } from '../hatch.ts';
import { line, mirrored, type Shape } from '../shape.ts';
import { seenAt, seenEdge } from '../place/placed-garment.ts';
import { clothOf, downwards, seenNamed, type DetailView } from './detail-view.ts';

type Of<Kind extends Detail['kind']> = Extract<Detail, { kind: Kind }>;

/** Stitching lies so far beside a zip's seam, and its slider so far below the top; mm. */
const ZIP_BESIDE = 5;
const SLIDER = { half: 4, from: 3, to: 21 } as const;

/** The stitching of a zip on both sides of a line. */
export const zipStitching = (points: readonly Point[]): Shape[] =>
  [ZIP_BESIDE, -ZIP_BESIDE].map((by) =>
    line(
      points.map(({ x, y }) => point(x + by, y)),
      'stitch',
    ),
  );

/** A zip: stitching on both sides of its seam, and its slider at the top. */
export function zipShapes(view: DetailView, { face, edges, to }: Of<'zip'>): Shape[] {
  if (face !== view.face) return [];
  const last = edges.length - 1;
  const points = edges.flatMap((edge, index) => {
    const run = seenNamed(view, edge);
    return index === last && to !== undefined ? upTo(run, to) : run;
  });
  const [top] = points;
  const foot = points.at(-1);
  if (!top || !foot) return [];
  const tab = [
    point(top.x - SLIDER.half, top.y + SLIDER.from),
    point(top.x + SLIDER.half, top.y + SLIDER.from),
    point(top.x + SLIDER.half - 1, top.y + SLIDER.to),
    point(top.x - SLIDER.half + 1, top.y + SLIDER.to),
  ];
  return [
    ...zipStitching(points),
    line([point(foot.x - ZIP_BESIDE, foot.y), point(foot.x + ZIP_BESIDE, foot.y)], 'fine'),
    { kind: 'cloth', ring: tab, cloth: 'outer', tone: 'right' },
    line([...tab, ...tab.slice(0, 1)], 'seam'),
  ];
}

/** A slit stands open this far at the hem for its length: a twenty-fifth, but never more than this; mm. By eye. */
const SLIT = { part: 25, most: 9 } as const;

/** The slits of a face, a little open at the hem. */
export function slitShapes({ garment, face }: DetailView): Shape[] {
  return garment.panels
    .filter((panel) => panel.face === face)
    .flatMap((panel) =>
      edgesWithRole(panel.piece, 'slit').flatMap((edge): Shape[] => {
        const points = downwards(seenEdge(garment, panel, edge));
        const [top] = points;
        const foot = points.at(-1);
        if (!top || !foot) return [];
        const open = Math.min(SLIT.most, (foot.y - top.y) / SLIT.part);
        const low = foot.y + 3;
        return [
          { kind: 'gap', ring: [top, point(foot.x + open, low), point(foot.x - open, low)] },
          line([point(foot.x + open, foot.y), top, point(foot.x - open, foot.y)], 'side'),
          line([point(top.x - open - 3, top.y - 4), point(top.x + open + 3, top.y - 4)], 'seam'),
        ];
      }),
    );
}

const BUTTON = 7.5;
const HOLE = { from: 9, to: 22 } as const;

/** Buttons of the panels of a face, each with its hole beside it. */
export function buttonShapes({ garment, face }: DetailView): Shape[] {
  return garment.panels
    .filter((panel) => panel.face === face)
    .flatMap((panel) =>
      (panel.piece.buttons ?? []).flatMap((button): Shape[] => {
        const at = seenAt(garment, panel, button);
        return [
          { kind: 'dot', at, radius: BUTTON },
          line([point(at.x - HOLE.to, at.y), point(at.x - HOLE.from, at.y)], 'fine'),
        ];
      }),
    );
}

/** Folds of a drape, along both its long sides: its ring runs from the one end across to the other. */
const DRAPE_FOLDS = 4;

function drapeFolds(ring: readonly Point[]): Point[][] {
  const [a, b, c, d] = ring;
  if (!a || !b || !c || !d) return [];
  return Array.from({ length: DRAPE_FOLDS }, (_, index) => {
    const across = (index + 1) / (DRAPE_FOLDS + 1);
    return [between(a, b, across), between(d, c, across)];
  });
}

/** Cloth that lies over the panels of a face: its outline is placed as along the centre panel there. */
export function overlayShapes(view: DetailView, detail: Of<'overlay'>): Shape[] {
  const { garment, face } = view;
  const under = garment.panels.find((panel) => panel.face === face && panel.isInner);
  if (!under) return [];
  const flat = { ...under, darts: [], contours: [] };
  const ring = detail[face].map((p) => seenAt({ ...garment, sides: new Map() }, flat, p));
  const cloth = clothOf(view, detail.piece);
  const isNet = cloth === 'net';
  return [ring, mirrored(ring).reverse()].flatMap((each): Shape[] => [
    { kind: 'cloth', ring: each, cloth, tone: isNet ? 'sheer' : 'right' },
    ...(isNet ? mesh(each) : drapeFolds(each)).map((points) => line(points, 'fine')),
    line([...each, ...each.slice(0, 1)], 'seam'),
  ]);
}
