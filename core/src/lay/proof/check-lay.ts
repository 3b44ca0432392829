import { ringGap } from '../../geometry/distance-to-ring.ts';
import { boxOf, mirrorRing } from '../../geometry/ring.ts';
import type { Cloth } from '../model/cloth.ts';
import { placeFaults, spacingFaults } from './check-places.ts';
import { creasesOf, type Crease, type Fold, type Lay, type Placement, type Section } from '../model/lay.ts';
import { wholeOutline, type LayPiece } from '../model/layable.ts';
import { atOrigin, claimed, nameOf, SAME, sameRing, type LayFault } from './lay-fault.ts';
import { turnedBesides } from '../model/outline-state.ts';
import { overlapsOf } from './overlap.ts';
import { offItsPins } from '../model/pinned.ts';
import { wholeLay } from '../buy/together.ts';
import { turnOverRing } from '../model/turn-over.ts';

function boundsFaults(lay: Lay, cloth: Cloth, placement: Placement): LayFault[] {
  const box = boxOf(placement.polygon);
  const faults: LayFault[] = [];
  const beyond = Math.max(cloth.selvedge - box.minX, box.maxX - (cloth.width - cloth.selvedge));
  const past = Math.max(-box.minY, box.maxY - Math.min(lay.length, cloth.length ?? Infinity));
  if (!(beyond <= SAME)) faults.push({ code: 'outside-width', pieces: [nameOf(placement)], mm: beyond });
  if (!(past <= SAME)) faults.push({ code: 'outside-length', pieces: [nameOf(placement)], mm: past });
  return faults;
}

/** The creases on which a place across the cloth lies double: those across it, and those along it whose doubled part it is in. */
function creasesUnder(
  section: Section,
  { minX, maxX }: { readonly minX: number; readonly maxX: number },
): Crease[] {
  return creasesOf(section).filter(
    ({ axis, at }) =>
      axis === 'y' ||
      section.doubled.some(([from, to]) => from <= at && at <= to && maxX > from + SAME && minX < to - SAME),
  );
}

/** Whether the placement lies in a section whose cloth is really folded there, and every layer under it cuts a copy of its piece. */
function foldFaults(
  lay: Lay,
  placement: Placement,
  others: readonly Placement[],
  piece: LayPiece,
): LayFault[] {
  const section = lay.sections[placement.section];
  const name = [nameOf(placement)];
  if (!section) return [{ code: 'unreal-fold', pieces: name }];
  const creases = creasesUnder(section, boxOf(placement.polygon));
  const onCrease = creases.find(
    (crease) => crease.axis === 'x' && sameRing(turnOverRing(placement.polygon, crease), placement.polygon),
  );
  if (placement.onFold && !(onCrease && piece.cut.layers === 'fold'))
    return [{ code: 'off-the-fold', pieces: name }];
  const uncut = creases.some(
    (crease) =>
      !(placement.onFold && crease === onCrease) &&
      !others.some(
        (other) =>
          other !== placement &&
          other.piece === placement.piece &&
          sameRing(turnOverRing(placement.polygon, crease), other.polygon),
      ),
  );
  return uncut ? [{ code: 'not-on-double-cloth', pieces: name }] : [];
}

/** Creases of each fold along and across the cloth. */
const CREASES: { readonly [fold in Fold]: readonly [along: number, across: number] } = {
  open: [0, 0],
  half: [1, 0],
  width: [1, 0],
  two: [2, 0],
  four: [1, 1],
  cross: [0, 1],
};

/** A fold is real when it has its creases, each in the middle of what it doubles, on the cloth; a cross fold lays end to start. */
function isReal(section: Section, cloth: Cloth): boolean {
  const creases = creasesOf(section);
  const alongs = creases.filter(({ axis }) => axis === 'x');
  const acrosses = creases.filter(({ axis }) => axis === 'y');
  const [along, across] = CREASES[section.fold];
  const doubles = section.doubled.every(
    ([from, to]) =>
      from >= -SAME &&
      to <= cloth.width + SAME &&
      (alongs.length === 0 || alongs.some(({ at }) => Math.abs((from + to) / 2 - at) <= SAME)),
  );
  return (
    alongs.length === along &&
    acrosses.length === across &&
    section.doubled.length === Math.max(along, across) &&
    acrosses.every(({ at }) => Math.abs((section.from + section.to) / 2 - at) <= SAME) &&
    doubles
  );
}

