import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN } from '../../findings/remedy.ts';
import type { Body } from '../../drafting/body.ts';
import { notched } from '../../drafting/operations/edges/notched.ts';
import { strip } from '../../drafting/operations/pieces/strip.ts';
import { endOf, startOf } from '../../geometry/curve.ts';
import { distance } from '../../geometry/point.ts';
import { edgesWithRole, roleLength, type Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import { changed, divided, drawn, minus, plus, sum, type Working } from '../../workings/working.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { bodiceOffShoulderChoices } from './choices.ts';
import type { PrincessShell } from '../princess-shell/princess-shell.ts';
import { edgesOf } from '../../garment/seam-parts.ts';

/** The bands around the arms, and the shell with their places notched. */
export interface ArmBands {
  readonly shell: PrincessShell;
  readonly band: Piece;
  readonly seams: readonly Seam[];
  readonly findings: readonly Finding[];
}

/** An arm needs at least this of the round, mm: less, and the top edge was measured under the arms. */
const LEAST_SHARE = inches(3);

/** The findings of a share of the round that is too small for an arm. */
export const shareFindings = (piece: string, share: number): Finding[] =>
  share >= LEAST_SHARE
    ? []
    : [
        finding(
          'arm-share-small',
          { piece, measure: 'offShoulderRound' },
          {
            found: share,
            expected: LEAST_SHARE,
            remedy: { kind: 'measure-again', measure: 'offShoulderRound' },
          },
        ),
      ];

/** The share of each arm: half of what the round over both leaves of the top edges, measured straight; as it is drawn, at least what an arm needs. */
export function armShare(
  body: Body,
  shell: PrincessShell,
): { readonly asked: Working; readonly drawn: Working } {
  const [front, back] = [
    straight([shell.front.centre, shell.front.side]),
    straight([shell.back.centre, shell.back.side]),
  ];
  const asked = sum(
    plus(divided(body.term('offShoulderRound'), 2)),
    minus(drawn('top edge in front', front)),
    minus(drawn('top edge behind', back)),
  );
  return { asked, drawn: changed(asked, 'kept', Math.max(0, LEAST_SHARE - asked.mm)) };
}

/** A top edge measured straight, as a tape lies over it; mm. */
const straight = (panels: readonly Piece[]): number =>
  panels
    .flatMap((piece) => edgesWithRole(piece, 'top'))
    .reduce((total, { path }) => total + distance(startOf(path), endOf(path)), 0);

/** A band is drawn no narrower than this so that an arm passes it, mm. */
const LEAST_BAND = inches(0.75);

interface BandOpening {
  readonly share: number;
  /** Depth of the band as it was asked, and as it is drawn. */
  readonly asked: number;
  readonly drawn: number;
  /** The part of the armholes that the top edge leaves. */
  readonly left: readonly [front: number, back: number];
}

/** The opening under a band: its own share of the round, and the armholes below it. */
const openingUnder = (share: number, width: number, [front, back]: BandOpening['left']): number =>
  share + (front - width) + (back - width);

/** Findings where the arm, the round or the armhole that is left is too small. */
function bandFindings(body: Body, { share, asked, drawn: width, left }: BandOpening): Finding[] {
  const upperArm = body.taken('upperArm');
  const opening = openingUnder(share, width, left);
  const most = Math.min(...left);
  return [
    ...shareFindings('arm-band', share),
    ...(asked > most + TYPED_WITHIN
      ? [
          finding(
            'band-too-deep' as const,
            { piece: 'arm-band', choice: 'band' },
            {
              found: asked,
              expected: most,
              remedy: { kind: 'set-choice' as const, choice: 'band', mm: most },
            },
          ),
        ]
      : []),
    ...(upperArm !== undefined && opening < upperArm
      ? [
          finding(
            'opening-too-small' as const,
            { subject: 'armhole', measure: 'upperArm' as const },
            {
              found: opening,
              expected: upperArm,
              remedy: { kind: 'measure-again' as const, measure: 'offShoulderRound' as const },
            },
          ),
        ]
      : []),
    ...(width < Math.min(asked, most) - TYPED_WITHIN
      ? [
          finding(
            'band-narrowed' as const,
            { piece: 'arm-band', choice: 'band' },
            {
              found: asked,
              expected: width,
              remedy: { kind: 'set-choice' as const, choice: 'band', mm: width },
            },
          ),
        ]
      : []),
  ];
}

/**
 * The bands of an off-shoulder top without elastic: each arm's share is half of what the round over both arms leaves of the
 * top edges, measured straight on the drafted panels. A band is doubled, and its ends are sewn over the upper part of what is
 * left of the armholes. Common practice.
 */
export function armBands(body: Body, shell: PrincessShell, wanted: number, allowance: number): ArmBands {
  const [frontLeft, backLeft] = [
    roleLength(shell.front.side, 'armhole'),
    roleLength(shell.back.side, 'armhole'),
  ];
  const { asked, drawn: length } = armShare(body, shell);
  const share = asked.mm;
  const left = [frontLeft, backLeft] as const;
  const deepest = Math.min(wanted, frontLeft, backLeft);
  // An arm that would not pass has a narrower band, which leaves more of the armholes open.
  const lacking = Math.max(0, (body.taken('upperArm') ?? 0) - openingUnder(share, deepest, left));
  const width = Math.min(deepest, Math.max(LEAST_BAND, deepest - lacking / 2));
  const deep = choiceTerm(bodiceOffShoulderChoices, 'band', wanted);
  const band = strip({
    id: 'arm-band',
    name: 'Arm band',
    role: 'outer',
    length,
    width: changed(deep, 'kept', width - wanted),
    doubled: true,
    copies: 2,
    allowance,
    notchesAt: [],
  });
  // The end of a doubled band is folded on itself, so that both its layers lie on the upper part of the armhole.
  const over = (id: string, end: string, side: Piece): Seam => ({
    id,
    a: [{ edge: `${band.id}/${end}` }],
    b: edgesOf(side, 'armhole').map((edge) => ({ edge, to: width, times: 2 })),
    relation: { kind: 'equal' },
    governing: 'armhole',
  });
  return {
    shell: {
      ...shell,
      front: { ...shell.front, side: notched(shell.front.side, 'armhole', [width]) },
      back: { ...shell.back, side: notched(shell.back.side, 'armhole', [width]) },
    },
    band,
    seams: [
      over('band to armhole front', 'end-start', shell.front.side),
      over('band to armhole back', 'end-finish', shell.back.side),
    ],
    findings: bandFindings(body, { share, asked: wanted, drawn: width, left }),
  };
}
