import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN } from '../../findings/remedy.ts';
import { distance, type Point } from '../../geometry/point.ts';
import { inches } from '../../units/length.ts';
import type { Body } from '../body.ts';
import type { BodiceChoices, BodiceFrame } from './frame.ts';

/** A frame with what it was resolved from, mm. */
interface Resolved {
  readonly frame: BodiceFrame;
  /** The neck base. */
  readonly base: Point;
  /** The widest neck that leaves a shoulder seam. */
  readonly widest: number;
  /** Down to the waist in front, as the tape has it. */
  readonly measuredFront: number;
}

/** A shoulder that is taken may differ from the drawn one by this, mm. */
const SHOULDER_WITHIN = inches(3 / 8);
/** The most of a longer front that is eased in, mm. */
const EASED_IN = inches(0.25);
/** A child stands with the tummy out, and nothing rides up over a bust; mm. */
const EASED_IN_FOR_CHILD = inches(1);
/** A neck ends at least this far above the bust point, mm. */
const ABOVE_BUST = inches(1);

/** Findings for the measures that the frame of a bodice overrode, and for choices that do not go with them. */
export const frameFindings = (body: Body, choices: BodiceChoices, resolved: Resolved): Finding[] => [
  ...shoulderFindings(body, resolved),
  ...neckFindings(choices, resolved),
  ...waistFindings(body, resolved),
];

function shoulderFindings(body: Body, { frame, base }: Resolved): Finding[] {
  const taken = body.taken('shoulderLength');
  const found = distance(base, frame.tips.front);
  return taken === undefined || Math.abs(found - taken) <= SHOULDER_WITHIN
    ? []
    : [
        finding(
          'shoulder-length-differs',
          { measure: 'shoulderLength' },
          { found, expected: taken, remedy: { kind: 'measure-again', measure: 'shoulderLength' } },
        ),
      ];
}

function neckFindings(
  { neckWidth, neckDepthFront }: BodiceChoices,
  { frame, base, widest }: Resolved,
): Finding[] {
  const off = (
    code: 'neck-narrower-than-base' | 'neck-wider-than-shoulder' | 'neck-deep',
    choice: string,
    found: number,
    expected: number,
  ): Finding =>
    finding(code, { choice }, { found, expected, remedy: { kind: 'set-choice', choice, mm: expected } });
  const deepest = frame.bustPoint.y - ABOVE_BUST;
  return [
    ...(neckWidth < base.x - TYPED_WITHIN
      ? [off('neck-narrower-than-base', 'neckWidth', neckWidth, base.x)]
      : []),
    ...(neckWidth > widest + TYPED_WITHIN
      ? [off('neck-wider-than-shoulder', 'neckWidth', neckWidth, widest)]
      : []),
    ...(neckDepthFront > deepest + TYPED_WITHIN
      ? [off('neck-deep', 'neckDepthFront', neckDepthFront, deepest)]
      : []),
  ];
}

function waistFindings({ kind }: Body, { frame: { waist }, measuredFront }: Resolved): Finding[] {
  const ridesUp = measuredFront - waist.front > (kind === 'child' ? EASED_IN_FOR_CHILD : EASED_IN);
  return [
    ...(ridesUp
      ? [
          finding(
            'front-rides-up',
            { piece: 'bodice-front', choice: 'darts' },
            {
              found: waist.front,
              expected: measuredFront,
              remedy: { kind: 'set-option', choice: 'darts', option: 'darts' },
            },
          ),
        ]
      : []),
    ...(waist.front < waist.back - 1
      ? [
          finding(
            'front-shorter-than-back',
            { measure: 'frontWaistLength' },
            {
              found: waist.front,
              expected: waist.back,
              remedy: { kind: 'measure-again', measure: 'frontWaistLength' },
            },
          ),
        ]
      : []),
  ];
}
