import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN } from '../../findings/remedy.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { mirrorPiece, openFlat } from '../../drafting/operations/pieces/open-flat.ts';
import { oneShoulder, roomForDrop } from '../../drafting/operations/panels/one-shoulder.ts';
import { isOther } from '../../pieces/other-half.ts';
import { girthOf } from '../../pieces/girth.ts';
import type { Face, Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { fillChoices } from '../fill-choices.ts';
import { seamsIn, traced } from '../../drafting/operations/pieces/traced.ts';
import { dartSeams, edgesOf, joined } from '../../garment/seam-parts.ts';
import { bodiceRecipe, type DrawInput } from '../../garment/part.ts';
import { bodiceOneShoulderChoices, type BodiceOneShoulderChosen } from './choices.ts';

/** Depths of the block's own neck, which is cut away; mm. */
const BLOCK_NECK = { front: inches(3.5), back: inches(1.5) };

/** The block that it is drafted on. */
export const oneShoulderBlock = (chosen: BodiceOneShoulderChosen): BodiceChoices => ({
  ...chosen,
  neckline: 'round',
  darted: true,
  neckDepthFront: BLOCK_NECK.front,
  neckDepthBack: BLOCK_NECK.back,
});

const fill = fillChoices(bodiceOneShoulderChoices, oneShoulderBlock);

/** The bare side is where the zip goes: its seam has the zip's allowance. */
export const withZip = (piece: Piece, { zip }: Allowances): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) =>
    edge.role === 'side' && isOther(edge.id) ? { ...edge, allowance: zip } : edge,
  ),
  ...(piece.dimensions && {
    dimensions: piece.dimensions.map((each) =>
      each.addsBefore ? { ...each, addsBefore: 'zip' as const } : each,
    ),
  }),
});

/** The edges of one side of a piece that is cut whole: what stayed, or what was mirrored. */
const sidesOf = (piece: Piece, other: boolean): string[] =>
  edgesOf(piece, 'side').filter((edge) => isOther(edge) === other);

/** The sides of front and back that are sewn to each other: what stayed, or what was mirrored. */
export function sideSeam(id: string, front: Piece, back: Piece, other: boolean): Seam {
  return equalSeam(id, sidesOf(front, other), sidesOf(back, other), 'backWaistLength');
}

/** An edge that was chosen lower than the bust line on the bare side; the usual drop is drawn higher without a word. */
const dropFindings = (chosen: number, room: number): Finding[] =>
  chosen <= Math.max(room, bodiceOneShoulderChoices.bareSideLower.usual) + TYPED_WITHIN
    ? []
    : [
        finding(
          'top-too-low',
          { piece: 'bodice-front', choice: 'bareSideLower' },
          {
            found: chosen,
            expected: room,
            remedy: { kind: 'set-choice', choice: 'bareSideLower', mm: room },
          },
        ),
      ];

/** Drafted with the shoulder that stays to the right: in front that is the wearer’s left, behind it is her right. */
export const facing = (piece: Piece, face: Face, { shoulder }: BodiceOneShoulderChosen): Piece =>
  (shoulder === 'left') === (face === 'front') ? piece : mirrorPiece(piece);

/** The bodice and the block that it was opened from. */
export interface OneShoulderBodice extends DrawnGarment {
  readonly block: Bodice;
  readonly front: Piece;
  readonly back: Piece;
}

export function drawOneShoulder(
  { body, rules, allowances }: DrawInput,
  chosen: BodiceOneShoulderChosen,
): OneShoulderBodice {
  const block = bodiceBySchool(body, oneShoulderBlock(chosen), rules, allowances);
  const wholes = [openFlat(block.front), openFlat(block.back)] as const;
  const room = Math.min(...wholes.map(roomForDrop));
  const drop = Math.min(chosen.bareSideLower, room);
  const opened = (whole: Piece): Piece =>
    withZip(oneShoulder(whole, { drop, allowance: allowances.top }), allowances);
  const front = facing(opened(wholes[0]), 'front', chosen);
  const back = facing(opened(wholes[1]), 'back', chosen);
  const lining = traced([front, back], 'lining', allowances.liningHem);
  const seams = [
    joined('shoulder', 'shoulder', front, back),
    sideSeam('bodice side', front, back, false),
    sideSeam('bare side', front, back, true),
    ...[front, back].flatMap(dartSeams),
  ];
  return {
    block,
    front,
    back,
    pieces: [front, back, ...lining],
    seams: [...seams, ...seamsIn(seams, 'lining')],
    girths: [
      girthOf('bust', [front, back], body.mm('bust'), chosen.easeBust),
      girthOf('waist', [front, back], body.mm('waist'), chosen.easeWaist),
    ],
    covering: [],
    details: [{ kind: 'zip', face: 'front', edges: sidesOf(front, true) }],
    checks: () => [],
    findings: [...block.findings, ...dropFindings(chosen.bareSideLower, room)],
  };
}

export const bodiceOneShoulderRecipe = bodiceRecipe({ fill, draw: drawOneShoulder });