/** Whether what is folded in from both sides meets at most, without lying on itself. */
const areApart = ({ doubled }: Section): boolean =>
  doubled.every(([, to], index) => doubled.slice(index + 1).every(([from]) => from >= to - SAME));

function sectionFaults(lay: Lay, cloth: Cloth): LayFault[] {
  const real = lay.sections.every((section) => isReal(section, cloth) && areApart(section));
  const inOrder = lay.sections.every(
    ({ from, to }, index) => to >= from && Math.abs(from - (lay.sections[index - 1]?.to ?? 0)) <= SAME,
  );
  return real && inOrder ? [] : [{ code: 'unreal-fold', pieces: [] }];
}

/** Pieces of a section lie between its ends: past them the cloth is folded otherwise. */
function withinSection(lay: Lay, placement: Placement): LayFault[] {
  const section = lay.sections[placement.section];
  const { minY, maxY } = boxOf(placement.polygon);
  const inside = section && minY >= section.from - SAME && maxY <= section.to + SAME;
  return section && !inside ? [{ code: 'out-of-section', pieces: [nameOf(placement)] }] : [];
}

/** Whether a piece is its own mirror, so that it has no hand. */
function isEven(piece: LayPiece): boolean {
  const whole = atOrigin(wholeOutline(piece));
  return sameRing(whole, atOrigin(mirrorRing(whole)));
}

function countFaults(lay: Lay, pieces: readonly LayPiece[]): LayFault[] {
  return pieces.flatMap((piece): LayFault[] => {
    const { id, cut } = piece;
    const laid = lay.placements.filter(({ piece }) => piece === id);
    if (laid.length !== cut.copies || new Set(laid.map(({ copy }) => copy)).size !== laid.length)
      return [{ code: 'wrong-count', pieces: [id] }];
    if (piece.eitherFace) return [];
    const mirrored = laid.filter((placement) => placement.mirrored);
    if (cut.layers === 'pair')
      return mirrored.length * 2 === laid.length ? [] : [{ code: 'not-mirrored-in-pairs', pieces: [id] }];
    return isEven(piece)
      ? []
      : mirrored.map((placement) => ({ code: 'of-the-wrong-hand', pieces: [nameOf(placement)] }));
  });
}

const overlapFaults = (placements: readonly Placement[]): LayFault[] =>
  [...overlapsOf(placements.map(({ polygon }) => polygon))].flatMap(({ a, b, mm }): LayFault[] => {
    const [first, second] = [placements[a], placements[b]];
    return first && second ? [{ code: 'overlap', pieces: [nameOf(first), nameOf(second)], mm }] : [];
  });

/** What of a ticket lies on what another one has beside it. */
function besideFaults(lay: Lay): LayFault[] {
  if (!lay.beside) return [];
  const own = new Set(lay.placements.map(nameOf));
  return overlapFaults(wholeLay(lay).placements).filter(
    ({ pieces: [first = '', second = ''] }) => own.has(first) && !own.has(second),
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
      ...withinSection(lay, placement),
    ];
    const [laid, drawn] = [atOrigin(placement.polygon), atOrigin(claimed(piece, placement))];
    if (!sameRing(laid, drawn))
      faults.push({ code: 'not-the-outline', pieces: [nameOf(placement)], mm: ringGap(laid, drawn) });
    const off = offItsPins(placement, piece);
    if (off > SAME)
      faults.push({
        code: 'off-its-pins',
        pieces: [nameOf(placement)],
        ...(Number.isFinite(off) ? { mm: off } : {}),
      });
    const besides = turnedBesides(placement, piece.turn ?? 0);
    if (besides % 180 !== 0) faults.push({ code: 'off-its-grain', pieces: [nameOf(placement)] });
    else if ((cloth.oneWay || piece.oneWay) && besides !== 0)
      faults.push({ code: 'against-the-nap', pieces: [nameOf(placement)] });
    return faults;
  });
  const overlaps = overlapFaults(lay.placements);
  const isOverlap = ({ pieces: [a, b] }: LayFault) =>
    overlaps.some((each) => each.pieces[0] === a && each.pieces[1] === b);
  // What a piece itself does wrong comes first: it is often why it lies on others.
  return [
    ...placed,
    ...sectionFaults(lay, cloth),
    ...countFaults(lay, pieces),
    ...placeFaults(lay, pieces, cloth),
    ...overlaps,
    ...besideFaults(lay),
    ...spacingFaults(lay, cloth).filter((fault) => !isOverlap(fault)),
  ];
}
