import { boxOf, mirrorRing, moveRing, type Ring } from '../geometry/ring.ts';
import type { Cloth } from './cloth.ts';
import type { Lay, Placement } from './lay.ts';
import { wholeOutline, type LayPiece } from './layable.ts';
import { overlapDepth, type WholeRing } from './overlap.ts';

export type LayFaultCode =
  | 'outside-width'
  | 'outside-length'
  | 'overlap'
  | 'wrong-count'
  | 'unknown-piece'
  | 'not-the-outline'
  | 'not-mirrored-in-pairs'
  | 'against-the-nap'
  | 'off-the-fold'
  | 'not-on-double-cloth'
  | 'unreal-fold';

export interface LayFault {
  readonly code: LayFaultCode;
  readonly pieces: readonly string[];
  /** How far off, mm, where that can be said. */
  readonly mm?: number;
}

const MICROMETRES = 1000;
/** Interiors may reach this deep into each other, µm: a hundredth of a millimetre and one step of rounding. */
const OVERLAP_ALLOWED = 11;
/** Outlines, fold lines and bounds agree within this, mm: two roundings of a lay file. */
const SAME = 0.02;

const whole = (ring: Ring): WholeRing =>
  ring.flatMap(({ x, y }) => [Math.round(x * MICROMETRES), Math.round(y * MICROMETRES)]);
const nameOf = ({ piece, copy }: Placement): string => `${piece} ${copy + 1}`;

/** Whether two rings are the same up to where they start, within SAME. */
function sameRing(a: Ring, b: Ring): boolean {
  if (a.length !== b.length) return false;
  const close = (i: number, j: number) => {
    const [p, q] = [a[i], b[j % b.length]];
    return p !== undefined && q !== undefined && Math.abs(p.x - q.x) <= SAME && Math.abs(p.y - q.y) <= SAME;
  };
  return b.some((_, shift) => close(0, shift) && a.every((__, index) => close(index, index + shift)));
}

const atOrigin = (ring: Ring): Ring => {
  const { minX, minY } = boxOf(ring);
  return moveRing(ring, -minX, -minY);
};

/** The outline as the placement says it lies: mirrored first, then turned. */
function claimed(piece: LayPiece, { mirrored, rotation }: Placement): Ring {
  const outline = wholeOutline(piece);
  const flipped = mirrored ? mirrorRing(outline) : outline;
  return rotation === 180 ? flipped.map(({ x, y }) => ({ x: -x, y: -y })) : flipped;
}

function boundsFaults(lay: Lay, cloth: Cloth, placement: Placement): LayFault[] {
  const box = boxOf(placement.polygon);
  const faults: LayFault[] = [];
  const beyond = Math.max(cloth.selvedge - box.minX, box.maxX - (cloth.width - cloth.selvedge));
  const past = Math.max(-box.minY, box.maxY - Math.min(lay.length, cloth.length ?? Infinity));
  if (!(beyond <= SAME)) faults.push({ code: 'outside-width', pieces: [nameOf(placement)], mm: beyond });
  if (!(past <= SAME)) faults.push({ code: 'outside-length', pieces: [nameOf(placement)], mm: past });
  return faults;
}

/** Whether the placement lies in a section whose cloth is really folded there. */
function foldFaults(
  lay: Lay,
  placement: Placement,
  others: readonly Placement[],
  piece: LayPiece,
): LayFault[] {
  const section = lay.sections[placement.section];
  const name = [nameOf(placement)];
  if (!section) return [{ code: 'unreal-fold', pieces: name }];
  const reflected = (foldLine: number) => moveRing(mirrorRing(placement.polygon), 2 * foldLine, 0);
  if (placement.onFold) {
    const lies = section.foldLines.some((foldLine) => sameRing(reflected(foldLine), placement.polygon));
    return lies && piece.cut.layers === 'fold' ? [] : [{ code: 'off-the-fold', pieces: name }];
  }
  const box = boxOf(placement.polygon);
  const touchesDouble = section.doubled.some(([from, to]) => box.maxX > from + SAME && box.minX < to - SAME);
  if (!touchesDouble) return [];
  const twin = others.some(
    (other) =>
      other !== placement &&
      other.piece === placement.piece &&
      section.foldLines.some((foldLine) => sameRing(reflected(foldLine), other.polygon)),
  );
  return twin ? [] : [{ code: 'not-on-double-cloth', pieces: name }];
}

function sectionFaults(lay: Lay, cloth: Cloth): LayFault[] {
  const real = lay.sections.every(({ foldLines, doubled, fold }) =>
    fold === 'open'
      ? foldLines.length === 0 && doubled.length === 0
      : foldLines.length === 1 &&
        doubled.every(
          ([from, to]) =>
            Math.abs((from + to) / 2 - (foldLines[0] ?? NaN)) <= SAME &&
            from >= -SAME &&
            to <= cloth.width + SAME,
        ),
  );
  return real ? [] : [{ code: 'unreal-fold', pieces: [] }];
}

function countFaults(lay: Lay, pieces: readonly LayPiece[]): LayFault[] {
  return pieces.flatMap(({ id, cut }): LayFault[] => {
    const laid = lay.placements.filter(({ piece }) => piece === id);
    if (laid.length !== cut.copies || new Set(laid.map(({ copy }) => copy)).size !== laid.length)
      return [{ code: 'wrong-count', pieces: [id] }];
    const mirrored = laid.filter((placement) => placement.mirrored).length;
    return cut.layers === 'pair' && mirrored * 2 !== laid.length
      ? [{ code: 'not-mirrored-in-pairs', pieces: [id] }]
      : [];
  });
}

function overlapFaults(placements: readonly Placement[]): LayFault[] {
  const laid = placements.map((placement) => ({
    placement,
    ring: whole(placement.polygon),
    box: boxOf(placement.polygon),
  }));
  return laid.flatMap((a, index) =>
    laid.slice(index + 1).flatMap((b): LayFault[] => {
      const apart =
        a.box.maxX <= b.box.minX ||
        b.box.maxX <= a.box.minX ||
        a.box.maxY <= b.box.minY ||
        b.box.maxY <= a.box.minY;
      const depth = apart ? 0 : overlapDepth(a.ring, b.ring);
      return depth > OVERLAP_ALLOWED
        ? [{ code: 'overlap', pieces: [nameOf(a.placement), nameOf(b.placement)], mm: depth / MICROMETRES }]
        : [];
    }),
  );
}

/**
 * Proves a lay, or lists what is wrong with it: every piece inside the usable cloth, none overlapping, outlines true,
 * grain and nap kept, pairs mirrored, folds real, counts right. Knows nothing of how the lay was found.
 */
export function checkLay(lay: Lay, pieces: readonly LayPiece[], cloth: Cloth): LayFault[] {
  const placed = lay.placements.flatMap((placement): LayFault[] => {
    const piece = pieces.find(({ id }) => id === placement.piece);
    if (!piece) return [{ code: 'unknown-piece', pieces: [nameOf(placement)] }];
    const faults = [
      ...boundsFaults(lay, cloth, placement),
      ...foldFaults(lay, placement, lay.placements, piece),
    ];
    if (!sameRing(atOrigin(placement.polygon), atOrigin(claimed(piece, placement))))
      faults.push({ code: 'not-the-outline', pieces: [nameOf(placement)] });
    if (cloth.oneWay && placement.rotation !== 0)
      faults.push({ code: 'against-the-nap', pieces: [nameOf(placement)] });
    return faults;
  });
  return [
    ...placed,
    ...sectionFaults(lay, cloth),
    ...countFaults(lay, pieces),
    ...overlapFaults(lay.placements),
  ];
}
