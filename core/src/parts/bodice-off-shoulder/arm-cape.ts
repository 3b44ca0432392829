import type { Detail } from '../../drafting/detail.ts';
import type { Finding } from '../../findings/finding.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import { annularSector } from '../../drafting/operations/pieces/annular-sector.ts';
import { point } from '../../geometry/point.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import { faces, makePiece, roleLength, type Face, type Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { divided, edgeOfPiece, named, plus, sum, times, type Working } from '../../workings/working.ts';
import type { PrincessShell } from '../princess-shell/princess-shell.ts';
import { armShare, shareFindings } from './arm-bands.ts';
import { bodiceOffShoulderChoices, type BodiceOffShoulderChosen } from './choices.ts';

/** Capes around both arms, the lowest first: their pieces, seams and how they hang. */
export interface ArmCapes {
  readonly pieces: readonly Piece[];
  readonly seams: readonly Seam[];
  readonly details: readonly Detail[];
  readonly findings: readonly Finding[];
}

/** One cape: a ring as wide as the top edges and both arms. */
interface CapePlan {
  readonly layer: number;
  readonly radius: Working;
  readonly depth: Working;
  /** A quarter of its upper edge: the top edge of one face, and half an arm’s share. */
  readonly quarter: { readonly [face in Face]: Working };
}

const nameOf = (layer: number, face: Face): string =>
  layer === 1 ? `cape-${face}` : `cape-${layer}-${face}`;

/** A quarter of a cape: in front on the fold, behind as a pair that opens with the zip. */
function capePiece(face: Face, { layer, radius, depth, quarter }: CapePlan, allowances: Allowances): Piece {
  const angle = quarter[face].mm / radius.mm;
  const { inner, finish, outer, start } = annularSector({ inner: radius.mm, outer: radius.mm + depth.mm, from: 0, to: angle });
  return makePiece({
    id: nameOf(layer, face),
    name: `${layer === 1 ? 'Cape' : `Cape ${layer}`} ${face}`,
    role: 'outer',
    part: 'cape',
    face,
    cut: face === 'front' ? { copies: 1, layers: 'fold' } : { copies: 2, layers: 'pair' },
    grain: point(0, 1),
    edges: [
      { id: 'top', role: 'top', path: inner, allowance: allowances.top },
      { id: 'arm', role: 'side', path: finish, allowance: allowances.side },
      { id: 'hem', role: 'hem', path: outer, allowance: allowances.circleHem },
      face === 'front'
        ? { id: 'centre-front', role: 'fold', path: start, allowance: 0 }
        : { id: 'centre-back', role: 'centre', path: start, allowance: allowances.zip },
    ],
    // The arm begins where the top edge of the bodice ends.
    notches: [],
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [
      { name: 'top-circle', label: 'Upper circle, from the corner', kind: 'down', at: { kind: 'corner', of: 'top', end: 'start' }, working: radius, adds: 'top', follows: true },
      { name: 'hem-circle', label: 'Hem circle, from the corner', kind: 'down', at: { kind: 'corner', of: 'hem', end: 'end' }, working: sum(plus(named('upper circle', radius)), plus(depth)), adds: 'circleHem', follows: true },
      { name: 'top-edge', label: 'Upper edge, on the quarter', kind: 'length', at: { kind: 'run', of: 'top' }, working: quarter[face] },
      { name: 'depth', label: 'Depth', kind: 'length', at: { kind: 'edge', edge: 'arm' }, working: depth },
    ],
  });
} // prettier-ignore

/** The top edge of a face that a cape is sewn to, as it is drafted. */
const topOf = ({ centre, side }: PrincessShell['front']): Working => {
  const words = `${centre.name} and side`;
  return edgeOfPiece(words, 'top edge', roleLength(centre, 'top') + roleLength(side, 'top'));
};

/** So much of the cape’s edge is sewn to the top edge; over the arm it is finished apart. */
const seamTo = (layer: number, face: Face, { centre, side }: PrincessShell['front']): Seam => ({
  id: `cape${layer === 1 ? '' : ` ${layer}`} to top edge, ${face}`,
  a: [
    { edge: `${nameOf(layer, face)}/top`, from: 0, to: roleLength(centre, 'top') + roleLength(side, 'top') },
  ],
  b: [...edgesOf(centre, 'top'), ...edgesOf(side, 'top')].map((edge) => ({ edge })),
  relation: { kind: 'equal' },
  governing: 'offShoulderRound',
});

/** The cape, or the flounces that lie over one another, each shorter by an equal step. `level` is how far down the top edge lies, mm. */
export function armCapes(
  body: Body,
  shell: PrincessShell,
  chosen: BodiceOffShoulderChosen,
  allowances: Allowances,
  level: number,
): ArmCapes {
  const share = armShare(body, shell);
  const half = divided(named('share of the arm', share.drawn), 2);
  const quarter = {
    front: sum(plus(topOf(shell.front)), plus(half)),
    back: sum(plus(topOf(shell.back)), plus(half)),
  };
  const round = times(sum(plus(quarter.front), plus(quarter.back)), 2);
  const circle = Number(chosen.capeCircle);
  const radius = divided(named('top edge and both arms, all around', round), 2 * Math.PI * circle);
  const count = chosen.arms === 'flounces' ? Number(chosen.capeLayers) : 1;
  const depth = choiceTerm(bodiceOffShoulderChoices, 'capeDepth', chosen.capeDepth);
  const plans = Array.from({ length: count }, (_, index): CapePlan => ({
    layer: index + 1,
    radius,
    depth: index === 0 ? depth : times(depth, (count - index) / count),
    quarter,
  }));
  const pieces = plans.flatMap((plan) => faces.map((face) => capePiece(face, plan, allowances)));
  return {
    pieces: pieces.map((piece) => notchedAtArm(piece, shell)),
    seams: plans.flatMap(({ layer }) => [
      seamTo(layer, 'front', shell.front),
      seamTo(layer, 'back', shell.back),
      equalSeam(`seam of cape${layer === 1 ? '' : ` ${layer}`}`, [`${nameOf(layer, 'front')}/arm`], [`${nameOf(layer, 'back')}/arm`], 'offShoulderRound'),
    ]),
    details: plans.map(({ layer, depth: deep }): Detail => ({
      kind: 'cape',
      pieces: faces.map((face) => nameOf(layer, face)),
      from: level,
      depth: deep.mm,
      round: round.mm,
      hem: 2 * Math.PI * circle * (radius.mm + deep.mm),
      opens: 'back',
    })),
    findings: shareFindings('cape-front', share.asked.mm),
  };
} // prettier-ignore

/** The cape with a notch where the top edge of the bodice ends and the arm begins. */
function notchedAtArm(piece: Piece, shell: PrincessShell): Piece {
  const { centre, side } = piece.face === 'back' ? shell.back : shell.front;
  const at = roleLength(centre, 'top') + roleLength(side, 'top');
  return { ...piece, notches: [{ edge: 'top', at, kind: 'single', marks: 'end of the top edge' }] };
}
