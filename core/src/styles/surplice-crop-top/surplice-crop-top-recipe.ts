import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN } from '../../findings/remedy.ts';
import { armholeFindings } from '../../checks/openings.ts';
import type { Named } from '../../checks/rounds.ts';
import { allowancesFrom, type Allowances } from '../../pieces/allowances.ts';
import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import { bodiceFrame, type BodiceChoices, type BodiceFrame } from '../../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Detail } from '../../drafting/detail.ts';
import type { Draft } from '../../drafting/draft.ts';
import { gatheredSleeve } from '../../drafting/gathered-sleeve.ts';
import { pieceCount, strip } from '../../drafting/operations/pieces/strip.ts';
import { girthOf } from '../../pieces/girth.ts';
import { edgeLength, edgeOf, edgesWithRole, roleLength, type Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import {
  changed,
  chosen as chosenTerm,
  divided,
  drawn,
  edgeOfPiece,
  plus,
  sum,
  times,
} from '../../workings/working.ts';
import { assembleDraft } from '../../garment/assemble-draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import type { FacedBodiceChosen } from '../faced-bodice/choices.ts';
import { seamsIn, traced } from '../princess-shell/traced.ts';
import { dartSeams, edgesOf, joined } from '../../garment/seam-parts.ts';
import type { Recipe } from '../style.ts';
import type { DraftInput } from '../../garment/draft-input.ts';
import { withDefaults } from '../../garment/choice.ts';
import { surpliceCropTopChoices, type SurpliceCropTopChosen } from './choices.ts';
import { crossedShell, type CrossedPlan, FRONT_EDGE, mostShorter, roundAboveWaist } from './crossed-shell.ts';
import { surpliceCropTop } from './surplice-crop-top.ts';

/** The sleeve's lower end, as a part of its gathered edge. Common practice: it tapers. */
const SLEEVE_TAPER = 0.8;
/** The open back ends at least this far above the hem, mm. */
const BACK_ABOVE_HEM = inches(1);

/** Choices of the block; the waist takes the ease of the hem, and is drawn wider by what the hem then lacks. */
const blockChoices = (chosen: SurpliceCropTopChosen): BodiceChoices & FacedBodiceChosen => ({
  neckline: 'v',
  darted: true,
  neckWidth: chosen.neckWidth,
  neckDepthFront: chosen.neckDepthFront,
  neckDepthBack: chosen.neckDepthBack,
  easeBust: chosen.easeBust,
  easeWaist: chosen.easeHem,
});

/** The same with necks that leave a centre above the hem, whatever was chosen: the findings say what was too deep. */
function aboveHem({ waist }: BodiceFrame, chosen: SurpliceCropTopChosen) {
  const choices = blockChoices(chosen);
  return {
    ...choices,
    neckDepthFront: Math.min(choices.neckDepthFront, waist.front - chosen.shorter - 2 * FRONT_EDGE),
    neckDepthBack: Math.min(choices.neckDepthBack, waist.back - chosen.shorter - BACK_ABOVE_HEM / 2),
  };
}

/** Unless chosen, the neck lies at its base, and the fronts cross where a straight edge from there to the overlap would. */
function fill(body: Body, { choices, rules }: DraftInput): SurpliceCropTopChosen {
  const filled = withDefaults(surpliceCropTopChoices, choices);
  const { frame } = bodiceFrame(body, blockChoices(filled), rules);
  const neckWidth = filled.neckWidth || frame.neckPoint.x;
  const foot = frame.waist.front - filled.shorter - FRONT_EDGE;
  const crossing = (foot * neckWidth) / (neckWidth + filled.overlap);
  const lowestBack = frame.waist.back - filled.shorter - BACK_ABOVE_HEM;
  return {
    ...filled,
    neckWidth,
    neckDepthFront: filled.neckDepthFront || crossing,
    neckDepthBack:
      choices['neckDepthBack'] === undefined
        ? Math.min(filled.neckDepthBack, lowestBack)
        : filled.neckDepthBack,
  };
}

/** A length above the waist, or a back, that leaves no room for the darts or the hem. */
function cropFindings(bodice: Bodice, chosen: SurpliceCropTopChosen): Finding[] {
  const most = mostShorter(bodice);
  const lowest = bodice.frame.waist.back - Math.min(chosen.shorter, most) - BACK_ABOVE_HEM / 2;
  const off = (
    code: 'hem-above-tip' | 'back-open-below-hem',
    choice: string,
    found: number,
    expected: number,
  ) =>
    found <= expected + TYPED_WITHIN
      ? []
      : [
          finding(
            code,
            { choice },
            { found, expected, remedy: { kind: 'set-choice', choice, mm: Math.max(0, expected) } },
          ),
        ];
  return [
    ...off('hem-above-tip', 'shorter', chosen.shorter, most),
    ...off('back-open-below-hem', 'neckDepthBack', chosen.neckDepthBack, lowest),
  ];
}

/** The belt in as many lengths as the cloth gives, sewn along the hem where there is one and tied with the rest. */
function beltOf(body: Body, chosen: SurpliceCropTopChosen, longest: number, allowances: Allowances) {
  const length = body.mm('waist') * Number(chosen.beltTimes);
  const pieces = pieceCount(length, longest, allowances.strip);
  const belt = strip({
    id: 'belt',
    name: 'Tie belt',
    role: 'outer',
    length: divided(times(body.term('waist'), Number(chosen.beltTimes)), pieces),
    width: choiceTerm(surpliceCropTopChoices, 'belt', chosen.belt),
    doubled: true,
    copies: pieces,
    allowance: allowances.strip,
    notchesAt: [],
  });
  return { belt, pieces, length };
}

/** A sleeve gathered to the armhole of both halves. */
const sleeveOf = (
  halves: readonly Piece[],
  chosen: SurpliceCropTopChosen,
  ratio: number,
  allowances: Allowances,
): Piece =>
  gatheredSleeve({
    armhole: sum(
      ...halves.map((piece) => plus(edgeOfPiece(piece.name, 'armhole', roleLength(piece, 'armhole')))),
    ),
    ratio,
    taper: SLEEVE_TAPER,
    length: choiceTerm(surpliceCropTopChoices, 'sleeve', chosen.sleeve),
    allowance: { armhole: allowances.armhole, side: allowances.armhole, hem: allowances.topHem },
  });

function draft(input: DraftInput): Draft {
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, surpliceCropTop.derives, rules);
  const chosen = fill(body, input);
  const allowances = allowancesFrom(rules, input.allowances);
  const choices = aboveHem(bodiceFrame(body, blockChoices(chosen), rules).frame, chosen);
  const drawBlock = (bust: number, waist: number, near?: Bodice): Bodice =>
    bodiceBySchool(body, { ...choices, given: { bust, waist } }, rules, allowances, near);
  const first = drawBlock(0, 0);
  const termOf = (id: 'overlap' | 'neckDepthFront' | 'shorter') =>
    choiceTerm(surpliceCropTopChoices, id, chosen[id]);
  const shorter = Math.min(chosen.shorter, mostShorter(first));
  const atHem = roundAboveWaist(body, first, shorter);
  const plan: CrossedPlan = {
    solved: rules['school.block'] === 'solved',
    bust: body.mm('bust') + chosen.easeBust,
    overlap: termOf('overlap'),
    crossing: termOf('neckDepthFront'),
    shorter: changed(termOf('shorter'), 'kept', shorter - chosen.shorter),
    hem: sum(plus(drawn('round there', atHem)), plus(chosenTerm('ease', chosen.easeHem, 'easeHem'))),
  };
  const { bodice: block, front, back } = crossedShell(drawBlock, plan, allowances);
  const ratio = Number(chosen.sleeveRatio);
  const sleeve = sleeveOf([front, back], chosen, ratio, allowances);
  const { belt, pieces, length } = beltOf(body, chosen, rules['strip.longest'], allowances);
  const lining = traced([front, back], 'lining', allowances.liningHem);
  const halves = (named: Named) => [named(front.id), named(back.id)];
  const arm = body.taken('upperArm');
  const bodiceSeams = [
    joined('shoulder', 'shoulder', front, back),
    joined('bodice side', 'side', front, back),
    ...[front, back].flatMap(dartSeams),
  ];
  return assembleDraft(
    {
      pieces: [front, back, sleeve, belt, ...lining],
      seams: [
        ...bodiceSeams,
        ...seamsIn(bodiceSeams, 'lining'),
        sleeveSeam(sleeve, front, back, ratio),
        beltSeam(belt, pieces, length, [front, back]),
      ],
      girths: [
        girthOf('bust', [front, back], body.mm('bust'), chosen.easeBust),
        girthOf('hem', [front, back], atHem, chosen.easeHem),
        ...(arm === undefined ? [] : [girthOf('sleeveHem', [sleeve], arm, 0, 'at-least')]),
      ],
      covering: [front.id, back.id],
      details: [
        hanging(sleeve, chosen.sleeve, ratio),
        { kind: 'sash', piece: belt.id, width: chosen.belt, free: length - sewnToBelt([front, back]) },
      ],
      checks: (named) => armholeFindings(halves(named), (id) => body.taken(id)),
      findings: [...block.findings, ...cropFindings(block, chosen), ...findings],
    },
    input,
  );
}

