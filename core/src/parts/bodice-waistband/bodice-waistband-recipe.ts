import { usualSize } from '../../drafting/bodice/frame.ts';
import { traced } from '../../drafting/operations/pieces/traced.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import { bodiceRecipe, type DrawInput, type Wearer } from '../../garment/part.ts';
import { joined } from '../../garment/seam-parts.ts';
import { zipDown } from '../../garment/zip-down.ts';
import { point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { girthOf } from '../../pieces/girth.ts';
import { makePiece, type Edge, type Face, type Piece } from '../../pieces/piece.ts';
import { divided, plus, sum, times, type Working } from '../../workings/working.ts';
import { bodiceWaistbandChoices, type BodiceWaistbandChosen } from './choices.ts';

/** Half a face of the band: a quarter of the waist wide, and twice as deep as it is finished. */
interface BandPlan {
  readonly face: Face;
  readonly height: Working;
  readonly width: Working;
}

const dimensionsOf = ({ height, width }: BandPlan): Dimension[] => [
  { name: 'waist-line', label: 'Waist seam, down from the fold', kind: 'down', at: { kind: 'level', level: 'waist', end: 'centre' }, working: height, adds: 'waist' },
  { name: 'waist', label: 'Waist, across', kind: 'out', at: { kind: 'width', level: 'waist' }, working: width, adds: 'side' },
  { name: 'depth', label: 'Depth, opened out', kind: 'length', at: { kind: 'edge', edge: 'side' }, working: times(height, 2), follows: true },
]; // prettier-ignore

/** One face of the band on the half, opened out: y = 0 is the fold along its upper edge, below it what shows, above it what is turned in. */
function bandPiece(plan: BandPlan, { allowances }: DrawInput): Piece {
  const { face, height, width } = plan;
  const [up, down, out] = [-height.mm, height.mm, width.mm];
  const [a, b, c, d, middle] = [point(0, up), point(out, up), point(out, down), point(0, down), point(0, 0)];
  const atBack = (id: string, role: Edge['role'], from: typeof d, to: typeof d): Edge => ({
    id,
    role,
    path: [line(from, to)],
    allowance: allowances.zip,
  });
  const centre: Edge[] =
    face === 'front'
      ? [{ id: 'centre-front', role: 'fold', path: [line(d, a)], allowance: 0 }]
      : [atBack('centre-back', 'centre', d, middle), atBack('inside-end', 'end', middle, a)];
  return makePiece({
    id: `waistband-${face}`,
    name: `Waistband ${face}`,
    role: 'outer',
    part: 'waistband',
    face,
    cut: face === 'front' ? { copies: 1, layers: 'fold' } : { copies: 2, layers: 'pair' },
    grain: point(0, 1),
    edges: [
      { id: 'inside', role: 'free', path: [line(a, b)], allowance: allowances.waist },
      { id: 'side', role: 'side', path: [line(b, c)], allowance: allowances.side },
      { id: 'waist', role: 'waist', path: [line(c, d)], allowance: allowances.waist },
      ...centre,
    ],
    // Here it is folded over.
    notches: [{ edge: 'side', at: height.mm, kind: 'single' }],
    darts: [],
    levels: [{ name: 'waist', path: [d, c] }],
    intakes: [],
    dimensions: dimensionsOf(plan),
  });
}

const fill = (values: DrawInput['values'], { body }: Pick<Wearer, 'body'>): BodiceWaistbandChosen =>
  withDefaults(bodiceWaistbandChoices, values, usualSize(body));

export const bodiceWaistbandRecipe = bodiceRecipe({
  fill,
  // The start line of what hangs from a band is the upper edge of the band.
  waistLine: (values, wearer) => fill(values, wearer).bandHeight,
  draw: (input, chosen) => {
    const height = choiceTerm(bodiceWaistbandChoices, 'bandHeight', chosen.bandHeight);
    const ease = choiceTerm(bodiceWaistbandChoices, 'easeWaist', chosen.easeWaist);
    const width = divided(sum(plus(input.body.term('waist')), plus(ease)), 4);
    const [front, back] = [
      bandPiece({ face: 'front', height, width }, input),
      bandPiece({ face: 'back', height, width }, input),
    ];
    const bands = [front, back];
    return {
      pieces: [...bands, ...traced(bands, 'stay', 0)],
      seams: [joined('waistband side', 'side', front, back)],
      girths: [girthOf('waist', bands, input.body.mm('waist'), chosen.easeWaist)],
      covering: [],
      details: [
        { kind: 'waistband', pieces: bands.map(({ id }) => id), height: height.mm, round: 4 * width.mm },
        zipDown('back', [back]),
      ],
      checks: () => [],
      findings: [],
    };
  },
});
