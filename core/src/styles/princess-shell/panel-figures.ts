import { DOWN } from '../../geometry/point.ts';
import type { Figure } from '../../drafting/draft.ts';
import { startOf, endOf } from '../../geometry/curve.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { edgeLength, type Edge, type LevelName } from '../../pieces/piece.ts';
import { chosen, divided, drawn, minus, plus, sum, type Term, type Working } from '../../workings/working.ts';
import { shareTerm } from '../faced-bodice/bodice-workings.ts';
import {
  allowanceTerm,
  figure,
  insideFigure,
  lessAllowance,
  levelEnd,
  levelLengthOf,
  levelStart,
  outFigure,
  quarterOf,
  seamFigure,
  type FigureContext,
} from '../figure-parts.ts';
import type { PrincessShell } from './princess-shell.ts';
import { underBustRound, type ShellPlan } from './shell-plan.ts';

/** What the figures of a shell are written from. */
export interface ShellContext extends FigureContext {
  readonly plan: ShellPlan;
  readonly shell: PrincessShell;
}

type Which = 'front' | 'back';

const has = ({ piece }: DraftedPiece, level: LevelName): boolean =>
  piece.levels.some(({ name }) => name === level);

/** What the operations took of a level on this panel, as terms of its width. */
const taken = ({ piece }: DraftedPiece, level: LevelName): Term[] =>
  piece.intakes
    .filter((intake) => intake.level === level && intake.mm > 0.05)
    .map(({ operation, mm }) => minus(drawn(operation, mm)));

/** The half-width that front or back must give at a level, before it is shared between its two panels; as drawn where intake decides. */
function halfWanted(context: ShellContext, which: Which, level: LevelName, halfDrawn: number): Term[] {
  const { plan, shell, body } = context;
  const share = shell.bodice.frame.share;
  switch (level) {
    case 'bust':
      return [quarterOf(context, 'bust', plan.bodice.easeBust), shareTerm(which, share)];
    case 'underBust': {
      const round = underBustRound(plan);
      return round === undefined
        ? [plus(drawn('half-width, by the intake there', halfDrawn))]
        : [quarterOf(context, 'underBust', round - body.mm('underBust'))];
    }
    case 'waist':
      return [quarterOf(context, 'waist', plan.bodice.easeWaist), shareTerm(which, share / 2)];
    case 'hem':
      return plan.below
        ? [
            plus(divided(drawn('round of the hem with ease', plan.below.round), 4)),
            shareTerm(which, share / 2),
          ]
        : [];
    case 'chest':
    case 'hip':
      return [];
  }
}

const levelWords: { readonly [level in LevelName]?: string } = {
  bust: 'Bust',
  underBust: 'Under the bust',
  waist: 'Waist',
  hem: 'Hem',
};

const levels = ['bust', 'underBust', 'waist', 'hem'] as const;

/** Where the seam lies on the centre panel: by the span at the bust in front, as drawn elsewhere. */
function centreWidth(context: ShellContext, which: Which, level: LevelName, drawnMm: number): Working {
  return level === 'bust' && which === 'front'
    ? divided(context.body.term('bustSpan'), 2)
    : drawn('to the seam', drawnMm);
}

function widths(context: ShellContext, piece: DraftedPiece, which: Which): Figure[] {
  const { shell } = context;
  const atCentre = piece.piece.id.endsWith('centre');
  const centrePanel = shell[which].centre;
  return levels
    .filter((level) => has(piece, level))
    .map((level) => {
      const words = levelWords[level] ?? level;
      if (atCentre)
        return outFigure(
          piece,
          level,
          `${words}, across to the seam`,
          sum(
            plus(centreWidth(context, which, level, levelLengthOf(piece, level))),
            ...(level === 'bust' ? taken(piece, level) : []),
            allowanceTerm(context, 'princess'),
          ),
          level === 'bust' ? 'rounded off the bust point' : 'curve of the seam',
        );
      const path = centrePanel.levels.find(({ name }) => name === level)?.path ?? [];
      const [from, to] = [path[0]?.x ?? 0, path.at(-1)?.x ?? 0];
      return outFigure(
        piece,
        level,
        `${words}, seam to side`,
        sum(
          ...halfWanted(context, which, level, to - from + levelLengthOf(piece, level)),
          minus(drawn('centre panel', to - from)),
          allowanceTerm(context, 'side'),
        ),
        'curves of the seams',
      );
    });
}