/** The sleeve down the arm, from its gathered edge to its lower end. */
const hanging = (sleeve: Piece, length: number, gather: number): Detail => ({
  kind: 'sleeve',
  piece: sleeve.id,
  girths: [
    [0, 2 * roleLength(sleeve, 'armhole')],
    [length, 2 * roleLength(sleeve, 'hem')],
  ],
  underarm: edgeLength(edgeOf(sleeve, 'underarm')),
  gather,
});

const sleeveSeam = (sleeve: Piece, front: Piece, back: Piece, ratio: number): Seam => ({
  id: 'sleeve to armhole',
  a: [`${sleeve.id}/cap`, `${sleeve.id}/cap`],
  b: [...edgesOf(front, 'armhole'), ...edgesOf(back, 'armhole')],
  relation: { kind: 'gather', ratio },
  governing: 'armhole',
});

/** Length of the hem that the belt is sewn to, all round, mm. */
const sewnToBelt = (halves: readonly Piece[]): number =>
  2 * halves.reduce((total, piece) => total + roleLength(piece, 'hem'), 0);

/** The hem of both halves, sewn over a part of the belt; the rest of the belt is free to tie. */
function beltSeam(belt: Piece, pieces: number, length: number, halves: readonly Piece[]): Seam {
  const hems = halves.flatMap((piece) => edgesOf(piece, 'hem'));
  return {
    id: 'hem to belt',
    a: [...hems, ...hems],
    b: Array.from({ length: pieces }, () => edgesWithRole(belt, 'band').at(-1)?.id ?? 'band').map(
      (edge) => `${belt.id}/${edge}`,
    ),
    relation: { kind: 'part', free: length - sewnToBelt(halves), layers: 1 },
    governing: 'waist',
  };
}

export const surpliceCropTopRecipe: Recipe = {
  draft,
  chosen: (input) => fill(resolveBody(input.person, surpliceCropTop.derives, input.rules).body, input),
};
