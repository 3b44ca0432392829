import { withDimensions } from '../../pieces/carry-dimensions.ts';
import { divided, named, times, type Working } from '../../workings/working.ts';
import { point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { makePiece, type Piece } from '../../pieces/piece.ts';

/** A sleeve of one straight-sided piece, gathered to the armhole: what a leftover is good for. mm. */
export interface GatheredSleevePlan {
  /** The armhole that it is gathered to, and by how much. */
  readonly armhole: Working;
  readonly ratio: number;
  /** Round of the lower end, gathers let out, as a part of the gathered edge. */
  readonly taper: number;
  readonly length: Working;
  readonly allowance: { readonly armhole: number; readonly side: number; readonly hem: number };
}

/** Half the sleeve on the fold, its width tapering in a straight line from the gathered edge to the lower end. */
export const gatheredSleeve = (plan: GatheredSleevePlan): Piece => {
  const { allowance } = plan;
  const cap = divided(times(plan.armhole, plan.ratio), 2);
  const lower = times(named('gathered edge, on the half', cap), plan.taper);
  const [top, bottom, length] = [cap.mm, lower.mm, plan.length.mm];
  const [a, b, c, d] = [point(0, 0), point(top, 0), point(bottom, length), point(0, length)];
  const piece = makePiece({
    id: 'sleeve',
    name: 'Sleeve',
    role: 'outer',
    part: 'sleeve',
    cut: { copies: 2, layers: 'fold' },
    grain: point(0, 1),
    edges: [
      { id: 'cap', role: 'armhole', path: [line(a, b)], allowance: allowance.armhole },
      { id: 'underarm', role: 'side', path: [line(b, c)], allowance: allowance.side },
      { id: 'hem', role: 'hem', path: [line(c, d)], allowance: allowance.hem },
      { id: 'fold', role: 'fold', path: [line(d, a)], allowance: 0 },
    ],
    notches: [],
    darts: [],
    levels: [{ name: 'sleeveHem', path: [d, c], along: 'hem' }],
    intakes: [],
    dimensions: [],
  });
  return withDimensions(
    piece,
    {
      name: 'cap-edge',
      label: 'Gathered edge, on the half',
      kind: 'length',
      at: { kind: 'run', of: 'armhole' },
      working: cap,
    },
    {
      name: 'hem-edge',
      label: 'Lower end, on the half',
      kind: 'length',
      at: { kind: 'run', of: 'hem' },
      working: lower,
    },
    {
      name: 'length',
      label: 'Length along the fold',
      kind: 'length',
      at: { kind: 'run', of: 'fold' },
      working: plan.length,
    },
  );
};
