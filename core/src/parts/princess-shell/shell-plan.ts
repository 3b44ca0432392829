import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import { roundBelowWaist } from '../../drafting/round-below-waist.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import type { DropPlan } from '../../drafting/operations/panels/part-at-level.ts';
import { chosen, drawn, plus, sum, type Working } from '../../workings/working.ts';

/** Plan of the shell below the waist, mm. */
export interface BelowPlan {
  /** From the waist down to the hem, at the side. */
  readonly depth: Working;
  /** The finished round there. */
  readonly round: Working;
  /** Sewn to its lining along the hem, instead of turned up. */
  readonly lined: boolean;
  /** Fall of the hem at seams and centres below the side: a hem shaped at the side. */
  readonly tail?: Working;
  /** A front hem that runs down to a point: so far below the side's hem, and so far out from the centre. */
  readonly point?: { readonly lower: number; readonly out: number } | undefined;
}

/** Under the bust either a finished round is wanted, or so much intake on each side of the seam; mm. */
export type UnderBustWish =
  { readonly kind: 'round'; readonly mm: number } | { readonly kind: 'each-side'; readonly mm: number };

/** The shaping of a top edge over the bust: so much on the half, or what brings the edge to a finished round; mm. */
export type OverBustWish =
  { readonly kind: 'taken'; readonly mm: number } | { readonly kind: 'round'; readonly mm: number };

/** Plan of a shell of princess panels: every style of that family is one of these. */
export interface ShellPlan {
  readonly bodice: BodiceChoices;
  /** Edge that the seams leave from: the armhole or the middle of the shoulder; a top edge where there is one. */
  readonly leaves: 'armhole' | 'shoulder' | 'neck';
  /** A top edge below the shoulder, worked out on the block. */
  readonly top?: (bodice: Bodice) => { readonly front: DropPlan; readonly back: DropPlan };
  /** Length of the block's armhole over the measured one, mm: less raises the underarm. */
  readonly armholeEase: number;
  /** Taken out of the top edge; undefined takes nothing. */
  readonly overBust: OverBustWish | undefined;
  /** Shaping of the front's seams under the bust; undefined leaves them straight there. */
  readonly underBust: UnderBustWish | undefined;
  /** In at the centre back waist, mm. */
  readonly nip: number;
  readonly below: BelowPlan | undefined;
  /** Its panels end just under the bust, where what hangs is sewn on: it needs a level there, and has no hem below. */
  readonly endsUnderBust?: boolean;
}

/** Panels of a block to the waist, seams from the armholes and straight: what a style then asks for is laid over it. */
export const plainShell = (bodice: BodiceChoices, rules: RuleSet): ShellPlan => ({
  bodice,
  leaves: 'armhole',
  armholeEase: rules['armhole.ease'],
  overBust: undefined,
  underBust: undefined,
  nip: 0,
  below: undefined,
});

/** A hem below the waist as it is chosen: the body's round there, and the ease over it. */
export const hemBelow = (
  body: Body,
  { length, easeHem }: { readonly length: number; readonly easeHem: number },
): BelowPlan => ({
  depth: chosen('length', length, 'length'),
  round: sum(
    plus(drawn('round there', roundBelowWaist(body, length))),
    plus(chosen('ease', easeHem, 'easeHem')),
  ),
  lined: false,
});

/** The finished round that is wanted under the bust, mm; undefined where none is. */
export const underBustRound = ({ underBust }: ShellPlan): number | undefined =>
  underBust?.kind === 'round' ? underBust.mm : undefined;
