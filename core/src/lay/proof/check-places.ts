import { boxOf } from '../../geometry/ring.ts';
import { flawRing, matchedRepeat, usableSpan, type Cloth, type Panel } from '../model/cloth.ts';
import { creasesOf, type Lay, type Placement } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { claimed, nameOf, SAME, sameRing, type LayFault } from './lay-fault.ts';
import { matchedLevels } from '../model/matched-levels.ts';
import { centrePastFigure } from '../fold/on-figures.ts';
import { stateOf } from '../model/outline-state.ts';
import { overlapsOf, reachOutside } from './overlap.ts';
import { gapBetween } from './spacing.ts';
import { turnOverRing } from '../model/turn-over.ts';

/** A motif's middle is marked with chalk: nobody sees it nearer than this. mm. */
const SAME_MIDDLE = 0.5;
/** Figures of a print that are off by no more count as matched, mm. */
const SAME_FIGURE = 0.5;
/** Room between pieces that is short by no more is room, mm. */
const SAME_GAP = 0.2;

/** Placements that reach over a flaw of the cloth. */
const flawFaults = (placements: readonly Placement[], { flaws = [] }: Cloth): LayFault[] =>
  placements.flatMap((placement): LayFault[] => {
    const [over] = [...overlapsOf([placement.polygon, ...flaws.map(flawRing)])].filter(({ a }) => a === 0);
    return over ? [{ code: 'on-a-flaw', pieces: [nameOf(placement)], mm: over.mm }] : [];
  });

/** How far a box reaches out of a panel, or off the middle of its motif, mm. */
function offPanel({ polygon }: Placement, { from, to, left, right }: Panel): number {
  const box = boxOf(polygon);
  const outside = Math.max(left - box.minX, box.maxX - right, from - box.minY, box.maxY - to, 0);
  return Math.max(outside, Math.abs((box.minX + box.maxX - left - right) / 2));
}

/** One copy of a panel's piece has to lie on it, and nothing else may; pieces that the garment does not have are not missed. */
const panelFaults = (
  placements: readonly Placement[],
  pieces: readonly LayPiece[],
  { panels = [] }: Cloth,
): LayFault[] =>
  panels.flatMap((panel): LayFault[] => {
    const copies = placements.filter(({ piece }) => piece === panel.piece);
    const best = Math.min(...copies.map((copy) => offPanel(copy, panel)));
    const kept = copies.find((copy) => offPanel(copy, panel) <= SAME_MIDDLE);
    const faults: LayFault[] =
      kept || !pieces.some(({ id }) => id === panel.piece)
        ? []
        : [{ code: 'off-its-panel', pieces: [panel.piece], mm: best }];
    const others = placements.filter((placement) => placement !== kept);
    return others.reduce<LayFault[]>((found, placement) => {
      const [over] = overlapsOf([placement.polygon, flawRing(panel)]);
      return over ? [...found, { code: 'on-a-panel', pieces: [nameOf(placement)], mm: over.mm }] : found;
    }, faults);
  });

/** Placements that are nearer to each other than the cloth wants; those that overlap are told of as such. */
export function spacingFaults({ placements, sections }: Lay, { spacing = 0 }: Cloth): LayFault[] {
  if (spacing === 0) return [];
  // What lies on the two sides of a crease is one outline on the table.
  const areTwins = (a: Placement, b: Placement): boolean => {
    const section = sections[a.section];
    return (
      section !== undefined &&
      a.piece === b.piece &&
      creasesOf(section).some((crease) => sameRing(turnOverRing(a.polygon, crease), b.polygon))
    );
  };
  return placements.flatMap((a, index) =>
    placements.slice(index + 1).flatMap((b): LayFault[] => {
      if (areTwins(a, b)) return [];
      const gap = gapBetween(a.polygon, b.polygon, spacing);
      return gap < spacing - SAME_GAP
        ? [{ code: 'too-close', pieces: [nameOf(a), nameOf(b)], mm: spacing - gap }]
        : [];
    }),
  );
}

