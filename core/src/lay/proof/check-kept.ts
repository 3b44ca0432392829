import type { Cloth } from '../model/cloth.ts';
import { drawnNow, laidLay, redrawnBy, type KeptLay } from '../model/kept-lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { checkLay } from './check-lay.ts';
import { SAME, type LayFault } from './lay-fault.ts';

/** Pieces of a kept lay that are drawn otherwise now, or not at all. */
export function redrawnFaults(
  { placements, drawn }: Pick<KeptLay, 'placements' | 'drawn'>,
  pieces: readonly LayPiece[],
): LayFault[] {
  const laid = new Set([...Object.keys(drawn), ...placements.map(({ piece }) => piece)]);
  return [...laid].flatMap((id): LayFault[] => {
    const piece = pieces.find((each) => each.id === id);
    if (!piece) return [{ code: 'unknown-piece', pieces: [id] }];
    const then = drawn[id];
    const mm = then ? redrawnBy(then, drawnNow(piece)) : 0;
    return mm > SAME ? [{ code: 'not-the-outline', pieces: [id], mm }] : [];
  });
}

/** Proves a kept lay on the pieces as they are drawn now, and lists what is wrong with it; a piece that is drawn otherwise makes it another lay. */
export const checkKept = (kept: KeptLay, pieces: readonly LayPiece[], cloth: Cloth): LayFault[] => [
  ...redrawnFaults(kept, pieces),
  ...checkLay(laidLay(kept, pieces), pieces, cloth),
];
