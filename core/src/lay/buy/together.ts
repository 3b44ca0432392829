import { boxOf, signedArea } from '../../geometry/ring.ts';
import { amountOfCloth } from './buying.ts';
import { creasesOf, type Beside, type Lay, type Placement } from '../model/lay.ts';
import type { LayTask } from '../model/lay-task.ts';
import type { LayPiece } from '../model/layable.ts';

/** A ticket that shares a stretch of cloth with others. */
export interface Sharer {
  readonly id: string;
  readonly number: number;
}

/** A piece of a ticket where pieces of several lie together: `5:bodice-front`. */
const numberedId = (number: number, id: string): string => `${number}:${id}`;

export const numberedPieces = (number: number, pieces: readonly LayPiece[]): LayPiece[] =>
  pieces.map((piece) => ({ ...piece, id: numberedId(number, piece.id) }));

const numbered = ({ number, placements }: Pick<Beside, 'number' | 'placements'>): Placement[] =>
  placements.map((placement) => ({ ...placement, piece: numberedId(number, placement.piece) }));

/** A ticket's lay with what others have on the same stretch, as it lies on the table. */
export function wholeLay(lay: Lay): Lay {
  const { beside = [], ...own } = lay;
  const placements = [...own.placements, ...beside.flatMap(numbered)];
  return beside.length === 0 ? lay : { ...own, placements, boughtBy: undefined };
}

/**
 * A lay of several tickets as each of them has it: its own pieces by their own ids, and what the others have beside them. Pieces without a number
 * are the first ticket's, which buys the cloth.
 */
export function dealtOut(
  whole: Lay,
  buyer: Sharer,
  others: readonly Sharer[],
): { readonly ticket: string; readonly lay: Lay }[] {
  const isOf = (placement: Placement, { number }: Sharer) => placement.piece.startsWith(`${number}:`);
  const shares = [
    {
      ...buyer,
      placements: whole.placements.filter((placement) => !others.some((other) => isOf(placement, other))),
    },
    ...others.map((other) => ({
      ...other,
      placements: whole.placements
        .filter((placement) => isOf(placement, other))
        .map((placement) => ({ ...placement, piece: placement.piece.slice(`${other.number}:`.length) })),
    })),
  ];
  return shares.map(({ id, placements }) => ({
    ticket: id,
    lay: {
      ...whole,
      placements,
      beside: shares.flatMap((other) =>
        other.id === id ? [] : [{ ticket: other.id, number: other.number, placements: other.placements }],
      ),
      boughtBy: id === buyer.id ? undefined : buyer.number,
    },
  }));
}

/** Whether a lay is shared with just these tickets. */
export const isSharedWith = ({ beside = [] }: Pick<Lay, 'beside'>, tickets: readonly string[]): boolean =>
  beside.length === tickets.length && beside.every(({ ticket }) => tickets.includes(ticket));

/**
 * A ticket's lay once others no longer lie beside it: its own pieces stay where they are, and the cloth ends behind the last that is left. Of
 * those that are left the one that was opened first buys it. On cloth that is folded across, the fold keeps its length.
 */
export function leftBy(
  lay: Lay,
  own: Sharer,
  gone: readonly string[],
  { cloth, shrinkPercent, buyIn }: Pick<LayTask, 'cloth' | 'shrinkPercent' | 'buyIn'>,
): Lay {
  const beside = (lay.beside ?? []).filter(({ ticket }) => !gone.includes(ticket));
  const isCross = lay.sections.some((section) => creasesOf(section).some(({ axis }) => axis === 'y'));
  const left = [...lay.placements, ...beside.flatMap(({ placements }) => placements)];
  const length = isCross ? lay.length : Math.max(...left.map(({ polygon }) => boxOf(polygon).maxY));
  const area = left.reduce((sum, { polygon }) => sum + Math.abs(signedArea(polygon)), 0);
  const [from, to] = lay.usable;
  const first = Math.min(own.number, ...beside.map(({ number }) => number));
  const buyer = beside.some(({ number }) => number === lay.boughtBy) ? lay.boughtBy : first;
  const sections = lay.sections.filter((section) => section.from < length - 1e-6 || isCross);
  return {
    ...lay,
    length,
    buy: amountOfCloth(length, cloth, shrinkPercent, buyIn),
    utilisation: area / ((to - from) * length),
    sections: sections.map((section, index) =>
      index === sections.length - 1 ? { ...section, to: length } : section,
    ),
    beside: beside.length > 0 ? beside : undefined,
    boughtBy: buyer === own.number || beside.length === 0 ? undefined : buyer,
  };
}