/** Placements whose centre line lies off the figures that come across the cloth. */
const figureFaults = (
  placements: readonly Placement[],
  pieces: readonly LayPiece[],
  cloth: Cloth,
): LayFault[] =>
  placements.flatMap((placement): LayFault[] => {
    const piece = pieces.find(({ id }) => id === placement.piece);
    if (!piece) return [];
    const mm = Math.abs(centrePastFigure(placement, piece, claimed(piece, placement), cloth));
    return mm > SAME_FIGURE ? [{ code: 'off-the-figure', pieces: [nameOf(placement)], mm }] : [];
  });

/** Placements whose hem does not lie on the border of the cloth. */
const borderFaults = (
  placements: readonly Placement[],
  pieces: readonly LayPiece[],
  cloth: Cloth,
): LayFault[] =>
  placements.flatMap((placement): LayFault[] => {
    const { border, turn = 0 } = pieces.find(({ id }) => id === placement.piece) ?? {};
    if (!border) return [];
    const { minX, maxX } = boxOf(placement.polygon);
    const [left, right] = usableSpan(cloth);
    // A hem points to the left selvedge as it was turned, and to the right one mirrored.
    const pointsLeft = stateOf(placement, turn).x === 1;
    const off = border === 'left' ? minX - left : right - maxX;
    return pointsLeft === (border === 'left') && Math.abs(off) <= SAME
      ? []
      : [{ code: 'off-the-border', pieces: [nameOf(placement)], mm: Math.abs(off) }];
  });

/** Where a level of a piece lies along the cloth, from where its outline came to lie. */
function levelOnCloth(piece: LayPiece, placement: Placement, level: number): number {
  const turned = placement.rotation === 180 ? -level : level;
  return boxOf(placement.polygon).minY - boxOf(claimed(piece, placement)).minY + turned;
}

/** Placements whose matched level does not lie a whole number of repeats from the first one's. */
function repeatFaults(
  placements: readonly Placement[],
  pieces: readonly LayPiece[],
  cloth: Cloth,
): LayFault[] {
  const repeat = matchedRepeat(cloth);
  const levels = matchedLevels(pieces, cloth);
  const places = placements.flatMap((placement) => {
    const piece = pieces.find(({ id }) => id === placement.piece);
    const level = levels.get(placement.piece);
    return piece && level !== undefined ? [{ placement, at: levelOnCloth(piece, placement, level) }] : [];
  });
  const [first, ...others] = places;
  if (!first) return [];
  return others.flatMap(({ placement, at }): LayFault[] => {
    const way = at - first.at;
    const off = Math.abs(way - repeat * Math.round(way / repeat));
    return off > SAME_FIGURE ? [{ code: 'off-the-repeat', pieces: [nameOf(placement)], mm: off }] : [];
  });
}

/** Placements that reach out of a leftover's true outline. */
const outlineFaults = (placements: readonly Placement[], { outline }: Cloth): LayFault[] =>
  outline === undefined
    ? []
    : placements.flatMap((placement): LayFault[] => {
        const mm = reachOutside(placement.polygon, outline);
        return mm > 0 ? [{ code: 'off-the-cloth', pieces: [nameOf(placement)], mm }] : [];
      });

/** What is wrong with a lay by what has its place on the cloth: flaws, panels, a leftover's outline, a print, a border. */
export const placeFaults = (lay: Lay, pieces: readonly LayPiece[], cloth: Cloth): LayFault[] => [
  ...flawFaults(lay.placements, cloth),
  ...panelFaults(lay.placements, pieces, cloth),
  ...outlineFaults(lay.placements, cloth),
  ...repeatFaults(lay.placements, pieces, cloth),
  ...borderFaults(lay.placements, pieces, cloth),
  ...figureFaults(lay.placements, pieces, cloth),
];
