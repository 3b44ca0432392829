import type { Detail } from '../../drafting/detail.ts';
import { evenly, notched } from '../../drafting/operations/edges/notched.ts';
import { openCentre } from '../../drafting/operations/panels/open-centre.ts';
import { pieceCount, strip } from '../../drafting/operations/pieces/strip.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { centreOf, edgeLength, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { chosen as chosenTerm, divided, edgeOfPiece, plus, sum, times } from '../../workings/working.ts';
import { bodiceStraplessChoices, type BodiceStraplessChosen } from './choices.ts';

/** A loop is cut so long, what hangs of the lace for a bow is so long, and the panel behind it lies so far under each side; mm. Common practice. */
const LOOP = inches(3);
const BOW = inches(20);
const UNDER = inches(1.5);

/** A back that is laced: its centre panel, the strips that go with it, and how it is seen. */
export interface LacedBack {
  readonly centre: Piece;
  readonly strips: readonly Piece[];
  readonly details: readonly Detail[];
}

/** The back opened at its centre by half the gap, with loops for a lace that crosses between them, and a panel behind it. */
export function lacedBack(
  panel: Piece,
  chosen: BodiceStraplessChosen,
  rules: RuleSet,
  allowances: Allowances,
): LacedBack {
  const gap = choiceTerm(bodiceStraplessChoices, 'laceGap', chosen.laceGap);
  const width = choiceTerm(bodiceStraplessChoices, 'laceWidth', chosen.laceWidth);
  const count = Number(chosen.laceLoops);
  const open = openCentre(panel, divided(gap, 2), allowances.front);
  const edge = centreOf(open);
  const long = edgeLength(edge);
  const along = edgeOfPiece(open.name, 'laced edge', long);
  const whole = sum(plus(times(gap, 2 * count)), plus(times(along, 2)), plus(chosenTerm('two ends for the bow', 2 * BOW)));
  const pieces = pieceCount(whole.mm, rules['strip.longest'], allowances.strip);
  const cord = { role: 'outer', width, doubled: true, allowance: Math.min(allowances.strip, inches(0.375)), notchesAt: [] } as const;
  return {
    centre: notched(open, edge.id, evenly(count, long), 'loop'),
    strips: [
      strip({ ...cord, id: 'lace', name: 'Back tie', length: divided(whole, pieces), copies: pieces }),
      strip({ ...cord, id: 'loops', name: 'Loop strip', length: times(chosenTerm('one loop', LOOP), 2 * count), copies: 1 }),
      strip({
        id: 'lace-panel',
        name: 'Panel behind the lace',
        role: 'outer',
        length: along,
        width: sum(plus(gap), plus(chosenTerm('under both sides', 2 * UNDER))),
        doubled: true,
        copies: 1,
        allowance: allowances.strip,
        notchesAt: [],
      }),
    ],
    details: [{ kind: 'lacing', piece: 'lace', between: { edge: edgesOf(open, 'centre')[0] ?? '' }, width: width.mm }],
  };
} // prettier-ignore
