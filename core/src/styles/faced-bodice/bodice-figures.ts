import { OUT, DOWN } from '../../geometry/point.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { Figure } from '../../drafting/draft.ts';
import { endOf } from '../../geometry/curve.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { edgeOf, edgesWithRole, levelDown, type LevelName } from '../../pieces/piece.ts';
import { byRule, divided, drawn, minus, plus, sum } from '../../workings/working.ts';
import { shareTerm, dropRule, scaled, dartWorkings, chestLine, bustTerms } from './bodice-workings.ts';
import { centreFoot, type HemBelow } from './below-waist.ts';
import { armholeChoices, belowWaistChoices, facedBodiceChoices, type FacedBodiceChosen } from './choices.ts';
import { dartFigures, contourFigures, waistDartTerms } from '../dart-figures.ts';
import {
  allowanceTerm,
  choiceTerm,
  quarterOf,
  cornerFigure,
  insideFigure,
  lessAllowance,
  levelEnd,
  levelStart,
  outFigure,
  outlineOut,
  figure,
  seamFigure,
  type FigureContext,
} from '../figure-parts.ts';

/** How far down the chest line lies on a piece, which a style may have cut deeper than its block, mm. */
function chestOn({ piece }: DraftedPiece): number | undefined {
  const chest = piece.levels.find(({ name }) => name === 'chest');
  return chest && levelDown(chest);
}

/** What is chosen of a neck. */
export type NeckChosen = Pick<FacedBodiceChosen, 'neckWidth' | 'neckDepthFront' | 'neckDepthBack'>;

/** Where neck and shoulder lie on a piece, as far as they are on it. */
export function neckAndShoulder(
  context: FigureContext,
  choices: NeckChosen,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const { frame } = bodice;
  const depth = which === 'front' ? 'neckDepthFront' : 'neckDepthBack';
  const unscaledDrop = frame.tip.y / frame.scale;
  const has = (id: string) => piece.piece.edges.some((edge) => edge.id === id);
  const neckPoint = () =>
    cornerFigure(
      piece,
      edgesWithRole(piece.piece, 'neck').at(-1)?.id ?? 'neck',
      'out',
      'neck-width',
      'Neck, across',
      sum(plus(choiceTerm(facedBodiceChoices.neckWidth, choices.neckWidth)), lessAllowance(context, 'neck')),
    );
  const neckDepth = () =>
    cornerFigure(
      piece,
      `centre-${which}`,
      'down',
      'neck-depth',
      piece.piece.edges.some(({ role }) => role === 'front')
        ? 'Neck, down at the front edge'
        : 'Neck, down at the centre',
      sum(plus(choiceTerm(facedBodiceChoices[depth], choices[depth])), lessAllowance(context, 'neck')),
    );
  const shoulder = () => [
    cornerFigure(
      piece,
      'shoulder',
      'out',
      'shoulder',
      'Shoulder, across',
      sum(plus(divided(context.body.term('shoulder'), 2)), allowanceTerm(context, 'armhole')),
    ),
    cornerFigure(
      piece,
      'shoulder',
      'down',
      'shoulder-drop',
      'Shoulder, drop',
      sum(
        plus(scaled(byRule(dropRule(context), unscaledDrop), frame.scale)),
        lessAllowance(context, 'shoulder'),
      ),
    ),
    seamFigure(piece, 'shoulder', 'Shoulder seam'),
  ];
  return [
    ...(has('shoulder') ? [neckPoint()] : []),
    ...(has(`centre-${which}`) ? [neckDepth()] : []),
    ...(has('shoulder') ? shoulder() : []),
  ];
}

/** The waist line at the centre and where it meets the side. */
export function waistDowns(
  context: FigureContext,
  { frame }: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const waistEnd = levelEnd(piece, 'waist');
  const above = frame.waist[which] - levelStart(piece, 'waist').y;
  const facing = piece.piece.role === 'lining' ? [minus(drawn('facing above', above))] : [];
  const waist =
    which === 'front'
      ? sum(
          plus(drawn('bust line', frame.bustPoint.y)),
          plus(context.body.term('frontWaistLength')),
          minus(context.body.term('shoulderToBust')),
          ...facing,
        )
      : sum(plus(context.body.term('backWaistLength')), ...facing);
  return [
    insideFigure(
      piece,
      'down',
      'waist-line',
      'Waist line, down at the centre',
      levelStart(piece, 'waist').y,
      waist,
      'start of the tape',
      { at: levelStart(piece, 'waist'), way: DOWN },
    ),
    insideFigure(
      piece,
      'down',
      'waist-side',
      'Waist, down at the side',
      waistEnd.y,
      drawn('waist line', levelStart(piece, 'waist').y),
      'to true the side seams',
      { at: waistEnd, way: DOWN },
    ),
  ];
}

