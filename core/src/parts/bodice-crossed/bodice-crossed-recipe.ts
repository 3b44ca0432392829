import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN } from '../../findings/remedy.ts';
import { armholeChecks } from '../../checks/openings.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import { bodiceFrame, type BodiceChoices, type BodiceFrame, usualSize } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import { pieceCount, strip } from '../../drafting/operations/pieces/strip.ts';
import { girthOf } from '../../pieces/girth.ts';
import { edgesWithRole, roleLength, type Piece } from '../../pieces/piece.ts';
import type { Seam, SeamRun } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import { changed, chosen as chosenTerm, divided, drawn, plus, sum, times } from '../../workings/working.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { seamsIn, traced } from '../../drafting/operations/pieces/traced.ts';
import { dartSeams, edgesOf, joined } from '../../garment/seam-parts.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import { bodiceRecipe, type DrawInput, type Wearer } from '../../garment/part.ts';
import { bodiceCrossedChoices, type BodiceCrossedChosen } from './choices.ts';
import { crossedShell, type CrossedPlan, FRONT_EDGE, mostShorter, roundAboveWaist } from './crossed-shell.ts';

/** The open back ends at least this far above the hem, mm. */
const BACK_ABOVE_HEM = inches(1);

/** Choices of the block; the waist takes the ease of the hem, and is drawn wider by what the hem then lacks. */
const blockChoices = (chosen: BodiceCrossedChosen): BodiceChoices => ({
  neckline: 'v',
  darted: true,
  neckWidth: chosen.neckWidth,
  neckDepthFront: chosen.neckDepthFront,
  neckDepthBack: chosen.neckDepthBack,
  easeBust: chosen.easeBust,
  easeWaist: chosen.easeHem,
});

/** The same with necks that leave a centre above the hem, whatever was chosen: the findings say what was too deep. */
function aboveHem({ waist }: BodiceFrame, chosen: BodiceCrossedChosen) {
  const choices = blockChoices(chosen);
  return {
    ...choices,
    neckDepthFront: Math.min(choices.neckDepthFront, waist.front - chosen.shorter - 2 * FRONT_EDGE),
    neckDepthBack: Math.min(choices.neckDepthBack, waist.back - chosen.shorter - BACK_ABOVE_HEM / 2),
  };
}

/** Unless chosen, the neck lies at its base, and the fronts cross where a straight edge from there to the overlap would. */
function fill(choices: ChoiceValues, { body, rules }: Wearer): BodiceCrossedChosen {
  const filled = withDefaults(bodiceCrossedChoices, choices, usualSize(body));
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
function cropFindings(bodice: Bodice, chosen: BodiceCrossedChosen): Finding[] {
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
function beltOf(body: Body, chosen: BodiceCrossedChosen, longest: number, allowances: Allowances) {
  const length = body.mm('waist') * Number(chosen.beltTimes);
  const pieces = pieceCount(length, longest, allowances.strip);
  const belt = strip({
    id: 'belt',
    name: 'Tie belt',
    role: 'outer',
    length: divided(times(body.term('waist'), Number(chosen.beltTimes)), pieces),
    width: choiceTerm(bodiceCrossedChoices, 'belt', chosen.belt),
    doubled: true,
    copies: pieces,
    allowance: allowances.strip,
    notchesAt: [],
  });
  return { belt, pieces, length };
}

/** Two fronts and a back on lining of the same shape, with the belt that ties them. */
function draw({ body, rules, allowances }: DrawInput, chosen: BodiceCrossedChosen): DrawnGarment {
  const choices = aboveHem(bodiceFrame(body, blockChoices(chosen), rules).frame, chosen);
  const drawBlock = (bust: number, waist: number, near?: Bodice): Bodice =>
    bodiceBySchool(body, { ...choices, given: { bust, waist } }, rules, allowances, near);
  const first = drawBlock(0, 0);
  const termOf = (id: 'overlap' | 'neckDepthFront' | 'shorter') =>
    choiceTerm(bodiceCrossedChoices, id, chosen[id]);
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
  const { belt, pieces, length } = beltOf(body, chosen, rules['strip.longest'], allowances);
  const lining = traced([front, back], 'lining', allowances.liningHem);
  const bodiceSeams = [
    joined('shoulder', 'shoulder', front, back),
    joined('bodice side', 'side', front, back),
    ...[front, back].flatMap(dartSeams),
  ];
  return {
    pieces: [front, back, belt, ...lining],
    seams: [...bodiceSeams, ...seamsIn(bodiceSeams, 'lining'), beltSeam(belt, pieces, length, [front, back])],
    girths: [
      girthOf('bust', [front, back], body.mm('bust'), chosen.easeBust),
      girthOf('hem', [front, back], atHem, chosen.easeHem),
    ],
    covering: [front.id, back.id],
    details: [{ kind: 'sash', piece: belt.id, width: chosen.belt, free: length - sewnToBelt([front, back]) }],
    checks: armholeChecks([front, back], body),
    findings: [...block.findings, ...cropFindings(block, chosen)],
  };
}

/** Length of the hem that the belt is sewn to, all round, mm. */
const sewnToBelt = (halves: readonly Piece[]): number =>
  2 * halves.reduce((total, piece) => total + roleLength(piece, 'hem'), 0);

/** The belt as it is sewn to the hem: so much in the middle of all its pieces, one after the other. */
function sewnBelt(edge: string, pieces: number, length: number, sewn: number): SeamRun[] {
  const each = length / pieces;
  const [start, end] = [(length - sewn) / 2, (length + sewn) / 2];
  return Array.from({ length: pieces }, (_, index): SeamRun => {
    const before = index * each;
    return { edge, from: Math.max(0, start - before), to: Math.min(each, end - before) };
  }).filter(({ from = 0, to = 0 }) => to > from);
}

/** The hem all round, sewn to the middle of the belt; the rest of the belt is free to tie. */
function beltSeam(belt: Piece, pieces: number, length: number, halves: readonly Piece[]): Seam {
  const band = edgesWithRole(belt, 'band').at(-1)?.id ?? 'band';
  return {
    id: 'hem to belt',
    a: halves.flatMap((piece) => edgesOf(piece, 'hem')).map((edge) => ({ edge, times: 2 })),
    b: sewnBelt(`${belt.id}/${band}`, pieces, length, sewnToBelt(halves)),
    relation: { kind: 'equal' },
    governing: 'waist',
  };
}

export const bodiceCrossedRecipe = bodiceRecipe({ fill, draw });
