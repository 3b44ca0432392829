import { curveLength, endOf, splitCurve, startOf, type Curve } from '../../../geometry/curve.ts';
import { edgeLength, edgeOf, makePiece, type Edge, type Piece } from '../../../pieces/piece.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { minus, named, times, type Working } from '../../../workings/working.ts';
import { after, before } from '../../../geometry/loop.ts';
import { squareHem } from '../edges/square-hem.ts';

const isWaist = ({ role }: Edge): boolean => role === 'waist';

/** An edge beside the waist without the `by` mm that lay nearest to it. */
function lessAtWaist(path: Curve, by: number, waistIsAtEnd: boolean): Curve {
  const whole = curveLength(path);
  return waistIsAtEnd ? splitCurve(path, whole - by)[0] : splitCurve(path, by)[1];
}

/**
 * Cuts a panel off above its waist, along it: every edge that met the waist, darts' legs too, loses `by` mm, so that seams
 * stay as they were to each other. Each stretch of the waist becomes a stretch of hem that is square to what it meets; levels and notches below are
 * gone. Edges must be longer than that.
 */
export function shortenBy(panel: Piece, less: Working, allowance: number): Piece {
  const by = less.mm;
  const cut = panel.edges.map((edge): Edge => {
    if (isWaist(edge)) return edge;
    if (isWaist(after(panel.edges, edge))) return { ...edge, path: lessAtWaist(edge.path, by, true) };
    if (isWaist(before(panel.edges, edge))) return { ...edge, path: lessAtWaist(edge.path, by, false) };
    return edge;
  });
  const edges = cut.map((edge): Edge => {
    if (!isWaist(edge)) return edge;
    const path = squareHem(before(cut, edge).path, after(cut, edge).path);
    const [, number] = edge.id.split('-');
    const id = number === undefined ? 'hem' : `hem-${number}`;
    return { ...edge, id, role: 'hem', allowance, path };
  });
  const hems = edges.filter(({ role }) => role === 'hem');
  const [first, last] = [hems[0], hems.at(-1)];
  if (!first || !last) throw new Error(`${panel.id} has no waist to be shortened from`);
  const shorter = makePiece({
    ...panel,
    edges,
    levels: [
      ...panel.levels.filter(({ name }) => name !== 'waist'),
      { name: 'hem', path: [endOf(last.path), startOf(first.path)], along: 'hem' },
    ],
    notches: panel.notches.flatMap((notch) => {
      const kept = edges.find(({ id }) => id === notch.edge);
      if (!kept) return [];
      const moved = isStartCut(panel, kept) ? notch.at - by : notch.at;
      return moved > 0 && moved < edgeLength(kept) ? [{ ...notch, at: moved }] : [];
    }),
    intakes: panel.intakes.filter(({ level }) => level !== 'waist'),
  });
  const atWaist = new Set(panel.darts.filter((dart) => dart.in === 'waist').map(({ id }) => id));
  const partLeft = (dart: string): number => {
    const leg = panel.darts.find(({ id }) => id === dart)?.legs[0] ?? '';
    const whole = edgeLength(edgeOf(panel, leg));
    return (whole - by) / whole;
  };
  return carryDimensions(panel, shorter, ({ at: place }) => {
    if (place.kind === 'run' && place.of === 'side') return { terms: [minus(less)], change: 'curve' };
    if (place.kind !== 'dart' || !atWaist.has(place.dart)) return { change: 'curve' };
    switch (place.part) {
      case 'leg':
        return { terms: [minus(less)], change: 'curve' };
      case 'intake':
        return {
          becomes: (intake) => times(named('intake at the waist', intake), partLeft(place.dart)),
          change: 'curve',
        };
      case 'tip':
        return { change: 'curve' };
    }
  });
}

/** Whether the cut took an edge's start, so that its notches count from there. */
const isStartCut = (panel: Piece, kept: Edge): boolean =>
  isWaist(before(panel.edges, edgeOf(panel, kept.id)));
