import { allowancesFrom, laterRoles } from '../pieces/allowances.ts';
import { copiedId } from '../drafting/operations/pieces/copy-into.ts';
import { cutLater } from '../drafting/operations/edges/cut-later.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import { allowanceFindings } from '../checks/allowance-findings.ts';
import { figureSlips } from '../drafting/figure-slips.ts';
import { hemsNotLevel, pairsChangedAlone } from '../drafting/changed-alone.ts';
import { correctedFigures } from '../drafting/corrected-figures.ts';
import { dartFindings } from '../checks/dart-findings.ts';
import { coverageOf } from '../checks/coverage.ts';
import { finding, type Finding } from '../findings/finding.ts';
import { isMet, measureRound, roundFindings, type Named, type Round } from '../checks/rounds.ts';
import { outlineFindings, seamFindings } from '../checks/seam-findings.ts';
import type { Detail } from '../drafting/detail.ts';
import type { Draft } from '../drafting/draft.ts';
import { setByHand, unknownFigures } from '../drafting/hand-figures.ts';
import { handLine } from '../pieces/hand-figure.ts';
import { figuresOf, onStitchLine } from '../drafting/figures-of.ts';
import { trueSeam, type SetGarment } from '../drafting/true-seam.ts';
import { checkSeams } from '../pieces/check-seams.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Girth } from '../pieces/girth.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Seam } from '../pieces/seam.ts';
import type { Working } from '../workings/working.ts';
import { lengthOf } from './seam-parts.ts';
import type { DraftInput } from './draft-input.ts';

/** A garment as its recipe drew it, before figures by hand and checks. */
export interface DrawnGarment {
  readonly pieces: readonly Piece[];
  readonly seams: readonly Seam[];
  /** Closed girths of the garment; they are measured on the finished pieces. */
  readonly girths: readonly Girth[];
  /** Ids of the pieces whose neckline is held against the bust line. */
  readonly covering: readonly string[];
  /** Details of it made up, beyond its panels. */
  readonly details: readonly Detail[];
  /** Half the width of a placket that is sewn on at the centre and lies under the neck with its edges, mm. */
  readonly besideNeck?: Working;
  /** Height above the waist of the seam that a skirt is sewn to, mm. */
  readonly hangsAbove?: number;
  /** Checks of the style itself on its finished pieces: openings, coverage. */
  readonly checks: (named: Named) => readonly Finding[];
  /** Findings of the drafting. */
  readonly findings: readonly Finding[];
}

const namedIn =
  (drafted: readonly DraftedPiece[]): Named =>
  (id) => {
    const found = drafted.find(({ piece }) => piece.id === id);
    if (!found) throw new Error(`the garment has no ${id}`);
    return found;
  };

/** The garment with a reserve on what the shop cuts later, said once. */
function withReserves(garment: DrawnGarment, rules: RuleSet): DrawnGarment {
  const roles = laterRoles(rules).filter((role) =>
    garment.pieces.some(({ edges }) => edges.some((edge) => edge.role === role)),
  );
  const reserve = rules['allowance.reserve'];
  if (roles.length === 0) return garment;
  return {
    ...garment,
    pieces: garment.pieces.map((piece) => cutLater(piece, roles, { reserve, after: 'panels-joined' })),
    findings: [
      ...garment.findings,
      finding(
        'cut-later',
        {},
        {
          roles,
          found: reserve,
          remedy: { kind: 'set-rule', rule: 'school.neckCut', value: 'with-piece' },
        },
      ),
    ],
  };
}

/** The girths again on the lining, where it has the same level all round: it is held to them as the outer is. */
function liningRounds(girths: readonly Girth[], drafted: readonly DraftedPiece[]): Round[] {
  // A lining under a facing may begin below the bust line at its side: there the facing goes on.
  const isWhole = ({ edges }: Piece, level: Girth['level']) =>
    level !== 'bust' || edges.every(({ role }) => role !== 'inner');
  const lined = (id: string, level: Girth['level']) =>
    drafted.some(
      ({ piece }) =>
        piece.id === id && isWhole(piece, level) && piece.levels.some(({ name }) => name === level),
    );
  return girths.flatMap((girth) => {
    const runs = girth.runs.map((run) => ({ ...run, piece: copiedId(run.piece, 'lining') }));
    return runs.length > 0 && runs.every(({ piece }) => lined(piece, girth.level))
      ? [{ ...measureRound({ ...girth, runs }, namedIn(drafted)), lining: true }]
      : [];
  });
}

/** Finishes a garment: figures set by hand, cut lines, and every check on the pieces as they then are. */
export function assembleDraft(drawn: DrawnGarment, input: DraftInput): Draft {
  const { rules } = input;
  const readFigures = figuresOf({ allowances: allowancesFrom(rules, input.allowances), rules });
  const garment = withReserves(drawn, rules);
  const remembered = correctedFigures(garment.pieces, readFigures, input.corrections ?? [], handLine(rules));
  const hand = { ...remembered.figures, ...input.figures };
  const made = garment.pieces.map((piece) => setByHand(piece, readFigures, hand));
  const drafted = made.map((each) => each.drafted);
  const onCut = made.flatMap((each) => each.figures);
  const figures = handLine(rules) === 'stitch' ? onCut.map(onStitchLine) : onCut;
  const named = namedIn(drafted);
  const seamsOf = (pieces: readonly DraftedPiece[]) =>
    checkSeams(
      pieces.map(({ piece }) => piece),
      garment.seams,
    );
  const roundFaults = (rounds: readonly Round[]) =>
    roundFindings(rounds, { school: rules['school.block'], hand });
  const seams = seamsOf(drafted);
  const roundsOf = (pieces: readonly DraftedPiece[]) =>
    garment.girths.map((girth) => measureRound(girth, namedIn(pieces)));
  const rounds = roundsOf(drafted);
  const linings = liningRounds(garment.girths, drafted).filter(
    ({ level }) => !rounds.some((round) => round.level === level && !isMet(round)),
  );
  const set: SetGarment = {
    pieces: garment.pieces,
    figuresOf: readFigures,
    hand,
    line: handLine(rules),
    faults: (pieces) => seamsOf(pieces).filter(({ ok }) => !ok).length + roundFaults(roundsOf(pieces)).length,
  };
  const coverage = coverageOf(garment.covering.map((id) => named(id).piece));
  const unknown = unknownFigures(input.figures, figures).map((id) =>
    finding('figure-unknown', { figure: id }, { remedy: { kind: 'clear-figure', figure: id } }),
  );
  return {
    pieces: drafted,
    figures,
    details: garment.details,
    seams,
    rounds,
    coverage,
    findings: [
      ...made.flatMap((each) => each.findings),
      ...garment.findings,
      ...outlineFindings(drafted, hand, lengthOf),
      ...dartFindings(drafted),
      ...seamFindings(seams, hand, (seam) => trueSeam(seam, drafted, set)),
      ...roundFaults([...rounds, ...linings]),
      ...garment.checks(named),
      ...allowanceFindings(rules, input.allowances),
      ...figureSlips(figures, drafted, input.figures),
      ...pairsChangedAlone(figures, drafted, input.figures),
      ...hemsNotLevel(garment.pieces, drafted, input.figures),
      ...remembered.findings,
      ...unknown,
    ],
  };
}
