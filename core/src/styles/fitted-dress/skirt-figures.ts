import type { Figure } from '../../drafting/draft.ts';
import type { Skirt } from '../../drafting/skirt/skirt.ts';
import { endOf, placeAtLength, startOf } from '../../geometry/curve.ts';
import { OUT, DOWN, distance, point } from '../../geometry/point.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { edgeLength, edgeOf, roleLength } from '../../pieces/piece.ts';
import { byRule, chosen, drawn, minus, plus, sum, type Term } from '../../workings/working.ts';
import { fittedDressChoices, type FittedDressChosen } from './choices.ts';
import { dartFigures, type DartWorkings, waistDartTerms } from '../dart-figures.ts';
import {
  allowanceTerm,
  choiceTerm,
  quarterOf,
  figure,
  insideFigure,
  levelEnd,
  outFigure,
  seamFigure,
  type FigureContext,
} from '../figure-parts.ts';

/** Skirt darts share what the hip and waist widths differ by, less the side; their places follow the bodice's darts. */
function skirtDart({ piece }: DraftedPiece, dartId: string): DartWorkings {
  const legs = piece.darts.find(({ id }) => id === dartId)?.legs ?? ['', ''];
  const [outer, inner] = [edgeOf(piece, legs[0]), edgeOf(piece, legs[1])];
  const tip = endOf(outer.path);
  const intake = distance(startOf(outer.path), endOf(inner.path));
  return {
    intake: drawn('share of hip less waist', intake),
    tipOut: drawn('below the bodice dart', tip.x),
    tipDown: drawn('dart depth', tip.y),
  };
}

/** Every cut dimension of a skirt panel, from the waist down; downs are from the waist line at the centre front. */
export function skirtFigures(
  context: FigureContext,
  choices: FittedDressChosen,
  skirt: Skirt,
  piece: DraftedPiece,
  waistLevel: number,
): Figure[] {
  const isFront = piece.piece.id.endsWith('front');
  const isLining = piece.piece.role === 'lining';
  const hemRole = isLining ? 'liningHem' : 'hem';
  const share = drawn('front share', skirt.share);
  const shareTerm: Term = isFront ? plus(share) : minus(share);
  const waistSide = levelEnd(piece, 'waist');
  const hip = levelEnd(piece, 'hip');
  const hem = levelEnd(piece, 'hem');
  const centre = piece.piece.levels.find(({ name }) => name === 'hem')?.path[0] ?? point(0, 0);
  const length = [
    plus(choiceTerm(fittedDressChoices.length, choices.length)),
    minus(drawn('waist line', waistLevel)),
    ...(isLining ? [minus(byRule('lining.shorter', context.rules['lining.shorter']))] : []),
    allowanceTerm(context, hemRole),
  ];
  const hipTerms = [quarterOf(context, 'hip', choices.easeHip), shareTerm, allowanceTerm(context, 'side')];
  return [
    outFigure(
      piece,
      'waist',
      'Waist, across',
      sum(
        plus(drawn('bodice waist', roleLength(piece.piece, 'waist'))),
        ...waistDartTerms(piece),
        allowanceTerm(context, 'side'),
      ),
      'curve of the waist',
    ),
    insideFigure(
      piece,
      'down',
      'waist-side',
      'Waist, down at the side',
      waistSide.y,
      drawn('waist line', 0),
      'rise over the hip',
      { at: waistSide, way: DOWN },
    ),
    insideFigure(
      piece,
      'down',
      'hip-line',
      'Hip line, down',
      hip.y,
      context.body.term('waistToHip'),
      'as drawn',
    ),
    outFigure(piece, 'hip', 'Hip, across', sum(...hipTerms), 'curve of the side'),
    figure(piece, {
      name: 'length',
      label: 'Length, down at the centre',
      kind: 'down',
      mm: centre.y + context.allowances[hemRole],
      stitch: centre.y,
      working: sum(...length),
      because: 'as drawn',
      moves: { at: centre, way: DOWN },
    }),
    figure(piece, {
      name: 'hem',
      label: 'Hem, across',
      kind: 'out',
      mm: piece.corners['side']?.x ?? hem.x,
      stitch: hem.x,
      working: sum(...hipTerms, minus(choiceTerm(fittedDressChoices.pegging, choices.pegging))),
      because: 'curve of the side',
      moves: { at: hem, way: OUT },
    }),
    ...dartFigures(piece, (dartId) => skirtDart(piece, dartId)),
    seamFigure(piece, 'side', 'Side seam'),
    ...openFigures(context, piece),
  ];
}

/** Where the zip ends and how far up the slit is open. */
function openFigures(context: FigureContext, piece: DraftedPiece): Figure[] {
  const zip = piece.piece.notches.find(({ edge }) => edge === 'centre-back');
  const slit = piece.piece.edges.find(({ role }) => role === 'slit');
  const zipAt = zip && placeAtLength(edgeOf(piece.piece, zip.edge).path, zip.at).point.y;
  const zipWorking = sum(
    plus(context.body.term('waistToHip')),
    minus(byRule('zip.aboveHip', context.rules['zip.aboveHip'])),
  );
  return [
    ...(zipAt === undefined
      ? []
      : [
          insideFigure(
            piece,
            'down',
            'zip-end',
            'End of the zip, down',
            zipAt,
            zipWorking,
            'half the hip depth at least',
          ),
        ]),
    ...(slit && piece.piece.role === 'outer'
      ? [
          insideFigure(
            piece,
            'length',
            'slit',
            'Slit, up from the hem',
            edgeLength(slit),
            chosen('slit', edgeLength(slit)),
            'kept below the hip',
          ),
        ]
      : []),
  ];
}
