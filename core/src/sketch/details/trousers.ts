import type { Detail } from '../../drafting/detail.ts';
import { point, type Point } from '../../geometry/point.ts';
import { along } from '../along.ts';
import { hangLegs } from '../hang/hang-legs.ts';
import { STITCH } from '../hang/hanging-cloth.ts';
import { SKIRT_TOP_SAG } from '../hang/hang-skirt.ts';
import { filled, line, mirrored, type Shape } from '../shape.ts';
import { edgeLength, edgeOf, edgesWithRole, type Edge, type Piece } from '../../pieces/piece.ts';
import { clothOf, type DetailView } from './detail-view.ts';
import { zipStitching } from './openings.ts';

/** A dart leans out over the hip by this, as a part of its place. By eye. */
const DART_LEAN = 1.1;

/** Closed darts of a panel below its waist as it is seen, each at its part of the way from the centre to the side. */
function dartLines(panel: Piece, top: readonly Point[]): Point[][] {
  const waist = edgesWithRole(panel, 'waist');
  const whole = waist.reduce((sum, edge) => sum + edgeLength(edge), 0);
  return panel.darts.map(({ legs }) => {
    const [leg] = legs.map((id) => edgeOf(panel, id));
    if (!leg) throw new Error(`${panel.id}: a dart has two legs`);
    const isBefore = (edge: Edge) => panel.edges.indexOf(edge) < panel.edges.indexOf(leg);
    const before = waist.filter(isBefore).reduce((sum, edge) => sum + edgeLength(edge), 0);
    const at = along(top, before / whole);
    return [at, point(at.x * DART_LEAN, at.y + edgeLength(leg))];
  });
}

/** Trousers from the waist: both legs, each with its crease, the seam between them, and behind the zip. */
export function trouserShapes(view: DetailView, detail: Extract<Detail, { kind: 'trousers' }>): Shape[] {
  const { figure } = view.garment;
  const cloth = clothOf(view, detail.pieces[0] ?? '');
  const { outer, inner, top, fork } = hangLegs(figure, detail);
  const ring = [...top, ...outer, ...[...inner].reverse()];
  const [foot, heel] = [outer.at(-1) ?? fork, inner.at(-1) ?? fork];
  const crease = Array.from({ length: 21 }, (_, index): Point => {
    const part = 0.06 + (0.94 * index) / 20;
    const [a, b] = [along(outer, 0.35 + 0.65 * part), along(inner, part)];
    return point((a.x + b.x) / 2, (a.y + b.y) / 2);
  });
  const panel = view.pieces.find(({ id, face }) => face === view.face && detail.pieces.includes(id));
  const start = point(0, figure.heights.waist + SKIRT_TOP_SAG);
  const hands = [(points: readonly Point[]) => [...points], mirrored];
  const up = (p: Point): Point => point(p.x, p.y - STITCH);
  return [
    ...hands.flatMap((hand) => [
      ...filled(hand(ring), cloth),
      line(hand(outer), 'side'),
      line(hand(inner), 'side'),
      line(hand([heel, foot]), 'edge'),
      line(hand([up(heel), up(foot)]), 'stitch'),
      line(hand(crease), 'fine'),
      line(hand(top), 'seam'),
      ...(panel ? dartLines(panel, top) : []).map((points) => line(hand(points), 'seam')),
    ]),
    line([start, fork], 'seam'),
    ...(view.face === 'back' && detail.zip > 0 ? zipStitching([start, point(0, start.y + detail.zip)]) : []),
  ];
}
