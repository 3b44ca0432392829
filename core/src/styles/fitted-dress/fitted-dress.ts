import { measureRound, roundFindings } from '../../checks/rounds.ts';
import { outlineFindings, seamFindings } from '../../checks/seam-findings.ts';
import { allowancesFrom } from '../../drafting/allowances.ts';
import { draftBodice, type Bodice } from '../../drafting/bodice/bodice.ts';
import { bodiceFrame } from '../../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import { draftSkirt, type Skirt } from '../../drafting/skirt/skirt.ts';
import { checkSeams } from '../../pieces/check-seams.ts';
import { finishPiece } from '../../pieces/drafted-piece.ts';
import type { ChoiceValues, DraftInput, Style } from '../style.ts';
import { bodiceFigures } from './bodice-figures.ts';
import { fittedDressChoices, type FittedDressChoice } from './choices.ts';
import type { FigureContext } from './figures.ts';
import { dressSeams } from './seams.ts';
import { skirtFigures } from './skirt-figures.ts';

type Chosen = { readonly [id in FittedDressChoice]: number };

const derives = [
  'height',
  'highBust',
  'acrossChest',
  'acrossBack',
  'armhole',
  'waistToHip',
  'waistToKnee',
] as const;

/** Choices with defaults filled in: unless chosen, the neck lies at its base and the hem falls at the knee. */
function fillChoices(body: Body, { choices, rules }: DraftInput): Chosen {
  const usual = (id: FittedDressChoice): number => {
    const own = choices[id];
    if (own !== undefined) return own;
    const { usual: value } = fittedDressChoices[id];
    return value === 'from-body' ? 0 : value;
  };
  const ids = Object.keys(fittedDressChoices) as FittedDressChoice[];
  const filled = Object.fromEntries(ids.map((id) => [id, usual(id)])) as Chosen;
  const { frame } = bodiceFrame(body, filled, rules);
  return {
    ...filled,
    neckWidth: choices.neckWidth ?? frame.neckPoint.x,
    length: choices.length ?? frame.waist.front + body.mm('waistToKnee'),
  };
}

function finish(body: Body, choices: Chosen, bodice: Bodice, skirt: Skirt, context: FigureContext): Draft {
  const drafted = [bodice.front, bodice.back, skirt.front, skirt.back].map(finishPiece);
  const [bodiceFront, bodiceBack, skirtFront, skirtBack] = drafted;
  if (!bodiceFront || !bodiceBack || !skirtFront || !skirtBack) throw new Error('the dress has four pieces');
  const seams = checkSeams(
    drafted.map(({ piece }) => piece),
    dressSeams({
      bodiceFront: bodice.front,
      bodiceBack: bodice.back,
      skirtFront: skirt.front,
      skirtBack: skirt.back,
    }),
  );
  const rounds = [
    measureRound('bust', [bodiceFront, bodiceBack], body.mm('bust'), choices.easeBust),
    measureRound('waist', [bodiceFront, bodiceBack], body.mm('waist'), choices.easeWaist),
    measureRound('hip', [skirtFront, skirtBack], body.mm('hip'), choices.easeHip),
  ];
  const figures = [
    ...[bodiceFront, bodiceBack].flatMap((piece) => bodiceFigures(context, choices, bodice, piece)),
    ...[skirtFront, skirtBack].flatMap((piece) =>
      skirtFigures(context, choices, skirt, piece, bodice.frame.waist.front),
    ),
  ];
  const findings = [
    ...bodice.findings,
    ...skirt.findings,
    ...outlineFindings(drafted),
    ...seamFindings(seams),
    ...roundFindings(rounds),
  ];
  return { pieces: drafted, seams, rounds, figures, findings };
}

function draft(input: DraftInput): Draft {
  const { body, findings } = resolveBody(input.person, derives, input.rules);
  const choices = fillChoices(body, input);
  const allowances = allowancesFrom(input.rules, input.allowances);
  const bodice = draftBodice(body, choices, input.rules, allowances);
  const skirtChoices = {
    easeHip: choices.easeHip,
    pegging: choices.pegging,
    length: choices.length - bodice.frame.waist.front,
  };
  const skirt = draftSkirt(body, skirtChoices, bodice, input.rules, allowances);
  const drafted = finish(body, choices, bodice, skirt, { body, allowances, rules: input.rules });
  return { ...drafted, findings: [...drafted.findings, ...findings] };
}

/** A sleeveless dress: darted bodice with round neck, pegged skirt, joined at the waist, zip at the centre back. */
export const fittedDress: Style = {
  id: 'fitted-dress',
  name: 'Fitted dress',
  summary: 'Sleeveless, round neck, waist and bust darts, pegged skirt, zip at the centre back',
  requires: [
    'shoulder',
    'bustSpan',
    'shoulderToBust',
    'frontWaistLength',
    'backWaistLength',
    'bust',
    'waist',
    'hip',
  ],
  derives,
  checks: ['shoulderLength', 'neck', 'underBust', 'shoulderToUnderBust'],
  choices: fittedDressChoices,
  draft,
  chosen: (input): ChoiceValues => fillChoices(resolveBody(input.person, derives, input.rules).body, input),
};