function downs(context: ShellContext, piece: DraftedPiece, which: Which): Figure[] {
  const { body } = context;
  const down = (level: LevelName, name: string, label: string, working: Working, because: string) =>
    has(piece, level)
      ? [insideFigure(piece, 'down', name, label, levelStart(piece, level).y, working, because)]
      : [];
  const waistTape = body.term(which === 'front' ? 'frontWaistLength' : 'backWaistLength');
  if (!piece.piece.id.endsWith('centre'))
    return has(piece, 'hem')
      ? [
          insideFigure(
            piece,
            'down',
            'hem-side',
            'Hem, down at the side',
            levelEnd(piece, 'hem').y,
            drawn('waist at the side and down to the hem', levelEnd(piece, 'hem').y),
            'as drawn',
          ),
        ]
      : [];
  return [
    ...down(
      'bust',
      'bust-line',
      'Bust line, down',
      sum(plus(body.term('shoulderToBust'))),
      'slant of the tape',
    ),
    ...down(
      'underBust',
      'under-bust-line',
      'Under the bust, down',
      underBustDown(context),
      'slant of the tape',
    ),
    ...down(
      'waist',
      'waist-line',
      'Waist line, down at the centre',
      sum(plus(waistTape)),
      'start of the tape',
    ),
    ...down(
      'hem',
      'hem-line',
      'Hem line, down',
      sum(plus(waistTape), plus(chosen('below the waist', context.plan.below?.depth ?? 0))),
      'start of the tape',
    ),
  ];
}

function underBustDown({ body, shell }: ShellContext): Working {
  return body.taken('shoulderToUnderBust') === undefined
    ? drawn('under the bust line', shell.underBust?.level ?? 0)
    : sum(plus(body.term('shoulderToUnderBust')));
}

/** A top edge: where it stands at the centre and how long it is. */
function topFigures(piece: DraftedPiece, topDown: Working | undefined): Figure[] {
  const top = piece.piece.edges.find(({ role }) => role === 'top');
  if (!top) return [];
  const [start, end] = [startOf(top.path), endOf(top.path)];
  const length = edgeLength(top);
  const contoured = piece.piece.intakes.filter(({ operation }) => operation === 'contour over the bust');
  return [
    insideFigure(
      piece,
      'length',
      'top-edge',
      'Top edge',
      length,
      sum(
        plus(drawn('as drawn', length + contoured.reduce((all, { mm }) => all + mm, 0))),
        ...taken(piece, 'chest'),
      ),
      'curve',
    ),
    ...(piece.piece.id.endsWith('centre')
      ? [
          insideFigure(
            piece,
            'down',
            'top-centre',
            'Top edge, down at the centre',
            start.y,
            topDown ?? drawn('top edge', start.y),
            'the lowest there is',
            { at: start, way: DOWN },
          ),
        ]
      : []),
    insideFigure(
      piece,
      'down',
      'top-outer',
      'Top edge, down at its outer end',
      end.y,
      drawn('top edge', end.y),
      'as drawn',
      { at: end, way: DOWN },
    ),
  ];
}

function seams(context: ShellContext, piece: DraftedPiece): Figure[] {
  const front = piece.piece.edges.find(({ role }) => role === 'front');
  return [
    seamFigure(piece, 'princess', 'Princess seam'),
    ...(piece.piece.edges.some(({ role }) => role === 'side')
      ? [seamFigure(piece, 'side', 'Side seam')]
      : []),
    ...(front ? [standFigure(context, piece, front)] : []),
  ];
}

/** How far the front edge lies past the centre, or inside of it where it was trimmed for a strip. */
function standFigure(context: ShellContext, piece: DraftedPiece, { path }: Edge): Figure {
  const past = -startOf(path).x;
  const stitch = Math.abs(past);
  const allowance = past > 0 ? allowanceTerm(context, 'front') : lessAllowance(context, 'front');
  return figure(piece, {
    name: 'front-edge',
    label: past > 0 ? 'Front edge, past the centre' : 'Front edge, inside the centre',
    kind: 'length',
    mm: stitch + allowance.sign * context.allowances.front,
    stitch,
    working: sum(plus(drawn(past > 0 ? 'stand' : 'half the strip', stitch)), allowance),
    because: 'as drawn',
  });
}

/** What a style knows of its edges above the bust: the sums of neck and shoulder, and of a top edge at the centre. */
export interface UpperEdges {
  readonly neck?: (piece: DraftedPiece, which: Which) => Figure[];
  readonly topDown?: (which: Which) => Working;
}

/** The cut dimensions of a panel of a princess shell, from its upper edge down. */
export function shellPanelFigures(
  context: ShellContext,
  piece: DraftedPiece,
  { neck, topDown }: UpperEdges = {},
): Figure[] {
  const which = piece.piece.id.includes('front') ? 'front' : 'back';
  const hasNeck = piece.piece.edges.some(({ role }) => role === 'neck');
  return [
    ...(hasNeck && neck ? neck(piece, which) : []),
    ...topFigures(piece, topDown?.(which)),
    ...downs(context, piece, which),
    ...widths(context, piece, which),
    ...seams(context, piece),
  ];
}
