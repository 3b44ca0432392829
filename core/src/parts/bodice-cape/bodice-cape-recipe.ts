import { usualSize } from '../../drafting/bodice/frame.ts';
import { annularSector } from '../../drafting/operations/pieces/annular-sector.ts';
import { strip } from '../../drafting/operations/pieces/strip.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import { bodiceRecipe, type DrawInput, type Wearer } from '../../garment/part.ts';
import { edgesOf, joined } from '../../garment/seam-parts.ts';
import { endOf, startOf } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { makePiece, roleLength, type Edge, type Face, type Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import {
  chosen as chosenTerm,
  divided,
  edgeOfPiece,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import { bodiceCapeChoices, type BodiceCapeChosen } from './choices.ts';

/** The binding of the neck, finished, mm. Common practice. */
const BINDING = inches(0.5);

/** A quarter of the cape between its centre and the seam on the shoulder; a front goes on past its centre. */
interface CapePlan {
  readonly face: Face;
  readonly radius: Working;
  readonly length: Working;
  readonly quarter: Working;
  readonly stand: Working;
}

function capePiece({ face, radius, length, quarter, stand }: CapePlan, { allowances }: DrawInput): Piece {
  const angle = quarter.mm / radius.mm;
  const { inner, finish, outer, start } = annularSector({ inner: radius.mm, outer: radius.mm + length.mm, from: 0, to: angle });
  const past = face === 'front' ? stand.mm : 0;
  const [foot, top] = [endOf(outer), startOf(inner)];
  const [lapFoot, lapTop] = [point(foot.x - past, foot.y), point(top.x - past, top.y)];
  const straight = (from: typeof foot, to: typeof foot) => (past > 0 ? [line(from, to)] : []);
  const centre: Edge =
    face === 'back'
      ? { id: 'centre-back', role: 'fold', path: start, allowance: 0 }
      : { id: 'front-edge', role: 'front', path: [line(lapFoot, lapTop)], allowance: allowances.front };
  return makePiece({
    id: `cape-${face}`,
    name: `Cape ${face}`,
    role: 'outer',
    part: 'cape',
    face,
    cut: face === 'back' ? { copies: 1, layers: 'fold' } : { copies: 2, layers: 'pair' },
    grain: point(0, 1),
    edges: [
      { id: 'neck', role: 'neck', path: [...straight(lapTop, top), ...inner], allowance: allowances.neck },
      { id: 'side', role: 'side', path: finish, allowance: allowances.side },
      { id: 'hem', role: 'hem', path: [...outer, ...straight(foot, lapFoot)], allowance: allowances.circleHem },
      centre,
    ],
    notches: past > 0 ? [{ edge: 'neck', at: past, kind: 'single' }] : [],
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [
      { name: 'neck-circle', label: 'Neck circle, from the corner', kind: 'down', at: { kind: 'corner', of: 'neck', end: 'start' }, working: radius, adds: 'neck', follows: true },
      { name: 'hem-circle', label: 'Hem circle, from the corner', kind: 'down', at: { kind: 'corner', of: 'hem', end: 'end' }, working: sum(plus(named('neck circle', radius)), plus(length)), adds: 'circleHem', follows: true },
      { name: 'neck-edge', label: 'Neck', kind: 'length', at: { kind: 'run', of: 'neck' }, working: past > 0 ? sum(plus(quarter), plus(stand)) : quarter },
      { name: 'length', label: 'Length at the seam', kind: 'length', at: { kind: 'edge', edge: 'side' }, working: length },
    ],
  });
} // prettier-ignore

const fill = (values: DrawInput['values'], { body }: Pick<Wearer, 'body'>): BodiceCapeChosen =>
  withDefaults(bodiceCapeChoices, values, usualSize(body));

/** The binding around the whole neck, on the bias so that it follows the curve. */
function bindingOf(
  pieces: readonly Piece[],
  allowance: number,
): { readonly binding: Piece; readonly seam: Seam } {
  const necks = pieces.map((piece) => plus(edgeOfPiece(piece.name, 'neck', roleLength(piece, 'neck'))));
  const binding = strip({
    id: 'neck-binding',
    name: 'Neck binding',
    role: 'outer',
    length: times(sum(...necks), 2),
    width: chosenTerm('usual binding', BINDING),
    doubled: true,
    bias: true,
    copies: 1,
    allowance,
    notchesAt: [],
  });
  return {
    binding,
    seam: {
      id: 'binding to neck',
      a: [{ edge: `${binding.id}/band` }],
      b: pieces.flatMap((piece) => edgesOf(piece, 'neck')).map((edge) => ({ edge, times: 2 })),
      relation: { kind: 'equal' },
      governing: 'neck',
    },
  };
}

export const bodiceCapeRecipe = bodiceRecipe({
  fill,
  draw: (input, chosen) => {
    const { body, allowances } = input;
    const term = (id: 'capeLong' | 'stand' | 'easeNeck') => choiceTerm(bodiceCapeChoices, id, chosen[id]);
    const circle = Number(chosen.capeOf);
    const round = sum(plus(body.term('neck')), plus(term('easeNeck')));
    const radius = divided(named('neck, all around', round), 2 * Math.PI * circle);
    const plan = { radius, length: term('capeLong'), quarter: divided(round, 4), stand: term('stand') };
    const [front, back] = [capePiece({ ...plan, face: 'front' }, input), capePiece({ ...plan, face: 'back' }, input)];
    const { binding, seam } = bindingOf([front, back], allowances.strip);
    return {
      pieces: [front, back, binding],
      seams: [joined('cape side', 'side', front, back), seam],
      girths: [],
      covering: [],
      details: [
        {
          kind: 'cape',
          pieces: [front.id, back.id],
          from: 0,
          depth: chosen.capeLong,
          round: round.mm,
          hem: 2 * Math.PI * circle * (radius.mm + chosen.capeLong),
          opens: 'front',
        },
      ],
      checks: () => [],
      findings: [],
    };
  },
}); // prettier-ignore
