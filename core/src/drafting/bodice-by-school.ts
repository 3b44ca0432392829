import { finding, type Finding } from '../findings/finding.ts';
import type { Piece } from '../pieces/piece.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import { chosen, type Working } from '../workings/working.ts';
import type { Allowances } from '../pieces/allowances.ts';
import { draftBodice, type Bodice } from './bodice/bodice.ts';
import type { BodiceChoices } from './bodice/frame.ts';
import type { Body } from './body.ts';
import { draftHabitBodice } from './habit/habit-bodice.ts';
import { closeWedge } from './operations/darts/close-wedge.ts';
import { lowerArmhole } from './operations/edges/lower-armhole.ts';
import { shortenDarts } from './operations/darts/shorten-dart.ts';

function blockBySchool(
  body: Body,
  choices: BodiceChoices,
  rules: RuleSet,
  allowances: Allowances,
  near: Bodice | undefined,
): Bodice {
  switch (rules['school.block']) {
    case 'solved':
      return draftBodice(body, choices, rules, allowances, near);
    case 'table':
      return draftHabitBodice(body, choices, rules, allowances);
  }
}

/** The dart that a wedge in the armhole is closed into, and where in the armhole that wedge lies. */
const WEDGE = { dart: 'bust-dart', at: 0.55 };

const hasDart = ({ darts }: Piece): boolean => darts.some(({ id }) => id === WEDGE.dart);

/** The front's armhole tightened by a wedge that goes into the bust dart; without such a dart it stays. */
const tightened = (front: Piece, by: Working): Piece =>
  hasDart(front)
    ? closeWedge(front, { ...WEDGE, edge: 'armhole', by, operation: 'armhole wedge', level: 'armhole' })
    : front;

/** A wedge that was asked for and has no dart to open. */
const wedgeFindings = (front: Piece, mm: number): Finding[] =>
  mm <= 0 || hasDart(front)
    ? []
    : [
        finding(
          'armhole-not-tightened',
          { piece: front.id, choice: 'armholeTight' },
          { found: mm, expected: 0, remedy: { kind: 'set-choice', choice: 'armholeTight', mm: 0 } },
        ),
      ];

/** The bodice block by the school in force, its armhole as it was chosen; `near` is one drafted for nearly the same choices. */
export function bodiceBySchool(
  body: Body,
  choices: BodiceChoices,
  rules: RuleSet,
  allowances: Allowances,
  near?: Bodice,
): Bodice {
  const block = blockBySchool(body, choices, rules, allowances, near);
  const { armholeLower: lower = 0, armholeTight: tight = 0 } = choices;
  if (lower <= 0 && tight <= 0) return block;
  const down = chosen('armhole lower', lower, 'armholeLower');
  const frontBlock = lowerArmhole(
    tightened(block.frontBlock, chosen('armhole tighter', tight, 'armholeTight')),
    down,
  );
  const back = lowerArmhole(block.back, down);
  return {
    ...block,
    frontBlock,
    front: shortenDarts(frontBlock, rules),
    back,
    findings: [...block.findings, ...wedgeFindings(block.frontBlock, tight)],
    shape: {
      ...block.shape,
      chest: back.levels.find(({ name }) => name === 'chest')?.path[0]?.y ?? block.shape.chest,
    },
  };
}