function levels(
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const { frame, shape } = bodice;
  const bustLine = { working: plus(context.body.term('shoulderToBust')), because: 'slant of the tape' };
  return [
    insideFigure(
      piece,
      'down',
      'chest-line',
      'Chest line, down',
      chestOn(piece) ?? shape.chest,
      sum(plus(chestLine(context)), plus(choiceTerm(armholeChoices.armholeLower, choices.armholeLower ?? 0))),
      context.rules['school.block'] === 'solved' ? 'set so that the armhole fits' : 'to the nearest half',
    ),
    insideFigure(
      piece,
      'down',
      'bust-line',
      'Bust line, down',
      frame.bustPoint.y,
      sum(bustLine.working),
      bustLine.because,
    ),
    ...(hasLevel(piece, 'waist') ? waistDowns(context, bodice, piece, which) : []),
  ];
}

/** Where the lining begins below its facing, and from there on the same as the bodice. */
export function liningBodiceFigures(
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  piece: DraftedPiece,
): Figure[] {
  const which = whichOf(piece);
  const inner = edgeOf(piece.piece, 'inner').path;
  const side = endOf(inner);
  const above = bodice.frame.waist[which] - levelStart(piece, 'waist').y;
  const hasBust = piece.piece.levels.some(({ name }) => name === 'bust');
  return [
    insideFigure(
      piece,
      'down',
      'inner-side',
      'Edge to the facing, down at the side',
      side.y,
      drawn('facing as drawn', side.y),
      'as drawn',
      { at: side, way: DOWN },
    ),
    ...waistDowns(context, bodice, piece, which),
    ...(hasBust ? [bustFigure(context, choices, bodice, piece, which)] : []),
    waistFigure(context, choices, bodice, piece, which),
    ...dartFigures(piece, (dartId) => {
      const workings = dartWorkings(context, choices, bodice, dartId, which);
      return { ...workings, tipDown: sum(plus(workings.tipDown), minus(drawn('facing above', above))) };
    }),
    ...contourFigures(piece, (dartId) => dartWorkings(context, choices, bodice, dartId, which).intake),
    seamFigure(piece, 'side', 'Side seam'),
  ];
}

const hasLevel = ({ piece }: DraftedPiece, level: LevelName): boolean =>
  piece.levels.some(({ name }) => name === level);

const whichOf = ({ piece }: DraftedPiece): 'front' | 'back' =>
  piece.id.endsWith('front') ? 'front' : 'back';

const bustFigure = (
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure =>
  outFigure(
    piece,
    'bust',
    'Bust, across',
    sum(...bustTerms(context, choices, bodice, which)),
    which === 'front' || context.rules['school.block'] === 'table'
      ? 'curve of the side'
      : 'back dart where it crosses',
  );

const waistFigure = (
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure =>
  outFigure(
    piece,
    'waist',
    'Waist, across',
    sum(
      quarterOf(context, 'waist', choices.easeWaist),
      shareTerm(which, bodice.frame.share / 2),
      ...waistDartTerms(piece),
      allowanceTerm(context, 'side'),
    ),
    'curve of the waist',
  );

/** Where a hem below the waist lies, on a piece that reaches it, and the contour darts above it. */
export function hemFigures(
  context: FigureContext,
  { frame }: Bodice,
  hem: HemBelow,
  piece: DraftedPiece,
): Figure[] {
  if (!hasLevel(piece, 'hem')) return [];
  const which = whichOf(piece);
  const foot = centreFoot(piece.piece);
  return [
    outFigure(
      piece,
      'hem',
      'Hem, across',
      sum(plus(hem.working), shareTerm(which, frame.share / 2), allowanceTerm(context, 'side')),
      'curve of the hem',
    ),
    insideFigure(
      piece,
      'down',
      'hem-centre',
      'Hem, down at the centre',
      foot.y,
      sum(
        plus(drawn('waist line', foot.y - hem.depth)),
        plus(choiceTerm(belowWaistChoices.length, hem.depth)),
      ),
      'as drawn',
      { at: foot, way: DOWN },
    ),
  ];
}

/** Every cut dimension of a bodice piece, from the neck down. */
export function bodiceFigures(
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  piece: DraftedPiece,
): Figure[] {
  const which = whichOf(piece);
  const { bustPoint } = bodice.frame;
  const underarm = levelEnd(piece, 'chest');
  const spanFigure = insideFigure(
    piece,
    'out',
    'bust-point',
    'Bust point, across',
    bustPoint.x,
    divided(context.body.term('bustSpan'), 2),
    'as drawn',
  );
  return [
    ...neckAndShoulder(context, choices, bodice, piece, which),
    ...levels(context, choices, bodice, piece, which),
    figure(piece, {
      name: 'underarm',
      label: 'Underarm, across',
      kind: 'out',
      mm: outlineOut(piece, underarm),
      stitch: underarm.x,
      working: sum(...bustTerms(context, choices, bodice, which)),
      because: 'given back to the bust line',
      moves: { at: underarm, way: OUT },
    }),
    bustFigure(context, choices, bodice, piece, which),
    ...(which === 'front' ? [spanFigure] : []),
    ...(hasLevel(piece, 'waist') ? [waistFigure(context, choices, bodice, piece, which)] : []),
    ...dartFigures(piece, (dartId) => dartWorkings(context, choices, bodice, dartId, which)),
    ...contourFigures(piece, (dartId) => dartWorkings(context, choices, bodice, dartId, which).intake),
    seamFigure(piece, 'side', 'Side seam'),
  ];
}
