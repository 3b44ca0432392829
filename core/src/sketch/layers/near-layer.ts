import { endOf, startOf } from '../../geometry/curve.ts';
import type { Edge, Face } from '../../pieces/piece.ts';
import { isWhole, type Panel } from '../place/panel.ts';
import type { PlacedGarment } from '../place/placed-garment.ts';
import type { Shape, Tone } from '../shape.ts';
import { handsOf, outlines, type Hand } from './outlines.ts';
import { panelLines } from './panel-lines.ts';
import type { Sewn } from './sewn-edges.ts';

const toneOf = ({ piece }: Panel): Tone => (piece.role === 'net' ? 'sheer' : 'right');

/** Panels of one layer: all contours, then all fills, then all lines, so that seams between them stay clean. */
function layer(garment: PlacedGarment, sewn: Sewn, panels: readonly Panel[], on: (panel: Panel) => readonly Hand[]): Shape[] {
  const shapes = panels.flatMap((panel) => outlines(garment, panel, on(panel)).map((ring) => ({ panel, ring })));
  return [
    ...shapes.map(({ ring }): Shape => ({ kind: 'contour', ring })),
    ...shapes.map(({ panel, ring }): Shape => ({ kind: 'cloth', ring, cloth: panel.piece.role, tone: toneOf(panel) })),
    ...panels.flatMap((panel) => panelLines(garment, sewn, panel, on(panel))),
  ];
} // prettier-ignore

/** Side panels lie under centre panels, and net over all. */
const rank = ({ piece }: Panel): number => (piece.role === 'net' ? 2 : piece.panel === 'side' ? 0 : 1);

const isFrontEdge = ({ role }: Edge): boolean => role === 'front';
/** Furthest past the centre that a front edge meets the other edge to edge, mm. */
const MEETS = 5;

/** A front that passes the centre: the two lie over each other. */
const wraps = (panel: Panel): boolean =>
  !isWhole(panel.piece) &&
  panel.piece.edges
    .filter(isFrontEdge)
    .some(({ path }) => [startOf(path), endOf(path)].some(({ x }) => x < -MEETS));

/** The wearer's right lies on top, which is seen on the left: common practice in women's wear. */
const lapped: readonly Hand[] = [1, -1];

/** The panels that face the eye. */
export function nearLayer(garment: PlacedGarment, sewn: Sewn, face: Face): Shape[] {
  const panels = garment.panels.filter((panel) => panel.face === face).sort((a, b) => rank(a) - rank(b));
  if (panels.some(wraps)) return lapped.flatMap((hand) => layer(garment, sewn, panels, () => [hand]));
  return layer(garment, sewn, panels, handsOf);
}
